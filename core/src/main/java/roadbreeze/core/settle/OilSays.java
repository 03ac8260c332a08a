package roadbreeze.core.settle;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said in disputes about the oil. */
public enum OilSays implements Code {
  COLD_MORNING("ambient TEMPERATURE"),

  COLD_PAN("ambient TEMPERATURE", "pan TEMPERATURE"),
  COLD_PAN_TOO_COLD("ambient TEMPERATURE", "pan TEMPERATURE"),
  PLACE,
  PLACE_TIGHT,
  PLACE_GAP("gap SIZE"),
  PLACE_ELSEWHERE,
  ALL_AIR_GOES_ON,
  AIR_GETS_ROUND,
  REACHED_BY_MUD("fan AIRFLOW"),
  ANOTHER_FAN,
  AIR_THROUGH_FACE("flow AIRFLOW"),
  PLACE_BETTER("gain DIFFERENCE"),
  PLACE_ALIKE("within DIFFERENCE"),
  PLACE_OTHERWISE,

  CORE,
  CORE_PLAIN("passes COUNT"),
  CORE_PLATE_FIN,
  CORE_STACKED,
  CORE_DROPS("drop PRESSURE", "left PERCENT", "oil TEMPERATURE"),
  CORE_STARVES("less DIFFERENCE"),
  CORE_ALIKE("moves DIFFERENCE"),
  CORE_WORTH("gain DIFFERENCE"),
  CORE_OTHERWISE,

  PIN,
  PIN_LEAVE,
  PIN_OPEN,
  PIN_MAY_STICK,
  PIN_CANNOT_STICK,
  PIN_COLD_DECIDES("warmer DIFFERENCE", "ambient TEMPERATURE"),
  PIN_HOT_DECIDES("gain DIFFERENCE"),
  PIN_OTHERWISE,

  FILTER,
  FILTER_BEFORE,
  FILTER_AFTER,
  FILTER_SEES("oil TEMPERATURE", "drop PRESSURE"),
  FILTER_COLD("oil TEMPERATURE", "drop PRESSURE"),
  FILTER_COLD_LONGER,
  KEEPS_COOLER_CLEAN,
  CATCHES_SHEDDING,
  FILTER_AFTER_COSTS("more PRESSURE"),
  FILTER_AFTER_TOO_THICK("more PRESSURE"),
  FILTER_OTHERWISE;

  private final List<Parameter> parameters;

  OilSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
