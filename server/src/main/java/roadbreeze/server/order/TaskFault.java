package roadbreeze.server.order;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What can be wrong with a set of tasks, beyond a field of one. */
enum TaskFault implements Code {
  NOBODY_MAKES("task TEXT", "state TEXT"),
  UNKNOWN_PLACE("task TEXT", "place TEXT"),
  STRANGE_BRACES("task TEXT", "text TEXT"),
  WAIT_IN_A_RING("tasks TEXT");

  private final List<Parameter> parameters;

  TaskFault(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
