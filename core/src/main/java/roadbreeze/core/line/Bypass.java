package roadbreeze.core.line;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * What lets oil past a core. By temperature: below {@code shut} all oil passes beside the core,
 * above {@code open} all goes through it, linear between. By pressure: what the core would hold up
 * more than that goes past it, so that thick oil is spared. {@link #NONE} sends all oil through.
 *
 * @param shut °C
 * @param open °C
 * @param pressure that a valve across the core opens at, Pa
 */
public record Bypass(double shut, double open, OptionalDouble pressure) {
  public static final Bypass NONE =
      byTemperature(Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY);

  /** Between a wax element's first and full opening, K. */
  private static final double WAX_BAND = 12;

  private static final int MAX_STEPS = 60;

  /** Between laminar (1) and turbulent drop. */
  private static final double USUAL_EXPONENT = 1.2;

  public static Bypass byTemperature(double shut, double open) {
    return new Bypass(shut, open, OptionalDouble.empty());
  }

  /** With a usual wax element that sends all oil through from a temperature on, °C. */
  public static Bypass waxed(double open) {
    return byTemperature(open - WAX_BAND, open);
  }

  public static Bypass byPressure(double pressure) {
    return new Bypass(
        Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, OptionalDouble.of(pressure));
  }

  /** Nothing goes through at any temperature. */
  public static Bypass shutForGood() {
    return byTemperature(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
  }

  /** Whether it lets oil by at some temperature and not at another. */
  public boolean works() {
    return Double.isFinite(open);
  }

  /** How that share grows with the oil, 1/K. */
  public double slope(double oilTemperature) {
    return oilTemperature > shut && oilTemperature < open ? 1 / (open - shut) : 0;
  }

  /** Share through the core that the temperature lets (-). */
  public double coreShare(double oilTemperature) {
    if (oilTemperature >= open) {
      return 1;
    }
    return oilTemperature <= shut ? 0 : (oilTemperature - shut) / (open - shut);
  }

  /**
   * Share through the core that temperature and pressure let (-).
   *
   * @param flow to core and bypass together, m³/s
   * @param drop of what it is across at a flow through that, Pa as a function of m³/s
   */
  public double coreShare(double oilTemperature, double flow, DoubleUnaryOperator drop) {
    double share = coreShare(oilTemperature);
    if (share <= 0 || pressure.isEmpty()) {
      return share;
    }
    for (int i = 0; i < MAX_STEPS; i++) {
      double over = drop.applyAsDouble(flow * share) / pressure.getAsDouble();
      if (i == 0 && over <= 1 || Math.abs(over - 1) <= 1e-9) {
        return share;
      }
      share = Math.min(1, share * Math.pow(over, -1 / USUAL_EXPONENT));
    }
    return share;
  }
}
