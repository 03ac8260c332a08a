package roadbreeze.core.switching;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What a check of switch points finds, worst first. */
public enum SwitchFinding implements Code {
  NEVER_STOPS("fan NAME", "off TEMPERATURE", "start TEMPERATURE", "full TEMPERATURE"),
  MAY_NOT_STOP("fan NAME", "off TEMPERATURE", "start TEMPERATURE", "full TEMPERATURE"),
  TOO_LATE(
      "fan NAME", "lag DURATION", "on TEMPERATURE", "reached TEMPERATURE", "limit TEMPERATURE"),
  WAITS_PAST_LIMIT("fan NAME", "on TEMPERATURE", "limit TEMPERATURE"),
  NARROW_BAND("fan NAME", "band DIFFERENCE", "wanted DIFFERENCE"),
  NEVER_NEEDED("fan NAME", "settles TEMPERATURE"),
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
    return this == NEVER_STOPS || this == TOO_LATE || this == WAITS_PAST_LIMIT;
  }
}
