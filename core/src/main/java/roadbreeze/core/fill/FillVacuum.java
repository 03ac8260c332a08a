package roadbreeze.core.fill;

import roadbreeze.core.air.Air;

/** How far a coolant loop may be drawn empty for filling. */
public final class FillVacuum {
  /** Hoses and heater cores bear no more, Pa; general practice. */
  private static final double USUAL_MOST = 85_000;

  /** What must be left in it, Pa: below that cold water boils, and the needle tells nothing. */
  private static final double LEFT = 15_000;

  private FillVacuum() {}

  /**
   * Most that is drawn at an altitude.
   *
   * @param altitude m
   * @return Pa under the pressure of the air there
   */
  public static double most(double altitude) {
    return Math.min(USUAL_MOST, Air.standardPressure(altitude) - LEFT);
  }
}
