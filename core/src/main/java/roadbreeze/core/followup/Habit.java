package roadbreeze.core.followup;

/**
 * How a truck is used when nobody records it.
 *
 * @param distance m a day
 * @param starts from cold, a day
 * @param hauls with the trailer, a day
 * @param haulDistance m of one haul
 * @param haulOilLife hours at 80 °C that age the oil as one haul does
 */
public record Habit(
    double distance, double starts, double hauls, double haulDistance, double haulOilLife) {
  /**
   * Between hauls the oil is about as warm as it ages by the clock, and the truck about so fast.
   */
  static final double USUAL_SPEED = 50 / 3.6;

  private static final double HOUR = 3600;

  /** What a metre ages the oil by, hauls and other driving together, h. */
  double oilLifePerMetre() {
    double hauled = Math.min(distance, hauls * haulDistance);
    double other = (distance - hauled) / USUAL_SPEED / HOUR;
    return distance > 0 ? (hauls * haulOilLife + other) / distance : 0;
  }

  /** A day of it. */
  public Use perDay() {
    return new Use(1, distance, starts, distance * oilLifePerMetre(), hauls);
  }

  /**
   * What has been done in so many days as far as anybody can say: what was recorded counts as it
   * was, and what was driven beside it as usual.
   *
   * @param driven m by the odometer, or as far as usual
   */
  public Use expected(double days, double driven, Use recorded) {
    double distance = Math.max(driven, recorded.distance());
    return new Use(
        days,
        distance,
        Math.max(recorded.heatCycles(), starts * days),
        recorded.oilLife() + (distance - recorded.distance()) * oilLifePerMetre(),
        Math.max(recorded.hauls(), hauls * days));
  }
}
