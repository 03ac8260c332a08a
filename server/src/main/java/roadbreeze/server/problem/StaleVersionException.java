package roadbreeze.server.problem;

/** Somebody else saved first; carries what they saved. */
public class StaleVersionException extends RuntimeException {
  private final transient Object current;

  public StaleVersionException(Object current) {
    super("somebody else saved this job in the meantime");
    this.current = current;
  }

  public Object current() {
    return current;
  }
}
