package roadbreeze.core.workorder;

import roadbreeze.core.explain.Code;

/** What can hurt; its words stand beside the step. */
public enum Caution implements Code {
  HOT_CAP,
  SELF_STARTING_FAN,
  TURNING_FAN,
  STANDS,
  BATTERY_OFF,
  BURNS,
  POISON,
  REFRIGERANT,
  SHARP_EDGES,
  ZINC_FUMES,
  SECOND_PERSON,
  RATINGS,
  MANUAL,
  EMISSIONS
}
