package roadbreeze.core.problem;

/** No steady state was found: the message says which balance stayed open and by how much. */
public final class NotConvergedException extends RuntimeException {
  public NotConvergedException(String message) {
    super(message);
  }
}
