package roadbreeze.server.estimate;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What an estimate says of a limit, as one would tell it over a counter. */
enum EstimateSays implements Code {
  HOLDS("room DIFFERENCE", "limit TEMPERATURE", "sure DIFFERENCE"),
  MARGINAL("room DIFFERENCE", "limit TEMPERATURE"),
  OVER("by DIFFERENCE", "limit TEMPERATURE"),
  NOT_COMPUTED;

  private final List<Parameter> parameters;

  EstimateSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
