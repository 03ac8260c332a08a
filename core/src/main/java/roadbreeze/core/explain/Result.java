package roadbreeze.core.explain;

import java.util.List;

/** What the steps of a working come to. */
public enum Result implements Code {
  ROAD_LOAD("force FORCE", "power SHAFT_POWER"),
  BRAKE_POWER("power SHAFT_POWER", "speed RPM"),
  GEAR_LOCKED("gear COUNT"),
  GEAR_SLIPPING("gear COUNT"),
  ENGINE_HEAT("heat POWER"),
  AIR("flow AIRFLOW", "fan AIRFLOW"),
  COOLANT("temperature TEMPERATURE"),
  LIMIT("limit TEMPERATURE"),
  OIL_HEAT("slip POWER", "gearbox POWER"),
  PAN("temperature TEMPERATURE"),
  FEED("temperature TEMPERATURE"),
  PEAK("peak TEMPERATURE", "limit TEMPERATURE", "headroom DIFFERENCE"),
  SURE("band DIFFERENCE", "sources FINDINGS", "nineInTen TEMPERATURE"),
  SPREAD("source WORD", "spread PERCENT"),
  ASSUMED_NUMBERS("count COUNT");

  private final List<Parameter> parameters;

  Result(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
