package roadbreeze.server.order;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Why a step stands where it stands. */
enum Because implements Code {
  NEEDS_MADE("step TEXT"),
  AFTER_NEED("step TEXT", "state TEXT"),
  AFTER_HIDES("step TEXT", "place TEXT"),
  BEFORE_HIDDEN("step TEXT", "place TEXT"),
  BEFORE_ENDED("step TEXT", "state TEXT"),
  HANDS_FREE("step TEXT"),
  FILLS_WAIT("step TEXT"),
  WHILE("state TEXT"),
  NOT_WHILE("state TEXT"),
  FIXED,
  NOT_BEFORE,
  FIRST;

  private final List<Parameter> parameters;

  Because(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
