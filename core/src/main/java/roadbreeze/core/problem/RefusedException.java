package roadbreeze.core.problem;

import roadbreeze.core.explain.Finding;

/** A computation that refuses to answer; what it says is a finding, not a sentence. */
public abstract sealed class RefusedException extends RuntimeException
    permits BadInputException, NotConvergedException {
  private final transient Finding finding;

  RefusedException(Finding finding) {
    super(finding.toString());
    this.finding = finding;
  }

  public Finding finding() {
    return finding;
  }
}
