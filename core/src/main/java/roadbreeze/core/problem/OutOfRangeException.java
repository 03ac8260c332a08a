package roadbreeze.core.problem;

/** A correlation asked outside the range it was published for, where extrapolating would lie. */
public final class OutOfRangeException extends RuntimeException {
  public OutOfRangeException(String quantity, double value, double low, double high, String unit) {
    super(
        "%s %.4g %s is outside %.4g to %.4g %s".formatted(quantity, value, unit, low, high, unit));
  }
}
