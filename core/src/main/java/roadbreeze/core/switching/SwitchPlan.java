package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.NotConvergedException;

/**
 * First-order check of thermostat and fan switches on one climb.
 *
 * <p>The coolant is one heat capacity on its way between steady states, one for each set of running
 * fans: {@code T(t) = T∞ + (T0 − T∞)·e^(−t/τ)}, τ the capacity over the radiator's heat per kelvin
 * above ambient. It starts from the level road's steady state with the switched fans at rest. A
 * switch acts {@link #LAG} after the coolant reaches it.
 *
 * @param levelRoad coolant on the level before the climb, °C
 * @param restingPeak where the climb settles with the switched fans at rest, °C; the solver's
 *     ceiling if nowhere
 * @param runningPeak where it settles with all fans running, °C
 * @param fans when each switched fan comes on
 * @param highest coolant temperature of the run, °C
 */
public record SwitchPlan(
    double levelRoad,
    double restingPeak,
    double runningPeak,
    List<SwitchedOn> fans,
    double highest,
    List<Finding> findings,
    double[] time,
    double[] coolant) {

  /** Engine block, radiator and coolant together, J/K. */
  public static final double COOLANT_HEAT_CAPACITY = 130e3;

  /** Sensor, relay and spin-up of a switched fan, s. */
  public static final double LAG = 20;

  private static final double DURATION = 900;
  private static final int SAMPLES = 91;
  private static final double NARROW_HYSTERESIS = 3;

  /**
   * When a fan comes on.
   *
   * @param after s into the climb, empty if never
   */
  public record SwitchedOn(Name fan, OptionalDouble after) {}

  /**
   * @param switched fans of the rig that follow a switch; the others run as the balance has them
   * @param limit coolant limit, °C
   */
  public static SwitchPlan check(
      Rig rig, OperatingPoint climb, List<SwitchedFan> switched, double limit) {
    List<SwitchedFan> order = new ArrayList<>(switched);
    order.sort(Comparator.comparingDouble(s -> s.points().on()));
    Run run = new Run(rig, climb, order);
    return new SwitchPlan(
        run.level.settles,
        run.phases.get(0).settles,
        run.phases.get(order.size()).settles,
        run.comesOn(),
        run.highest,
        findings(rig.coolantLoop().thermostat(), run, limit),
        run.time,
        run.coolant);
  }

  /** The climb as its fans come on one after the other. */
  private static final class Run {
    private final List<SwitchedFan> order;
    private final Phase level;

    /** With the first n fans of the order running. */
    private final List<Phase> phases = new ArrayList<>();

    /** When each of the order starts to blow, s; infinite if never. */
    private final double[] blowsAt;

    /** Coolant then, °C. */
    private final double[] coolantThen;

    private final double[] time = new double[SAMPLES];
    private final double[] coolant = new double[SAMPLES];
    private double highest;

    Run(Rig rig, OperatingPoint climb, List<SwitchedFan> order) {
      this.order = order;
      level = Phase.of(resting(rig, order), climb.withGrade(0));
      for (int n = 0; n <= order.size(); n++) {
        phases.add(Phase.of(resting(rig, order.subList(n, order.size())), climb));
      }
      blowsAt = new double[order.size()];
      coolantThen = new double[order.size()];
      // On the level a fan cycles if, resting, the coolant would pass its switch.
      double start =
          order.isEmpty() ? level.settles : Math.min(level.settles, order.get(0).points().on());
      double from = 0;
      double at = start;
      for (int n = 0; n < order.size(); n++) {
        blowsAt[n] = from + phases.get(n).timeTo(at, order.get(n).points().on()) + LAG;
        coolantThen[n] =
            Double.isInfinite(blowsAt[n]) ? Double.NaN : phases.get(n).after(at, blowsAt[n] - from);
        from = blowsAt[n];
        at = coolantThen[n];
      }
      highest = start;
      for (int i = 0; i < SAMPLES; i++) {
        time[i] = DURATION * i / (SAMPLES - 1);
        coolant[i] = coolantAt(time[i], start);
        highest = Math.max(highest, coolant[i]);
      }
      for (int n = 0; n < order.size(); n++) {
        if (blowsAt[n] < DURATION) {
          highest = Math.max(highest, coolantThen[n]);
        }
      }
    }

    private double coolantAt(double t, double start) {
      int n = 0;
      while (n < order.size() && t > blowsAt[n]) {
        n++;
      }
      return n == 0
          ? phases.get(0).after(start, t)
          : phases.get(n).after(coolantThen[n - 1], t - blowsAt[n - 1]);
    }

    List<SwitchedOn> comesOn() {
      List<SwitchedOn> on = new ArrayList<>();
      for (int n = 0; n < order.size(); n++) {
        on.add(
            new SwitchedOn(
                order.get(n).name(),
                Double.isInfinite(blowsAt[n])
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(blowsAt[n])));
      }
      return on;
    }
  }

  private static List<Finding> findings(Thermostat thermostat, Run run, double limit) {
    List<Finding> findings = new ArrayList<>();
    double running = run.phases.get(run.order.size()).settles;
    double resting = run.phases.get(0).settles;
    for (int n = 0; n < run.order.size(); n++) {
      Name fan = run.order.get(n).name();
      FanSwitch points = run.order.get(n).points();
      double start = thermostat.startToOpen();
      double full = thermostat.fullOpen();
      if (points.off() <= start) {
        findings.add(SwitchFinding.NEVER_STOPS.with(fan, points.off(), start, full));
      } else if (points.off() < full) {
        findings.add(SwitchFinding.MAY_NOT_STOP.with(fan, points.off(), start, full));
      }
      if (run.coolantThen[n] > limit && running <= limit) {
        findings.add(SwitchFinding.TOO_LATE.with(fan, LAG, points.on(), run.coolantThen[n], limit));
      } else if (points.on() >= limit) {
        findings.add(SwitchFinding.WAITS_PAST_LIMIT.with(fan, points.on(), limit));
      }
      double band = points.on() - points.off();
      if (band < NARROW_HYSTERESIS) {
        findings.add(SwitchFinding.NARROW_BAND.with(fan, band, NARROW_HYSTERESIS));
      }
      if (resting < points.on() && resting <= limit) {
        findings.add(SwitchFinding.NEVER_NEEDED.with(fan, resting));
      }
    }
    findings.sort(Comparator.comparing(f -> (SwitchFinding) f.code()));
    if (findings.isEmpty()) {
      findings.add(SwitchFinding.SOUND.with());
    }
    return findings;
  }

  private static Rig resting(Rig rig, List<SwitchedFan> fans) {
    return rig.withResting(f -> fans.stream().anyMatch(s -> s.index() == f));
  }

  /** A way to settle: final temperature, and the time constant on the way there. */
  private record Phase(double settles, double timeConstant) {

    static Phase of(Rig rig, OperatingPoint point) {
      Optional<Balance> balance = settled(rig, point);
      if (balance.isEmpty()) {
        // Nothing sheds the heat: the coolant climbs towards the solver's ceiling.
        return new Phase(SteadyBalance.COOLANT_CEILING, COOLANT_HEAT_CAPACITY / 250);
      }
      Balance b = balance.get();
      double perKelvin = b.heat().radiator() / Math.max(1, b.coolant() - point.ambient());
      return new Phase(b.coolant(), COOLANT_HEAT_CAPACITY / perKelvin);
    }

    private static Optional<Balance> settled(Rig rig, OperatingPoint point) {
      try {
        return Optional.of(new SteadyBalance(rig).quiet().solve(point));
      } catch (NotConvergedException e) {
        return Optional.empty();
      }
    }

    double after(double start, double time) {
      return settles + (start - settles) * Math.exp(-time / timeConstant);
    }

    /** Time until a temperature is reached, s; 0 if already there, infinite if never. */
    double timeTo(double start, double wanted) {
      if (start >= wanted) {
        return 0;
      }
      if (settles <= wanted) {
        return Double.POSITIVE_INFINITY;
      }
      return timeConstant * Math.log((settles - start) / (settles - wanted));
    }
  }
}
