package roadbreeze.server.problem;

import roadbreeze.core.explain.Finding;

/** Too much is asked at once: worth asking again a little later. */
public class BusyException extends RefusedRequestException {
  public BusyException(Finding finding) {
    super(finding);
  }
}
