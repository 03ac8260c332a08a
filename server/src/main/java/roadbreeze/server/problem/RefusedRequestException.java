package roadbreeze.server.problem;

import roadbreeze.core.explain.Finding;

/** A request that cannot be answered as it is asked. */
public class RefusedRequestException extends RuntimeException {
  private final transient Finding finding;

  public RefusedRequestException(Finding finding) {
    super(finding.toString());
    this.finding = finding;
  }

  public Finding finding() {
    return finding;
  }
}
