package roadbreeze.core.check;

import roadbreeze.core.explain.Code;

/** What a driver complains of. */
public enum Symptom implements Code {
  HOT_AT_CRAWL,
  HOT_ON_CLIMBS,
  /** With the air conditioning on, not without. */
  HOT_WITH_AIR_CONDITIONING,
  ONLY_OIL,
  ONLY_COOLANT,
  SLOW_TO_WARM,
  FAN_ALWAYS,
  FAN_NEVER,
  GAUGE_JUMPS,
  LOSES_COOLANT
}
