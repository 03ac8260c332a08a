package roadbreeze.core.problem;

import roadbreeze.core.explain.Finding;

/** An input that no truck can have: the finding names quantity, value and limits. */
public final class BadInputException extends RefusedException {
  public BadInputException(Finding finding) {
    super(finding);
  }
}
