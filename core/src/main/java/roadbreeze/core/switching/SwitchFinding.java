package roadbreeze.core.switching;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What a check of switch points finds, worst first. */
public enum SwitchFinding implements Code {
  NEVER_STOPS(
      "fan NAME",
      "off TEMPERATURE",
      "start TEMPERATURE",
      "full TEMPERATURE",
      "rests PERIOD",
      "after PERIOD"),
  TOO_LATE(
      "fan NAME",
      "on TEMPERATURE",
      "fluid WORD",
      "reached TEMPERATURE",
      "limit TEMPERATURE",
      "earlier TEMPERATURE"),
  WAITS_PAST_LIMIT("fan NAME", "on TEMPERATURE", "limit TEMPERATURE"),
  WARNS_TOO_LATE("warning TEMPERATURE", "limit TEMPERATURE"),
  CONDENSER_WITHOUT_AIR("fan NAME", "standing PERIOD"),
  MAY_NOT_STOP(
      "fan NAME",
      "off TEMPERATURE",
      "start TEMPERATURE",
      "full TEMPERATURE",
      "rests PERIOD",
      "after PERIOD"),
  CHATTERS("fan NAME", "band DIFFERENCE", "starts COUNT"),
  READS_LATE("fan NAME", "sensor WORD", "on TEMPERATURE", "then TEMPERATURE"),
  TWO_AT_ONCE("fan NAME", "other NAME", "on TEMPERATURE"),
  BY_HAND("fan NAME", "forgotten TEMPERATURE"),
  WARNS_FOR_NOTHING("warning TEMPERATURE", "highest TEMPERATURE"),
  CLUTCH_MISLED("air TEMPERATURE", "grips TEMPERATURE", "without TEMPERATURE"),
  RUNS_WITH_AIR_CONDITIONING("fan NAME"),
  NEVER_NEEDED("fan NAME", "highest TEMPERATURE"),
  SOUND;

  private final List<Parameter> parameters;

  SwitchFinding(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** True where it must be mended. */
  public boolean bad() {
    return this == NEVER_STOPS
        || this == TOO_LATE
        || this == WAITS_PAST_LIMIT
        || this == WARNS_TOO_LATE;
  }
}
