package roadbreeze.server.problem;

import java.io.IOException;

/** A body goes on beyond what is read. */
public class TooLargeException extends IOException {
  private static final long serialVersionUID = 1;

  private final long most;

  public TooLargeException(long most) {
    super("a body of more than " + most + " bytes");
    this.most = most;
  }

  /** Bytes that are read at most. */
  public long most() {
    return most;
  }
}
