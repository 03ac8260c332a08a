package roadbreeze.core.check;

import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.rig.Setup;

/** Pass marks of what moves the air: shroud, motor, sensor and clutch. */
final class FanRules {
  // Pass marks of the trade.
  private static final double CURRENT_WITHIN = 0.15; // of the plate
  private static final double SENSOR_WITHIN = 3; // K
  private static final double COMES_WITHIN = 4; // K
  private static final double WIDE_TIPS = 25e-3; // m

  /** With one answer a reading may be typed in the wrong unit so far from all else, K. */
  private static final double FAHRENHEIT_WITHIN = 4;

  // What an answer without a number stands for: shares of what a sound clutch carries; our own.
  private static final double SLIPS = 0.4;
  private static final double LETS_GO = 0.25;

  private FanRules() {}

  static void shroud(Answers a, Setup setup, Found f) {
    if (a.is(Ask.SHROUD_STANDS, Answer.GONE)) {
      f.says(Says.SHROUD_MISSING);
      f.fault(Fault.SHROUD_GONE);
    } else if (a.is(Ask.SHROUD_STANDS, Answer.CRACKED)) {
      f.says(Says.SHROUD_CRACKED);
    }
    a.number(Ask.TIP_GAP)
        .ifPresent(
            gap -> {
              if (gap > WIDE_TIPS) {
                f.says(Says.TIPS_WIDE, gap, setup.truck().front().tipGap());
              }
            });
  }

  static void watched(Answers a, Setup setup, Found f) {
    if (a.is(Ask.FAN_COMES, Answer.NO)) {
      f.says(Says.FAN_STAYS_AWAY);
      f.fault(Fault.FAN_NOT_FED);
      return;
    }
    if (!a.has(Ask.COMES_AT)) {
      return;
    }
    setup
        .fitting()
        .fans()
        .get(0)
        .switched()
        .ifPresent(
            points -> {
              double late = a.value(Ask.COMES_AT) - points.on();
              if (late > COMES_WITHIN) {
                f.says(Says.FAN_COMES_LATE, a.value(Ask.COMES_AT), points.on(), late);
                f.fault(Fault.SENSOR_LOW, late);
              }
            });
  }

  /** Turns, the right way, at a current within 15 % of its plate; free and quiet by hand. */
  static void fed(Answers a, Found f) {
    if (a.is(Ask.FED_TURNS, Answer.NO)) {
      f.says(Says.MOTOR_DEAD);
      f.fault(Fault.FAN_MOTOR_DEAD);
      return;
    }
    if (a.is(Ask.FED_WAY, Answer.BACKWARDS)) {
      f.says(Says.MOTOR_RUNS_BACKWARDS);
      f.fault(Fault.FAN_BACKWARDS);
    }
    if (a.has(Ask.FED_CURRENT, Ask.PLATE_CURRENT)) {
      double current = a.value(Ask.FED_CURRENT);
      double plate = a.value(Ask.PLATE_CURRENT);
      if (current < (1 - CURRENT_WITHIN) * plate) {
        // A fan's torque, and so its current, goes with the square of its speed.
        double share = Math.sqrt(current / plate);
        f.says(Says.MOTOR_WEAK, current, plate, share);
        f.fault(Fault.FAN_WEAK, share);
        return;
      }
      if (current > (1 + CURRENT_WITHIN) * plate) {
        f.says(Says.MOTOR_BINDS, current, plate);
        f.fault(Fault.FAN_WEAK, Fault.FAN_WEAK.amount(0));
        return;
      }
    }
    if (a.is(Ask.TURNS_FREE, Answer.NO)) {
      f.says(
          Says.MOTOR_BINDS,
          a.number(Ask.FED_CURRENT).orElse(0),
          a.number(Ask.PLATE_CURRENT).orElse(0));
      f.fault(Fault.FAN_WEAK, Fault.FAN_WEAK.amount(0));
    }
  }

  /** A cold sensor reads the air. */
  static void sensor(Answers a, Found f) {
    double reads = a.value(Ask.SENSOR_READS);
    double air = a.value(Ask.AIR_READS);
    if (fahrenheit(reads, air, f) || fahrenheit(air, reads, f)) {
      return;
    }
    double low = air - reads;
    if (low > SENSOR_WITHIN) {
      f.says(Says.SENSOR_READS_LOW, reads, air, low);
      f.fault(Fault.SENSOR_LOW, low);
    } else if (low < -SENSOR_WITHIN) {
      f.says(Says.SENSOR_READS_HIGH, reads, air, -low);
      f.fault(Fault.SENSOR_LOW, low);
    }
    if (a.is(Ask.UNPLUGGED_RUNS, Answer.NO)) {
      f.says(Says.FAN_NOT_SWITCHED);
      f.fault(Fault.FAN_NOT_FED);
    }
  }

  /** Where one of two that should agree does so as Fahrenheit only, it was typed as that. */
  static boolean fahrenheit(double value, double other, Found f) {
    double instead = (value - 32) / 1.8;
    boolean so =
        Math.abs(value - other) > 3 * FAHRENHEIT_WITHIN
            && Math.abs(instead - other) <= FAHRENHEIT_WITHIN;
    if (so) {
      f.contradict();
      f.says(Says.LOOKS_FAHRENHEIT, value, instead);
    }
    return so;
  }

  static void clutch(Answers a, Found f) {
    if (!a.is(Ask.PAPER, Answer.NOT_DONE) && a.has(Ask.PAPER)) {
      f.says(Says.PAPER_IS_DANGEROUS);
    }
    boolean solid = a.is(Ask.CLUTCH_COLD, Answer.SOLID) || a.is(Ask.CLUTCH_HOT, Answer.SOLID);
    if (solid) {
      f.says(Says.CLUTCH_IS_SOLID);
      f.fault(Fault.CLUTCH_LOCKED);
    } else if (a.is(Ask.CLUTCH_HOT, Answer.SPINS) || a.is(Ask.PAPER, Answer.STOPPED_IT)) {
      double share = a.is(Ask.CLUTCH_COLD, Answer.SPINS) ? LETS_GO : SLIPS;
      f.says(Says.CLUTCH_LETS_GO, share);
      f.fault(Fault.CLUTCH_SLIPS, share);
    } else if (a.is(Ask.CLUTCH_STREAKS, Answer.YES)) {
      f.says(Says.CLUTCH_STREAKED);
    }
  }
}
