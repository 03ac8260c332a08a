package roadbreeze.core.wiring;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleBiFunction;

/**
 * The wires and guards of a scheme as they are chosen: the smallest that last, lose little enough,
 * and are protected by what still bears the start.
 *
 * @param wires by the id of their run
 * @param guards by their id, A
 * @param inrush of what is behind each guard of motors, by the guard's id
 */
public record Loom(
    Scheme scheme,
    Map<String, Conductor> wires,
    Map<String, Double> guards,
    Map<String, Inrush> inrush) {

  /**
   * May be lost there and back: this share of the voltage, and of a 12 V truck no more than this.
   */
  private static final double LOST_SHARE = 0.03;

  private static final double MOST_LOST = 0.4;

  /** Of wires whose current is small: what bears being pulled at, m²; common practice. */
  private static final double STURDY = 0.75e-6;

  /** Guards of coils and of gauges, A. */
  private static final double CONTROL_GUARD = 5;

  /** Motors reach their speed with it; 0.15 to 0.4 s by their rotor, s. */
  private static final double RUN_UP = 0.25;

  /** So many sizes larger is a fuse taken for the sake of its start. */
  private static final int LARGER = 2;

  /** A wire of the loom before anything is chosen, Ω. */
  private static final double IDEAL = 1e-3;

  /**
   * A wire where it lies.
   *
   * @param current the most that runs in it, A
   * @param fits a size that is bought bears that and its guard, and loses little enough
   */
  public record Conductor(Wire wire, Surround surround, double current, boolean fits) {
    /** As warm as it gets, °C; no warmer than what its insulation lasts with. */
    double ohms() {
      return wire.resistance(Math.min(Wire.MOST, Math.max(wire.surround(), temperature())));
    }

    /** °C; infinite where it runs away. */
    public double temperature() {
      return wire.temperature(current);
    }
  }

  /**
   * What a person has chosen otherwise.
   *
   * @param areas by run, m²
   * @param lengths by run, as measured, m
   * @param surrounds by run
   * @param guards by guard, A
   */
  public record Choices(
      Map<String, Double> areas,
      Map<String, Double> lengths,
      Map<String, Surround> surrounds,
      Map<String, Double> guards) {
    public static final Choices NONE = new Choices(Map.of(), Map.of(), Map.of(), Map.of());
  }

  /**
   * @param length of a wire from place to place, m
   */
  public static Loom of(
      Scheme scheme,
      Supply supply,
      List<Situation> situations,
      ToDoubleBiFunction<Spot, Spot> length,
      Choices choices) {
    Map<String, Double> ideal = new HashMap<>();
    scheme.runs().forEach(run -> ideal.put(run.id(), IDEAL));
    Network network = new Network(scheme, supply, ideal);
    List<Situation> driving = situations.stream().filter(s -> s.key() == Key.RUNNING).toList();
    States running = States.of(network, driving);
    States starting = States.of(network.atStart(), driving);
    Draft draft = new Draft(scheme, supply, running, length, choices);
    Map<String, Double> guards = new HashMap<>();
    Map<String, Inrush> inrush = new HashMap<>();
    for (Scheme.Placed p : scheme.parts()) {
      if (p.part() instanceof Part.Guard g) {
        double runs = running.most(g.id());
        boolean ofMotors =
            draft.power(p.device()).stream().anyMatch(r -> r.from().equals(g.at("2")));
        Inrush start = new Inrush(Math.max(runs, starting.most(g.id())), runs, RUN_UP);
        if (ofMotors) {
          inrush.put(g.id(), start);
        }
        Double chosen = choices.guards().get(g.id());
        guards.put(
            g.id(), chosen != null ? chosen : ofMotors ? guard(start, p.spot()) : CONTROL_GUARD);
      }
    }
    Map<String, Conductor> wires = new HashMap<>();
    scheme.runs().forEach(run -> wires.put(run.id(), draft.conductor(run, guards)));
    return new Loom(scheme, wires, guards, inrush);
  }

  /** The next size over what runs, or one of the next few that bears the start. */
  private static double guard(Inrush start, Spot spot) {
    boolean hot = spot.kind().surround() == Surround.RADIATOR;
    OptionalDouble least = Fuse.over(start.running(), hot, Double.POSITIVE_INFINITY);
    if (least.isEmpty()) {
      return Fuse.LARGEST;
    }
    double size = least.getAsDouble();
    for (int larger = 0; larger <= LARGER; larger++) {
      if (start.borneBy(size)) {
        return size;
      }
      size = Fuse.above(size).orElse(size);
    }
    return least.getAsDouble();
  }

  /** May be lost on a motor's wires, V. */
  static double allowed(Supply supply) {
    return Math.min(LOST_SHARE * supply.system(), MOST_LOST * supply.scale());
  }

  /** What behaves as this loom does. */
  public Network network(Supply supply) {
    Map<String, Double> ohms = new HashMap<>();
    wires.forEach((id, conductor) -> ohms.put(id, conductor.ohms()));
    return new Network(scheme, supply, ohms);
  }

  /** What is known while wires are chosen. */
  private record Draft(
      Scheme scheme,
      Supply supply,
      States running,
      ToDoubleBiFunction<Spot, Spot> length,
      Choices choices) {

    List<Run> power(String device) {
      return scheme.runs().stream()
          .filter(r -> r.device().equals(device) && r.role().ofPower())
          .toList();
    }

    Conductor conductor(Run run, Map<String, Double> guards) {
      Spot from = scheme.at(run.from()).spot();
      Spot to = scheme.at(run.to()).spot();
      Surround surround =
          choices
              .surrounds()
              .getOrDefault(run.id(), from.kind().surround().or(to.kind().surround()));
      double metres = metres(run);
      Wire wire = new Wire(STURDY, metres, Wire.Laid.IN_LOOM, surround.temperature());
      double current = Math.min(running.most(run.id()), Wire.CURRENT.high());
      Double chosen = choices.areas().get(run.id());
      if (chosen != null) {
        return new Conductor(wire.of(chosen), surround, current, true);
      }
      if (!run.role().ofPower()) {
        return new Conductor(wire, surround, current, wire.carries() >= CONTROL_GUARD);
      }
      double bears = Math.max(current, guard(run, guards));
      double lost = allowed(supply) * metres / Math.max(metres, way(run.device()));
      OptionalDouble area = wire.chosen(current, bears, lost);
      return new Conductor(wire.of(area.orElse(Wire.LARGEST)), surround, current, area.isPresent());
    }

    /** The guard before a wire of power: its device's, which it must bear. */
    private double guard(Run run, Map<String, Double> guards) {
      return power(run.device()).stream()
          .map(r -> part(r.from()))
          .filter(guards::containsKey)
          .mapToDouble(guards::get)
          .max()
          .orElse(0);
    }

    /** There and back by the longest of its ways, m. */
    private double way(String device) {
      return longest(Proposal.TAP, power(device));
    }

    private double longest(String from, List<Run> power) {
      return power.stream()
          .filter(r -> part(r.from()).equals(from))
          .mapToDouble(r -> metres(r) + longest(part(r.to()), power))
          .max()
          .orElse(0);
    }

    private String part(String node) {
      return scheme.at(node).part().id();
    }

    private double metres(Run run) {
      Double measured = choices.lengths().get(run.id());
      return measured != null
          ? measured
          : length.applyAsDouble(scheme.at(run.from()).spot(), scheme.at(run.to()).spot());
    }
  }
}
