package roadbreeze.core.roadlog;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What recorded drives say, and why they do not. */
public enum ProofSays implements Code {
  // What is missing of a drive.
  MODEL_REFUSES("why FINDING"),
  AMBIENT_UNKNOWN,
  HEIGHTS_UNKNOWN,

  // Why a window says nothing of a temperature.
  NOT_RECORDED,
  DRIFTS,
  NOT_IN_MODEL,
  LITTLE_HEAT,
  THERMOSTAT_REGULATES,
  BYPASS_REGULATES,

  // Why windows before and after cannot be held against each other.
  NO_WINDOW_BEFORE,
  NO_WINDOW_AFTER,
  /** There are windows, but none says anything of this temperature. */
  SILENT_BEFORE("why FINDING"),
  SILENT_AFTER("why FINDING"),
  FANS_DIFFER("before PERCENT", "after PERCENT"),
  FANS_UNKNOWN,
  AIR_CONDITIONING_DIFFERS,
  AIR_CONDITIONING_UNKNOWN,
  /** Past the rule, though not far. */
  STILL_MOVED,
  SPEEDS_APART("before SPEED", "after SPEED"),
  HEATS_APART("before POWER", "after POWER"),
  STANDING_AND_DRIVING,

  // What they say together.
  SHEDS_MORE("more PERCENT", "spread PERCENT"),
  SHEDS_LESS("less PERCENT", "spread PERCENT"),
  NO_DIFFERENCE("more PERCENT", "spread PERCENT"),
  COOLER("kelvin DIFFERENCE", "spread DIFFERENCE"),
  HOTTER("kelvin DIFFERENCE", "spread DIFFERENCE"),
  ON_HOT_DAY("day TEMPERATURE", "after TEMPERATURE", "before TEMPERATURE", "spread DIFFERENCE"),

  // What would settle it.
  DRIVE_AGAIN(
      "slowest SPEED",
      "fastest SPEED",
      "grade PERCENT",
      "least PERIOD",
      "fans FINDING",
      "conditioning FINDING"),
  STAND_AGAIN("least PERIOD"),
  ALL_FANS,
  NO_FANS,
  FANS_ALIKE,
  CONDITIONING_ON,
  CONDITIONING_OFF,
  DRIVE_HARDER,
  RECORD_IT;

  private final List<Parameter> parameters;

  ProofSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
