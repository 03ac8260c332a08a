package roadbreeze.core.roadlog;

import java.util.List;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.rig.Setup;

/** How warm a truck is by what its gauges show; the rest is as usual. */
public final class GaugedState {
  /** The radiator's outlet tank under a coolant at work, where nobody has measured it, K. */
  private static final double OUTLET_UNDER = 12;

  /** A coolant so little under its thermostat has passed it before, K. */
  private static final double OPENS_NEAR = 10;

  /** Of oil that nobody has measured in a truck at work, °C. */
  private static final double USUAL_PAN = 80;

  private GaugedState() {}

  /**
   * Temperatures in °C; the pan's and the feed's are not a number where nobody knows them.
   *
   * @param running switched fans that run, by their places among these
   */
  public static HaulRun.Start of(
      Setup setup, double coolant, double pan, double feed, double ambient, List<Integer> running) {
    double opens = setup.fitting().swaps().thermostat().startToOpen();
    double outlet =
        coolant > opens - OPENS_NEAR
            ? coolant - OUTLET_UNDER
            : Math.min(coolant, ambient + (coolant - ambient) / 3);
    double sump =
        !Double.isNaN(pan) ? pan : !Double.isNaN(feed) ? feed : Math.min(coolant, USUAL_PAN);
    return new HaulRun.Start(coolant, outlet, sump, running);
  }
}
