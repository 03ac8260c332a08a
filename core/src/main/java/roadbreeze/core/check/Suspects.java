package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;

/**
 * A truck with each fault that it can have, run at the points that complaint and readings speak of.
 * What is weighed later runs none of that again, but for two faults at once, each pair when it is
 * first asked for. Not thread-safe.
 */
public final class Suspects {
  /** Amounts between mild and severe that are tried. */
  private static final int STEPS = 3;

  private final Setup sound;
  private final Judge judge;
  private final List<OperatingPoint> points;
  private final Spread spread;
  private final List<List<Fault.At>> alone = new ArrayList<>();
  private final Map<List<Fault.At>, List<Seen>> runs = new HashMap<>();

  private Suspects(Setup sound, Judge judge, List<OperatingPoint> points) {
    this.sound = sound;
    this.judge = judge;
    this.points = points;
    spread = Spread.of(sound, points, judge.sources());
    seen(List.of());
    for (Fault fault : Fault.values()) {
      if (fault.canBeOf(sound)) {
        for (double amount : amounts(fault)) {
          alone.add(List.of(new Fault.At(fault, amount)));
        }
      }
    }
    alone.forEach(this::seen);
  }

  /**
   * @param setup as it came; it is healed first
   * @param judge with the stretch of road that the truck is held against
   * @param moments at which temperatures were read
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Suspects of(Setup setup, Judge judge, List<Moment> moments) {
    List<OperatingPoint> points = new ArrayList<>(Sighting.points(judge.point()));
    moments.forEach(m -> points.add(m.point()));
    return new Suspects(Fault.healed(setup), judge, List.copyOf(points));
  }

  /** The truck in good order. */
  Setup sound() {
    return sound;
  }

  Judge judge() {
    return judge;
  }

  Spread spread() {
    return spread;
  }

  /** Each fault at each amount that is tried. */
  List<List<Fault.At>> alone() {
    return alone;
  }

  /** What is seen of the truck with these wrong. */
  List<Seen> seen(List<Fault.At> wrong) {
    return runs.computeIfAbsent(wrong, w -> Seen.of(Fault.on(sound, w), Factors.NOMINAL, points));
  }

  /** What a fault costs on the stretch of road, K. */
  public record Cost(double coolant, double pan) {}

  /** Of one fault of so much, alone. */
  public Cost cost(Fault.At fault) {
    List<OperatingPoint> stretch = points.subList(0, 1);
    Seen with = Seen.of(Fault.on(sound, List.of(fault)), Factors.NOMINAL, stretch).get(0);
    Seen without = seen(List.of()).get(0);
    return new Cost(with.coolant() - without.coolant(), with.pan() - without.pan());
  }

  /** Amounts of a fault that are tried, mild to severe. */
  static List<Double> amounts(Fault fault) {
    int steps = fault.hasAmount() ? STEPS : 1;
    return IntStream.range(0, steps).mapToObj(i -> fault.amount((i + 0.5) / steps)).toList();
  }
}
