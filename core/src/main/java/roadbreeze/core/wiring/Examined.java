package roadbreeze.core.wiring;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A circuit that is looked through: its things, wires and solved situations. */
record Examined(List<Consumer> consumers, Loom loom, Supply supply, States states) {
  /** No coil, lamp or controller draws so much, A. */
  private static final double SHORTED = 10;

  /** All that is there for one thing. */
  List<Scheme.Placed> of(Consumer c) {
    return loom.scheme().parts().stream().filter(p -> p.device().equals(c.id())).toList();
  }

  List<Part.Motor> motors(Consumer c) {
    return of(c).stream()
        .map(Scheme.Placed::part)
        .filter(Part.Motor.class::isInstance)
        .map(Part.Motor.class::cast)
        .toList();
  }

  /** The wire of a thing's control that more goes through than any coil draws. */
  Optional<Run> shorted(Consumer c) {
    return loom.scheme().runs().stream()
        .filter(r -> r.device().equals(c.id()) && !r.role().ofPower())
        .filter(r -> states.most(r.id()) > SHORTED)
        .max(Comparator.comparingDouble(r -> states.most(r.id())));
  }

  /** The situation in which most goes through a wire or part. */
  Optional<Solved> most(String id) {
    return states.solved().stream().max(Comparator.comparingDouble(s -> Math.abs(s.amperes(id))));
  }

  /** Ids of guards before a thing's motors, or before its coils. */
  List<String> guards(String device, boolean power) {
    return loom.scheme().parts().stream()
        .filter(p -> p.device().equals(device) && p.part() instanceof Part.Guard)
        .map(p -> p.part().id())
        .filter(id -> loom.inrush().containsKey(id) == power)
        .toList();
  }
}
