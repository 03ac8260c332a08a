package roadbreeze.core.lookahead;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Advice in few words, for a passenger or a voice. */
public enum AdviceSays implements Code {
  AT_ONCE("what FINDING", "fluid WORD", "would TEMPERATURE"),
  SOON("in DISTANCE", "what FINDING", "fluid WORD", "would TEMPERATURE"),
  /** Nothing keeps the limits. */
  STOP_SAFELY("fluid WORD", "would TEMPERATURE"),
  DO_FAN,
  DO_AIR_CONDITIONING,
  DO_FAN_AND_AIR,
  DO_GEAR("gear COUNT"),
  DO_FAN_AND_GEAR("gear COUNT"),
  DO_A_LITTLE_SLOWER,
  DO_FAN_AIR_GEAR("gear COUNT"),
  DO_TWO_GEARS("gear COUNT"),
  DO_SLOWER,
  DO_SLOWER_LOWER("gear COUNT"),
  DO_MUCH_SLOWER("gear COUNT"),
  DO_REST;

  private final List<Parameter> parameters;

  AdviceSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
