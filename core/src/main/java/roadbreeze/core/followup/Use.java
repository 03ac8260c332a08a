package roadbreeze.core.followup;

/**
 * What a truck has done over some time.
 *
 * @param distance m
 * @param oilLife hours at 80 °C that age the oil as much
 */
public record Use(double days, double distance, double heatCycles, double oilLife, double hauls) {
  public static final Use NONE = new Use(0, 0, 0, 0, 0);

  public double of(Measure measure) {
    return switch (measure) {
      case DAYS -> days;
      case DISTANCE -> distance;
      case HEAT_CYCLES -> heatCycles;
      case OIL_LIFE -> oilLife;
      case HAULS -> hauls;
    };
  }

  /** Both, one after the other. */
  public Use plus(Use other) {
    return new Use(
        days + other.days,
        distance + other.distance,
        heatCycles + other.heatCycles,
        oilLife + other.oilLife,
        hauls + other.hauls);
  }
}
