package roadbreeze.core.lookahead;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Advice in few words, for a passenger or a voice. */
public enum AdviceSays implements Code {
  AT_ONCE("what FINDING", "fluid WORD", "would TEMPERATURE"),
  SOON("in DISTANCE", "what FINDING", "fluid WORD", "would TEMPERATURE"),
  /** Nothing keeps the limits. */
  STOP_SAFELY("fluid WORD", "would TEMPERATURE");

  private final List<Parameter> parameters;

  AdviceSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
