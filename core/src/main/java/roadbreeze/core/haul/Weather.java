package roadbreeze.core.haul;

/**
 * The air of a day.
 *
 * @param coldest just before dawn, °C
 * @param hottest in the afternoon, °C
 * @param departure hour of the day, 0 to 24
 * @param elevation at which it is so, m; it falls by {@link #LAPSE} with height
 */
public record Weather(double coldest, double hottest, double departure, double elevation) {
  /** K/m */
  public static final double LAPSE = 6.5e-3;

  private static final double HOTTEST_HOUR = 15;
  public static final double COLDEST_HOUR = 3;
  private static final double HOURS = 24;
  private static final double SECONDS_PER_HOUR = 3600;

  /** As warm all day. */
  public static Weather steady(double ambient, double elevation) {
    return new Weather(ambient, ambient, HOTTEST_HOUR, elevation);
  }

  /** Another day, so much warmer from dawn to dawn, K. */
  Weather warmer(double by) {
    return new Weather(coldest + by, hottest + by, departure, elevation);
  }

  /** The same for one who leaves later, s. */
  Weather later(double time) {
    return new Weather(coldest, hottest, departure + time / SECONDS_PER_HOUR, elevation);
  }

  /**
   * Ambient so long after departure at a height, °C: a sine over the day.
   *
   * @param time s
   * @param height m
   */
  public double ambient(double time, double height) {
    double hour = departure + time / SECONDS_PER_HOUR;
    double swing = Math.cos(2 * Math.PI * (hour - HOTTEST_HOUR) / HOURS);
    return (hottest + coldest) / 2 + (hottest - coldest) / 2 * swing - LAPSE * (height - elevation);
  }
}
