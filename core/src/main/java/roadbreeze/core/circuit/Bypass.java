package roadbreeze.core.circuit;

/**
 * A thermal bypass: below {@code shut} all oil passes beside the core, above {@code open} all goes
 * through it, linear between. {@link #NONE} sends all oil through at any temperature.
 *
 * @param shut °C
 * @param open °C
 */
public record Bypass(double shut, double open) {
  public static final Bypass NONE = new Bypass(Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY);

  double coreShare(double oilTemperature) {
    if (oilTemperature >= open) {
      return 1;
    }
    return oilTemperature <= shut ? 0 : (oilTemperature - shut) / (open - shut);
  }
}
