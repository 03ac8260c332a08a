package roadbreeze.core.check;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Setup;

/**
 * What the answers of one check come to on a truck. Pass marks are the trade's, see each rule.
 *
 * @param found the faults that the truck is taken to have by it, with their amounts
 * @param stops why the truck must not be driven
 */
public record Judgement(
    Verdict verdict, List<Finding> says, List<Fault.At> found, Optional<Stop> stops) {

  /** How a check ends. */
  public enum Verdict implements Code {
    /** Not enough was read. */
    OPEN,
    PASS,
    FAIL,
    /** What was read cannot be. */
    CONTRADICTS
  }

  // Pass marks.
  private static final double BLOCKED = 0.1; // of the face
  private static final double GAUGE_WITHIN = 4; // K
  private static final double WOBBLE = 5e-3; // m

  // What an answer without a number stands for; our own.
  private static final double WORN_PUMP = 0.6;
  private static final double DEAD_PUMP = 0.3;
  static final double LEAKY_LOOP = 0.05;
  private static final double GURGLING = 0.08;
  private static final double SOME_SEALS = 0.07;
  private static final double NO_SEALS = 0.13;

  /**
   * @param setup the truck as it came
   * @param day where it was driven on the day, for checks that want the model
   */
  public static Judgement of(Check check, Answers a, Setup setup, OperatingPoint day) {
    if (!enough(check, a)) {
      return new Judgement(
          Verdict.OPEN, List.of(Says.INCOMPLETE.with()), List.of(), Optional.empty());
    }
    Found f = new Found();
    switch (check) {
      case COOLANT -> CoolantRules.coolant(a, setup, f);
      case OIL -> OilRules.oil(a, f);
      case COMBUSTION -> {
        if (a.is(Ask.TESTER_TURNED, Answer.YES)) {
          f.fault(Fault.COMBUSTION_GAS, GURGLING);
        }
      }
      case SYSTEM_PRESSURE -> CoolantRules.pressure(a, setup, f);
      case CAP -> CoolantRules.cap(a, setup, day, f);
      case HOSES -> {
        if (a.is(Ask.HOSE_SOFT, Answer.YES) || a.is(Ask.HOSE_CRACKED, Answer.YES)) {
          f.says(Says.HOSE_GIVES);
          f.fault(
              a.is(Ask.HOSE_SOFT, Answer.YES) ? Fault.SUCTION_COLLAPSES : Fault.LEAK,
              a.is(Ask.HOSE_SOFT, Answer.YES) ? WORN_PUMP : LEAKY_LOOP);
        }
      }
      case SUCTION_AT_SPEED -> {
        if (!a.is(Ask.SUCTION_DRAWS, Answer.NO)) {
          double share = a.is(Ask.SUCTION_DRAWS, Answer.FLAT) ? DEAD_PUMP : WORN_PUMP;
          f.says(Says.SUCTION_CLOSES, share);
          f.fault(Fault.SUCTION_COLLAPSES, share);
        }
      }
      case PUMP -> {
        if (a.is(Ask.PUMP_WEEPS, Answer.YES)) {
          f.says(Says.PUMP_LEAKS);
          f.fault(Fault.LEAK, LEAKY_LOOP);
        }
      }
      case FLOW_AT_NECK -> {
        if (!a.is(Ask.NECK_FLOW, Answer.STRONG)) {
          double share = a.is(Ask.NECK_FLOW, Answer.NONE) ? DEAD_PUMP : WORN_PUMP;
          f.says(Says.FLOW_WEAK, share);
          f.fault(Fault.PUMP_WORN, share);
        }
      }
      case HEATER_PIPES -> {
        if (a.is(Ask.PIPES_HOT, Answer.ONE_ONLY) || a.is(Ask.GURGLES, Answer.YES)) {
          f.says(Says.AIR_INSIDE, GURGLING);
          f.fault(Fault.AIR_IN_LOOP, GURGLING);
        }
      }
      case COOL_DAY -> CoolantRules.coolDay(a, setup, day, f);
      case THERMOSTAT_IN_PAN -> CoolantRules.thermostat(a, setup, f);
      case RADIATOR_FACE -> blocked(a, Ask.BLOCKED, Says.FINS_BLOCKED, Fault.RADIATOR_FINS, f);
      case CONDENSER_FACE -> blocked(a, Ask.BLOCKED, Says.FINS_BLOCKED, Fault.CONDENSER_FINS, f);
      case CHARGE_AIR_FACE -> blocked(a, Ask.BLOCKED, Says.FINS_BLOCKED, Fault.CHARGE_AIR_FINS, f);
      // What is dark lies between the cores: on the radiator's face, as the model has it.
      case LIGHT_THROUGH -> blocked(a, Ask.DARK, Says.DARK_BETWEEN, Fault.RADIATOR_FINS, f);
      case SEALS -> {
        if (!a.is(Ask.SEALS_THERE, Answer.ALL)) {
          double back = a.is(Ask.SEALS_THERE, Answer.MOST_MISSING) ? NO_SEALS : SOME_SEALS;
          f.says(Says.SEALS_GONE, back);
          f.fault(Fault.SEALS_MISSING, back);
        }
      }
      case SHROUD -> FanRules.shroud(a, setup, f);
      case FAN_WATCHED -> FanRules.watched(a, setup, f);
      case FAN_FED -> FanRules.fed(a, f);
      case RELAY_BRIDGED -> {
        if (a.is(Ask.BRIDGED_TURNS, Answer.NO)) {
          f.says(Says.MOTOR_DEAD);
          f.fault(Fault.FAN_MOTOR_DEAD);
        } else if (a.is(Ask.COMES_ITSELF, Answer.NO)) {
          f.says(Says.FAN_NOT_SWITCHED);
          f.fault(Fault.FAN_NOT_FED);
        }
      }
      case SENSOR -> FanRules.sensor(a, f);
      case CLUTCH -> FanRules.clutch(a, f);
      case GAUGE -> {
        double more = a.value(Ask.GAUGE_SHOWS) - a.value(Ask.TRULY);
        if (Math.abs(more) > GAUGE_WITHIN) {
          f.says(
              more > 0 ? Says.GAUGE_SHOWS_MORE : Says.GAUGE_SHOWS_LESS,
              a.value(Ask.GAUGE_SHOWS),
              a.value(Ask.TRULY),
              Math.abs(more));
          if (more > 0) {
            f.fault(Fault.GAUGE_HIGH, more);
          }
        }
      }
      case GEARBOX_BYPASS -> OilRules.bypass(a, setup, f);
      case OIL_CAUGHT -> OilRules.caught(a, setup, f);
      case RETURN_LINE -> OilRules.returnLine(a, f);
      case FIRST_LOOK, TRAVERSE -> {}
    }
    return f.judgement(stops(check, a));
  }

  /** Why the truck must not be driven, by a check's answers alone. */
  public static Optional<Stop> stops(Check check, Answers a) {
    return Optional.ofNullable(
        switch (check) {
          case FIRST_LOOK ->
              a.is(Ask.BRAKES_SOFT, Answer.YES)
                  ? Stop.BRAKES_SOFT
                  : a.is(Ask.FAN_CRACKED, Answer.YES) ? Stop.FAN_CRACKED : null;
          case COOLANT -> a.is(Ask.COOLANT_LOOKS, Answer.OILY) ? Stop.OIL_IN_COOLANT : null;
          case OIL -> a.is(Ask.OIL_LOOKS, Answer.MILKY) ? Stop.COOLANT_IN_OIL : null;
          case COMBUSTION -> a.is(Ask.TESTER_TURNED, Answer.YES) ? Stop.COMBUSTION_GAS : null;
          case PUMP -> a.is(Ask.PUMP_PLAY, Answer.YES) ? Stop.BEARING_LOOSE : null;
          case CLUTCH -> a.number(Ask.CLUTCH_PLAY).orElse(0) > WOBBLE ? Stop.BEARING_LOOSE : null;
          default -> null;
        });
  }

  /** The least that lets a check be judged. */
  private static boolean enough(Check check, Answers a) {
    return switch (check) {
      case TRAVERSE -> false;
      case FIRST_LOOK -> a.has(Ask.FAN_CRACKED) || a.has(Ask.BRAKES_SOFT);
      case OIL -> a.has(Ask.OIL_LOOKS) || a.has(Ask.OIL_LEVEL);
      case COOLANT -> a.has(Ask.COOLANT_LOOKS) || a.has(Ask.STRENGTH);
      case HOSES -> a.has(Ask.HOSE_SOFT) || a.has(Ask.HOSE_CRACKED);
      case PUMP -> a.has(Ask.PUMP_WEEPS) || a.has(Ask.PUMP_PLAY);
      case HEATER_PIPES -> a.has(Ask.PIPES_HOT) || a.has(Ask.GURGLES);
      case THERMOSTAT_IN_PAN ->
          a.has(Ask.PAN_START)
              || a.is(Ask.PAN_OPENS, Answer.STAYED_SHUT)
              || a.is(Ask.PAN_OPENS, Answer.STOOD_OPEN)
              || a.is(Ask.PAN_CLOSES, Answer.NO);
      case SYSTEM_PRESSURE -> a.has(Ask.PRESSURE_LOST) || CoolantRules.weeps(a);
      case CAP -> a.has(Ask.CAP_HELD);
      case SHROUD -> a.has(Ask.SHROUD_STANDS);
      case FAN_WATCHED -> a.has(Ask.FAN_COMES);
      case FAN_FED -> a.has(Ask.FED_TURNS);
      case RELAY_BRIDGED ->
          a.is(Ask.BRIDGED_TURNS, Answer.NO) || a.has(Ask.BRIDGED_TURNS, Ask.COMES_ITSELF);
      case SENSOR -> a.has(Ask.SENSOR_READS, Ask.AIR_READS);
      case CLUTCH ->
          a.has(Ask.CLUTCH_HOT)
              || a.has(Ask.CLUTCH_COLD)
              || a.has(Ask.CLUTCH_PLAY)
              || a.has(Ask.PAPER);
      default -> a.has(check.asks().toArray(Ask[]::new));
    };
  }

  private static void blocked(Answers a, Ask zones, Says says, Fault fault, Found f) {
    double share = a.mean(zones);
    if (share > BLOCKED) {
      f.says(says, share);
      f.fault(fault, Math.min(0.9, share));
    }
  }
}
