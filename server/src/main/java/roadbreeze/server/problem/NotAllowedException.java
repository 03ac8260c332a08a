package roadbreeze.server.problem;

import org.springframework.http.HttpStatus;

/** Nobody is signed in, or whoever is may not do that. */
public class NotAllowedException extends RuntimeException {
  private final HttpStatus status;
  private final transient Refusal why;

  public NotAllowedException(HttpStatus status, Refusal why) {
    super(why.name());
    this.status = status;
    this.why = why;
  }

  HttpStatus status() {
    return status;
  }

  Refusal why() {
    return why;
  }
}
