package roadbreeze.core.followup;

import roadbreeze.core.explain.Code;

/** By what a look can come due. */
public enum Measure implements Code {
  /** Days that pass. */
  DAYS,
  /** What is driven, m. */
  DISTANCE,
  /** From cold to warm and cold again. */
  HEAT_CYCLES,
  /** Hours at 80 °C that age the gearbox oil as much. */
  OIL_LIFE,
  /** Drives with the trailer on. */
  HAULS
}
