package roadbreeze.core.problem;

import roadbreeze.core.explain.Finding;

/** No steady state was found: the finding says which balance stayed open and by how much. */
public final class NotConvergedException extends RefusedException {
  public NotConvergedException(Finding finding) {
    super(finding);
  }
}
