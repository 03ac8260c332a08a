package roadbreeze.core.check;

import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.vehicle.Rpm;

/** Pass marks of the gearbox's oil and of its lines. */
final class OilRules {
  // Pass marks of the trade.
  private static final double LEAST_OIL = 0.75; // of the proper flow
  private static final double BYPASS_WITHIN = 8; // K
  private static final double LINES_APART = 3; // K
  private static final double FAR_APART = 6; // K

  private OilRules() {}

  static void oil(Answers a, Found f) {
    if (a.is(Ask.OIL_LOOKS, Answer.BURNT)) {
      f.says(Says.OIL_BURNT);
    } else if (a.is(Ask.OIL_LOOKS, Answer.DARK)) {
      f.says(Says.OIL_DARK);
    }
    if (a.has(Ask.OIL_LEVEL) && !a.is(Ask.OIL_LEVEL, Answer.RIGHT)) {
      f.says(Says.OIL_LEVEL_WRONG);
    }
  }

  /** Oil comes to the cooler between where the gearbox's bypass starts and where it is done. */
  static void bypass(Answers a, Setup setup, Found f) {
    double pan = a.value(Ask.PAN_THEN);
    boolean hot = a.is(Ask.LINE_HOT, Answer.YES);
    Bypass own = setup.truck().oil().bypass();
    if (!own.works() || setup.fitting().oil().bypassPinned()) {
      if (!hot) {
        f.says(Says.NO_OIL_COMES);
        f.fault(Fault.OIL_FLOW_LOW, Fault.OIL_FLOW_LOW.amount(1));
      }
      return;
    }
    if (!hot && pan > own.open() + BYPASS_WITHIN) {
      f.says(Says.BYPASS_NEVER_OPENS, pan, own.open());
      f.fault(Fault.GEARBOX_BYPASS_SHUT);
    } else if (!hot) {
      f.says(Says.BYPASS_TOO_SOON, pan, own.open());
    } else if (pan < own.shut() - BYPASS_WITHIN) {
      f.says(Says.BYPASS_ALWAYS_OPEN, pan, own.shut());
      f.fault(Fault.GEARBOX_BYPASS_OPEN);
    }
  }

  /** At idle the pump moves its flow in proportion to 1,500 rpm. */
  static void caught(Answers a, Setup setup, Found f) {
    double flow = a.value(Ask.CAUGHT) / a.value(Ask.CAUGHT_IN);
    double idle = Rpm.fromRadPerSecond(setup.truck().powertrain().engine().idleSpeed());
    double proper = setup.truck().oil().flow() * Math.min(1, idle / 1500);
    double share = flow / proper;
    f.says(Says.OIL_FLOWS, flow, proper, Math.min(2, share));
    if (share < LEAST_OIL) {
      f.fault(Fault.OIL_FLOW_LOW, Math.max(0.05, share));
    }
  }

  /**
   * The line nearer the tank's temperature leaves it. It counts only where the lines differ by 3 K
   * and the farther one differs from the tank by 6 K.
   */
  static void returnLine(Answers a, Found f) {
    double one = a.value(Ask.PORT_ONE);
    double two = a.value(Ask.PORT_TWO);
    double tank = a.value(Ask.TANK_BETWEEN);
    double lines = Math.abs(one - two);
    double far = Math.max(Math.abs(one - tank), Math.abs(two - tank));
    if (lines < LINES_APART || far < FAR_APART) {
      f.says(Says.RETURN_NOT_TOLD, lines, far);
    } else {
      f.says(
          Math.abs(one - tank) < Math.abs(two - tank)
              ? Says.RETURN_IS_FIRST
              : Says.RETURN_IS_SECOND);
    }
  }
}
