package roadbreeze.core.check;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What the answers of a check come to. */
public enum Says implements Code {
  PASSES,
  INCOMPLETE,
  THERMOSTAT_OPENS_LATE("start TEMPERATURE", "stamp TEMPERATURE", "late DIFFERENCE"),
  THERMOSTAT_OPENS_EARLY("start TEMPERATURE", "stamp TEMPERATURE", "early DIFFERENCE"),
  THERMOSTAT_STAYS_SHUT,
  THERMOSTAT_STAYS_OPEN,
  THERMOSTAT_SLOW("start TEMPERATURE", "full TEMPERATURE"),
  THERMOSTAT_UPSIDE_DOWN("start TEMPERATURE", "full TEMPERATURE"),
  STEADY_SAYS_START("start TEMPERATURE", "stamp TEMPERATURE"),
  STEADY_SAYS_NOTHING("opening PERCENT"),
  CAP_HOLDS("held PRESSURE", "stamp PRESSURE", "boils TEMPERATURE"),
  CAP_TOO_STRONG("held PRESSURE", "stamp PRESSURE"),
  CAP_SEAL_WORN,
  PRESSURE_FELL("lost PRESSURE"),
  LEAK_UNSEEN,
  PUMPED_TOO_HIGH("pumped PRESSURE", "stamp PRESSURE"),
  SUCTION_CLOSES("share PERCENT"),
  HOSE_GIVES,
  PUMP_LEAKS,
  FLOW_WEAK("share PERCENT"),
  AIR_INSIDE("share PERCENT"),
  STRENGTH_DIFFERS("found PERCENT", "rig PERCENT", "freezes TEMPERATURE"),
  STRENGTH_WEAK("found PERCENT", "rig PERCENT", "least TEMPERATURE"),
  COOLANT_RUSTY,
  OIL_DARK,
  OIL_BURNT,
  OIL_LEVEL_WRONG,
  FINS_BLOCKED("share PERCENT"),
  DARK_BETWEEN("share PERCENT"),
  SEALS_GONE("back SHARE"),
  SHROUD_MISSING,
  SHROUD_CRACKED,
  TIPS_WIDE("gap SIZE", "usual SIZE"),
  FAN_STAYS_AWAY,
  FAN_COMES_LATE("at TEMPERATURE", "on TEMPERATURE", "late DIFFERENCE"),
  MOTOR_DEAD,
  MOTOR_RUNS_BACKWARDS,
  MOTOR_WEAK("current CURRENT", "plate CURRENT", "share PERCENT"),
  MOTOR_BINDS("current CURRENT", "plate CURRENT"),
  FAN_NOT_SWITCHED,
  SENSOR_READS_LOW("reads TEMPERATURE", "air TEMPERATURE", "low DIFFERENCE"),
  SENSOR_READS_HIGH("reads TEMPERATURE", "air TEMPERATURE", "high DIFFERENCE"),
  CLUTCH_LETS_GO("share PERCENT"),
  CLUTCH_IS_SOLID,
  CLUTCH_STREAKED,
  PAPER_IS_DANGEROUS,
  GAUGE_SHOWS_MORE("shows TEMPERATURE", "truly TEMPERATURE", "by DIFFERENCE"),
  GAUGE_SHOWS_LESS("shows TEMPERATURE", "truly TEMPERATURE", "by DIFFERENCE"),
  BYPASS_NEVER_OPENS("pan TEMPERATURE", "full TEMPERATURE"),
  BYPASS_ALWAYS_OPEN("pan TEMPERATURE", "start TEMPERATURE"),
  BYPASS_TOO_SOON("pan TEMPERATURE", "full TEMPERATURE"),
  NO_OIL_COMES,
  OIL_FLOWS("flow FLOW", "proper FLOW", "share PERCENT"),
  RETURN_IS_FIRST,
  RETURN_IS_SECOND,
  RETURN_NOT_TOLD("lines DIFFERENCE", "far DIFFERENCE"),
  /** 53 where a Celsius thermometer cannot stand is most likely Fahrenheit. */
  LOOKS_FAHRENHEIT("value TEMPERATURE", "instead TEMPERATURE");

  private final List<Parameter> parameters;

  Says(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
