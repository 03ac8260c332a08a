package roadbreeze.core.problem;

/** An input that no truck can have: the message names quantity, value, limit and unit. */
public final class BadInputException extends RuntimeException {
  private final String quantity;

  public BadInputException(String quantity, String message) {
    super(message);
    this.quantity = quantity;
  }

  /** The quantity at fault, in the words of the field. */
  public String quantity() {
    return quantity;
  }
}
