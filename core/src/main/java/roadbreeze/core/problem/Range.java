package roadbreeze.core.problem;

import roadbreeze.core.explain.Argument;

/** The span a quantity may have as an input, in SI (temperatures in °C). */
public record Range(Quantity quantity, double low, double high) {

  /** True of a value in the span; not of what is no number. */
  public boolean contains(double value) {
    return value >= low && value <= high;
  }

  /**
   * @return the value, unchanged
   * @throws BadInputException if the value is outside the range or not a number
   */
  public double require(double value) {
    if (!contains(value)) {
      throw Problem.OUT_OF_RANGE.refuse(
          quantity,
          Argument.amount(quantity.kind(), value),
          Argument.amount(quantity.kind(), low),
          Argument.amount(quantity.kind(), high));
    }
    return value;
  }

  /** In the span, and as near as that allows: of what was recorded, and is not a person's input. */
  public double nearest(double value) {
    return Math.max(low, Math.min(high, value));
  }

  public static double requirePositive(Quantity quantity, double value) {
    if (!(value > 0 && value < Double.POSITIVE_INFINITY)) {
      throw Problem.NOT_POSITIVE.refuse(quantity, Argument.amount(quantity.kind(), value));
    }
    return value;
  }
}
