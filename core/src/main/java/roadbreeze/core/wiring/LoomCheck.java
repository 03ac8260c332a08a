package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.wiring.WiringCheck.Found;

/** What is wrong with the wires, guards and contacts of a circuit. */
final class LoomCheck {
  /** What a relay's contacts are rated for, A, and what of it is left in the heat. */
  private static final double RELAY_RATING = 40;

  private static final double RELAY_HOT = 0.7;

  /** Wires warm each other's share up a little when all of them are chosen (-); own default. */
  private static final double ROUNDED = 1.05;

  private final Examined at;
  private final Loom loom;
  private final Supply supply;
  private final States states;
  private final List<Found> found = new ArrayList<>();

  private LoomCheck(Examined at) {
    this.at = at;
    loom = at.loom();
    supply = at.supply();
    states = at.states();
  }

  static List<Found> of(Examined at) {
    LoomCheck check = new LoomCheck(at);
    for (Consumer c : at.consumers()) {
      check.wires(c);
      check.guards(c);
      check.contacts(c);
    }
    return check.found;
  }

  private void say(Finding finding, Optional<Situation> in, List<String> along) {
    found.add(new Found(finding, in, along));
  }

  private void wires(Consumer c) {
    boolean shorted = at.shorted(c).isPresent();
    for (Run run : loom.scheme().runs()) {
      if (!run.device().equals(c.id())) {
        continue;
      }
      Loom.Conductor wire = loom.wires().get(run.id());
      List<String> here = List.of(run.id());
      if (!wire.fits()) {
        say(WiringFault.NO_WIRE.with(c.name(), wire.wire().surround()), Optional.empty(), here);
      } else if (wire.temperature() > Wire.MOST && (run.role().ofPower() || !shorted)) {
        say(
            WiringFault.WIRE_HOT.with(c.name(), Math.min(999, wire.temperature()), Wire.MOST),
            Optional.empty(),
            here);
      }
      OptionalDouble guard = guardBefore(run);
      double carries = wire.wire().carries();
      if (guard.isPresent() && guard.getAsDouble() > carries + 1e-9 && wire.fits()) {
        say(
            WiringFault.WIRE_UNPROTECTED.with(c.name(), guard.getAsDouble(), carries),
            Optional.empty(),
            here);
      }
    }
    for (Part.Motor m : at.motors(c)) {
      lost(c, m);
    }
  }

  /** Of a wire that carries a motor's current, or a coil's. */
  private OptionalDouble guardBefore(Run run) {
    boolean power = run.role().ofPower();
    return at.guards(run.device(), power).stream().mapToDouble(loom.guards()::get).max();
  }

  /** From the battery's posts to a motor at full speed and back. */
  private void lost(Consumer c, Part.Motor m) {
    double allowed = Loom.allowed(supply);
    states.solved().stream()
        .filter(s -> s.situation().key() == Key.RUNNING)
        .max(Comparator.comparingDouble(s -> Math.abs(s.speed(m))))
        .ifPresent(
            s -> {
              double lost =
                  c.motors().isEmpty() || c.school().pulsed()
                      ? 0
                      : loom.scheme().runs().stream()
                          .filter(r -> r.device().equals(c.id()) && r.role().ofPower())
                          .filter(r -> reaches(r, m))
                          .mapToDouble(r -> Math.abs(s.volts(r.from()) - s.volts(r.to())))
                          .sum();
              if (lost > allowed * ROUNDED) {
                say(
                    WiringFault.MUCH_LOST.with(c.name(), lost, allowed),
                    Optional.of(s.situation()),
                    List.of(m.id()));
              }
            });
  }

  /** A wire on this motor's way, not on that of another one beside it. */
  private boolean reaches(Run run, Part.Motor m) {
    return Stream.of(run.from(), run.to())
        .map(node -> loom.scheme().at(node).part())
        .noneMatch(p -> p instanceof Part.Motor && !p.equals(m));
  }

  private void guards(Consumer c) {
    for (String id : at.guards(c.id(), true)) {
      double guard = loom.guards().get(id);
      Inrush start = loom.inrush().get(id);
      if (guard < Fuse.OVER_RUNNING * start.running() - 1e-9) {
        say(
            WiringFault.GUARD_SMALL.with(c.name(), guard, Fuse.OVER_RUNNING * start.running()),
            Optional.empty(),
            List.of(id));
      } else if (!start.borneBy(guard) && !c.school().pulsed()) {
        say(
            WiringFault.GUARD_STARTS.with(c.name(), guard, start.first(), start.over(2 * guard)),
            Optional.empty(),
            List.of(id));
      }
      loom.scheme()
          .find(id)
          .map(Scheme.Placed::part)
          .filter(p -> p instanceof Part.Guard g && g.kind() == Part.Guard.Kind.BREAKER_BY_ITSELF)
          .ifPresent(
              p -> say(WiringFault.RESETS_ITSELF.with(c.name()), Optional.empty(), List.of(id)));
    }
  }

  private void contacts(Consumer c) {
    double bears = RELAY_RATING * RELAY_HOT;
    boolean shorted = at.shorted(c).isPresent();
    for (Scheme.Placed p : at.of(c)) {
      if (p.part() instanceof Part.Relay r && states.most(r.id()) > bears && !shorted) {
        say(
            WiringFault.RELAY_SMALL.with(c.name(), states.most(r.id()), bears),
            Optional.empty(),
            List.of(r.id()));
      }
    }
    if (c.byDriver() && !c.switchAt().reached()) {
      say(WiringFault.SWITCH_AWAY.with(c.name(), c.switchAt()), Optional.empty(), List.of());
    }
    if (c.feels() && c.oneWire() && c.inRubber()) {
      say(WiringFault.NO_EARTH_IN_RUBBER.with(c.name()), Optional.empty(), List.of());
    }
  }
}
