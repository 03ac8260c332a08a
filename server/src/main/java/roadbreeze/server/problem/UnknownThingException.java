package roadbreeze.server.problem;

/** Asked for something that does not exist. */
public class UnknownThingException extends RuntimeException {
  public UnknownThingException(String message) {
    super(message);
  }
}
