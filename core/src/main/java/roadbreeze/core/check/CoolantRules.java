package roadbreeze.core.check;

import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.rig.Setup;

/** Pass marks of what the coolant runs through: the mix, the loop, its cap and its thermostat. */
final class CoolantRules {
  // Pass marks of the trade.
  private static final double OPENS_WITHIN = 2; // K
  private static final double FULL_WITHIN = 13; // from start to full, K
  private static final double STEADY_WITHIN = 4; // K
  private static final double TELLING_OPENING = 0.6; // regulated further open it tells nothing
  private static final double CAP_HOLDS = 0.9; // of its stamp
  private static final double CAP_STRONG = 1.15; // of its stamp
  private static final double LEAKS = 5e3; // Pa in ten minutes
  private static final double STRENGTH_WITHIN = 0.05; // share by volume

  private CoolantRules() {}

  static void coolant(Answers a, Setup setup, Found f) {
    if (a.is(Ask.COOLANT_LOOKS, Answer.RUSTY)) {
      f.says(Says.COOLANT_RUSTY);
    }
    double rig = setup.truck().coolant().fluid().glycolFraction();
    a.number(Ask.STRENGTH)
        .ifPresent(
            found -> {
              if (found < Coolant.WEAKEST_KNOWN) {
                f.says(
                    Says.STRENGTH_WEAK, found, rig, Coolant.freezingPoint(Coolant.WEAKEST_KNOWN));
              } else if (Math.abs(found - rig) > STRENGTH_WITHIN) {
                f.says(Says.STRENGTH_DIFFERS, found, rig, Coolant.freezingPoint(found));
              }
            });
  }

  /** Over 5 kPa in ten minutes is a leak; never pumped over the cap's rating. */
  static void pressure(Answers a, Setup setup, Found f) {
    double stamp = setup.truck().coolant().capPressure();
    a.number(Ask.PUMPED_TO)
        .ifPresent(
            pumped -> {
              if (pumped > stamp) {
                f.says(Says.PUMPED_TOO_HIGH, pumped, stamp);
              }
            });
    OptionalDouble lost = a.number(Ask.PRESSURE_LOST);
    boolean fell = lost.orElse(0) > LEAKS;
    if (fell) {
      f.says(Says.PRESSURE_FELL, lost.getAsDouble());
    }
    if (fell || weeps(a)) {
      f.fault(Fault.LEAK, Judgement.LEAKY_LOOP);
    }
    if (fell && !weeps(a)) {
      f.says(Says.LEAK_UNSEEN);
    }
  }

  /** A place is marked where it weeps. */
  static boolean weeps(Answers a) {
    return a.has(Ask.LEAKS_AT) && a.mean(Ask.LEAKS_AT) > 0;
  }

  static void cap(Answers a, Setup setup, OperatingPoint day, Found f) {
    double stamp = setup.truck().coolant().capPressure();
    double held = a.value(Ask.CAP_HELD);
    double share = Math.min(1, held / stamp);
    if (share < CAP_HOLDS) {
      double boils = setup.truck().coolant().fluid().boilingPoint(held, day.altitude());
      f.says(Says.CAP_HOLDS, held, stamp, boils);
      f.fault(Fault.CAP_WEAK, share);
    } else if (held > CAP_STRONG * stamp) {
      f.says(Says.CAP_TOO_STRONG, held, stamp);
    }
    if (a.is(Ask.CAP_SEAL, Answer.WORN)) {
      f.says(Says.CAP_SEAL_WORN);
    }
  }

  /** Within 2 K of its stamp, full within about 10 K more, and it shuts again. */
  static void thermostat(Answers a, Setup setup, Found f) {
    if (a.is(Ask.PAN_OPENS, Answer.STAYED_SHUT)) {
      f.says(Says.THERMOSTAT_STAYS_SHUT);
      f.fault(Fault.THERMOSTAT_SHUT);
      return;
    }
    if (a.is(Ask.PAN_OPENS, Answer.STOOD_OPEN) || a.is(Ask.PAN_CLOSES, Answer.NO)) {
      f.says(Says.THERMOSTAT_STAYS_OPEN);
      f.fault(Fault.THERMOSTAT_OPEN);
      return;
    }
    double start = a.value(Ask.PAN_START);
    double stamp = setup.fitting().swaps().thermostat().startToOpen();
    if (a.has(Ask.PAN_FULL)) {
      double full = a.value(Ask.PAN_FULL);
      if (full <= start) {
        f.contradict();
        f.says(Says.THERMOSTAT_UPSIDE_DOWN, start, full);
        return;
      }
      if (full - start > FULL_WITHIN) {
        f.says(Says.THERMOSTAT_SLOW, start, full);
      }
    }
    opensAt(start, stamp, OPENS_WITHIN, f);
  }

  static void opensAt(double start, double stamp, double within, Found f) {
    double late = start - stamp;
    if (late > within) {
      f.says(Says.THERMOSTAT_OPENS_LATE, start, stamp, late);
      f.fault(Fault.THERMOSTAT_LATE, late);
    } else if (late < -within) {
      f.says(Says.THERMOSTAT_OPENS_EARLY, start, stamp, -late);
      f.fault(Fault.THERMOSTAT_LATE, late);
    }
  }

  /**
   * A level road on a cool day: the thermostat regulates, and where the coolant rests says where it
   * starts to open, whether or not anything is stamped on it.
   */
  static void coolDay(Answers a, Setup setup, OperatingPoint day, Found f) {
    OperatingPoint level =
        new OperatingPoint(0, a.value(Ask.DAY_SPEED), a.value(Ask.DAY_AIR), day.altitude(), false);
    double steady = a.value(Ask.STEADY_COOLANT);
    Setup sound = Fault.healed(setup);
    Thermostat t = sound.fitting().swaps().thermostat();
    double expected = coolant(sound, level);
    double open = coolant(Fault.THERMOSTAT_OPEN.on(sound, Double.NaN), level);
    double opening = t.opening(expected);
    if (opening > TELLING_OPENING) {
      f.says(Says.STEADY_SAYS_NOTHING, opening);
      return;
    }
    if (steady < (open + t.startToOpen()) / 2) {
      f.says(Says.THERMOSTAT_STAYS_OPEN);
      f.fault(Fault.THERMOSTAT_OPEN);
      return;
    }
    // As far as it regulates the coolant rests as much over where it starts to open.
    double start = steady - (expected - t.startToOpen());
    f.says(Says.STEADY_SAYS_START, start, t.startToOpen());
    opensAt(start, t.startToOpen(), STEADY_WITHIN, f);
  }

  static double coolant(Setup setup, OperatingPoint point) {
    return Seen.of(setup, Factors.NOMINAL, List.of(point)).get(0).coolant();
  }
}
