package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.problem.NotConvergedException;

/**
 * First-order check of thermostat and fan switch on one climb.
 *
 * <p>The coolant is one heat capacity between two steady states, fan resting and fan running:
 * {@code T(t) = T∞ + (T0 − T∞)·e^(−t/τ)}, τ the capacity over the radiator's heat per kelvin above
 * ambient. It starts from the level road's steady state. The switch acts {@link #LAG} after the
 * coolant reaches it.
 *
 * @param levelRoad coolant on the level before the climb, °C
 * @param restingPeak where the climb settles with the fan at rest, °C; the solver's ceiling if
 *     nowhere
 * @param runningPeak where it settles with the fan running, °C
 * @param fanOnAfter s into the climb; infinite if never
 * @param highest coolant temperature of the run, °C
 */
public record SwitchPlan(
    double levelRoad,
    double restingPeak,
    double runningPeak,
    double fanOnAfter,
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

  /** What a check found, worst first in the list it comes in. */
  public record Finding(Kind kind, String text) {}

  /** Kinds of finding. */
  public enum Kind {
    NEVER_STOPS,
    TOO_LATE,
    NARROW_BAND,
    MAY_NOT_STOP,
    NEVER_NEEDED,
    SOUND
  }

  /**
   * @param limit coolant limit, °C
   */
  public static SwitchPlan check(Rig rig, OperatingPoint climb, FanSwitch fan, double limit) {
    Thermostat thermostat = rig.coolantLoop().thermostat();
    Rig resting = withFanCondition(rig, 0);
    Phase level = Phase.of(resting, climb.withGrade(0));
    Phase climbResting = Phase.of(resting, climb);
    Phase climbRunning = Phase.of(rig, climb);
    // On the level the fan cycles if resting it would pass its switch.
    double start = Math.min(level.settles, fan.on());

    double reached = climbResting.timeTo(start, fan.on());
    double fanOnAfter = reached + LAG;
    double[] time = new double[SAMPLES];
    double[] coolant = new double[SAMPLES];
    double atSwitch =
        Double.isInfinite(reached) ? Double.NaN : climbResting.after(start, fanOnAfter);
    double highest = start;
    for (int i = 0; i < SAMPLES; i++) {
      time[i] = DURATION * i / (SAMPLES - 1);
      coolant[i] =
          time[i] <= fanOnAfter
              ? climbResting.after(start, time[i])
              : climbRunning.after(atSwitch, time[i] - fanOnAfter);
      highest = Math.max(highest, coolant[i]);
    }
    if (fanOnAfter < DURATION) {
      highest = Math.max(highest, atSwitch);
    }
    List<Finding> findings = findings(thermostat, fan, limit, climbResting, climbRunning, atSwitch);
    return new SwitchPlan(
        level.settles,
        climbResting.settles,
        climbRunning.settles,
        fanOnAfter,
        highest,
        findings,
        time,
        coolant);
  }

  private static List<Finding> findings(
      Thermostat thermostat,
      FanSwitch fan,
      double limit,
      Phase resting,
      Phase running,
      double atSwitch) {
    List<Finding> findings = new ArrayList<>();
    if (fan.off() <= thermostat.startToOpen()) {
      add(
          findings,
          Kind.NEVER_STOPS,
          "The fan switches off at %.0f °C, but the thermostat keeps the coolant above %.0f °C: once"
              + " on, it never stops. Raise off above %.0f °C.",
          fan.off(),
          thermostat.startToOpen(),
          thermostat.fullOpen());
    } else if (fan.off() < thermostat.fullOpen()) {
      add(
          findings,
          Kind.MAY_NOT_STOP,
          "Off at %.0f °C lies inside the thermostat's band (%.0f to %.0f °C): on a warm day the fan"
              + " may run long after the climb.",
          fan.off(),
          thermostat.startToOpen(),
          thermostat.fullOpen());
    }
    if (atSwitch > limit && running.settles <= limit) {
      add(
          findings,
          Kind.TOO_LATE,
          "When the fan reaches speed, %.0f s after %.0f °C, the coolant is already at %.1f °C, over"
              + " its limit of %.0f °C. Switch on earlier or by hand before the climb.",
          LAG,
          fan.on(),
          atSwitch,
          limit);
    } else if (fan.on() >= limit) {
      add(
          findings,
          Kind.TOO_LATE,
          "The fan waits for %.0f °C; the limit is %.0f °C.",
          fan.on(),
          limit);
    }
    if (fan.on() - fan.off() < NARROW_HYSTERESIS) {
      add(
          findings,
          Kind.NARROW_BAND,
          "Only %.1f K between on and off: the relay will chatter. Give it %.0f K or more.",
          fan.on() - fan.off(),
          NARROW_HYSTERESIS);
    }
    if (resting.settles < fan.on() && resting.settles <= limit) {
      add(
          findings,
          Kind.NEVER_NEEDED,
          "This climb settles at %.1f °C by ram air alone; the fan stays at rest.",
          resting.settles);
    }
    if (findings.isEmpty()) {
      add(
          findings,
          Kind.SOUND,
          "The fan comes on in time, and stops once the thermostat has the coolant in hand.");
    }
    return findings;
  }

  private static void add(List<Finding> findings, Kind kind, String format, Object... values) {
    findings.add(new Finding(kind, String.format(Locale.ROOT, format, values)));
  }

  private static Rig withFanCondition(Rig rig, double condition) {
    return new Rig(
        rig.powertrain(),
        rig.load(),
        rig.accessories(),
        rig.chargeAir(),
        rig.coolantLoop(),
        rig.oilLoop(),
        rig.stack(),
        rig.fanSettings().stream().map(f -> new FanSetting(f.drive(), condition)).toList());
  }

  /** The same rig with another thermostat, for the comparison the screen shows. */
  public static Rig withThermostat(Rig rig, Thermostat thermostat) {
    CoolantLoop loop = rig.coolantLoop();
    return rig.withCoolantLoop(
        new CoolantLoop(
            loop.coolant(), loop.pumpFlowAt4000(), thermostat, loop.heaterConductance()));
  }

  /** A way to settle: final temperature, and the time constant on the way there. */
  private record Phase(double settles, double timeConstant) {

    static Phase of(Rig rig, OperatingPoint point) {
      Balance balance;
      try {
        balance = new SteadyBalance(rig).solve(point);
      } catch (NotConvergedException e) {
        // Nothing sheds the heat: the coolant climbs towards the solver's ceiling.
        return new Phase(SteadyBalance.COOLANT_CEILING, COOLANT_HEAT_CAPACITY / 250);
      }
      double perKelvin =
          balance.heat().radiator() / Math.max(1, balance.coolant() - point.ambient());
      return new Phase(balance.coolant(), COOLANT_HEAT_CAPACITY / perKelvin);
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
