package roadbreeze.server.longrun;

/** There is no answer yet: ask again with the question's number. */
public final class StillWorkingException extends RuntimeException {
  private final transient Questions.Waiting waiting;

  StillWorkingException(Questions.Waiting waiting) {
    super(null, null, false, false);
    this.waiting = waiting;
  }

  Questions.Waiting waiting() {
    return waiting;
  }
}
