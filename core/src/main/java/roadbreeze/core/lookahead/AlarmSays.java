package roadbreeze.core.lookahead;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is wrong with a truck, or with its gauge. */
public enum AlarmSays implements Code {
  OVER_ITS_LIMIT("fluid WORD", "by DIFFERENCE"),
  /** Within minutes, by far more than a model is off by. */
  HOTTER_THAN_IT_SHOULD("fluid WORD", "by DIFFERENCE"),
  COOLER_THAN_IT_SHOULD("fluid WORD", "by DIFFERENCE"),
  /** Numbers that are another unit's from one row to the next. */
  UNIT_CHANGED("channel WORD"),
  NO_TRUCK_HAS("channel WORD");

  private final List<Parameter> parameters;

  AlarmSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
