package roadbreeze.server.bay;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said of work that was begun. */
public enum BaySays implements Code {
  /** A step that another one cannot be kept together with. */
  CLASHING("step TEXT"),
  /** A step that is not ticked. */
  STEP_OPEN("step TEXT"),
  /** A piece that is off yet. */
  PIECE_OPEN("piece TEXT");

  private final List<Parameter> parameters;

  BaySays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
