package roadbreeze.core.problem;

import java.util.Locale;

/**
 * The span a quantity may have as an input, in SI (temperatures in °C).
 *
 * @param quantity name in the words of the field
 * @param unit SI unit, empty for a ratio
 */
public record Range(String quantity, double low, double high, String unit) {

  /**
   * @return the value, unchanged
   * @throws BadInputException if the value is outside the range or not a number
   */
  public double require(double value) {
    // Written so that NaN fails too.
    if (!(value >= low && value <= high)) {
      throw new BadInputException(
          quantity,
          String.format(
              Locale.ROOT,
              "%s %s is outside %s to %s",
              quantity,
              withUnit(value),
              withUnit(low),
              withUnit(high)));
    }
    return value;
  }

  private String withUnit(double value) {
    return (String.format(Locale.ROOT, "%.6g", value) + " " + unit).trim();
  }

  public static double requirePositive(String quantity, double value, String unit) {
    if (!(value > 0 && value < Double.POSITIVE_INFINITY)) {
      throw new BadInputException(
          quantity, quantity + " must be above 0 " + unit + ", not " + value);
    }
    return value;
  }
}
