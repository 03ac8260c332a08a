package roadbreeze.server.finder;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Parts and work of a find. */
public enum Bought implements Code {
  COOLER("part TEXT", "order WORD"),
  PART("part TEXT"),
  OWN_FAN("part TEXT"),
  MOVED("thing TEXT");

  private final List<Parameter> parameters;

  Bought(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
