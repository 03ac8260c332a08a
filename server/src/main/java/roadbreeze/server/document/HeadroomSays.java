package roadbreeze.server.document;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What a paper says of a limit, as one would tell it over a counter. */
public enum HeadroomSays implements Code {
  HOLDS("room DIFFERENCE", "limit TEMPERATURE", "sure DIFFERENCE"),
  MARGINAL("room DIFFERENCE", "limit TEMPERATURE"),
  OVER("by DIFFERENCE", "limit TEMPERATURE"),
  NOT_COMPUTED;

  private final List<Parameter> parameters;

  HeadroomSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
