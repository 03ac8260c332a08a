package roadbreeze.server.problem;

import roadbreeze.core.explain.Finding;

/** Too much is asked at once: worth asking again a little later. */
public class BusyException extends RuntimeException {
  private final transient Finding finding;

  public BusyException(Finding finding) {
    super(finding.toString());
    this.finding = finding;
  }

  public Finding finding() {
    return finding;
  }
}
