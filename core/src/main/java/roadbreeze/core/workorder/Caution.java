package roadbreeze.core.workorder;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What can hurt; its words stand beside the step, or once above them all. */
public enum Caution implements Code {
  MANUAL,
  RATINGS,
  NEVER_DRY,
  ENGINE_RUNS,
  HOT_CAP,
  FUNNEL,
  HOT_PARTS,
  BURNS,
  SELF_STARTING_FAN,
  FED_FAN,
  FAN_MAY_START,
  STANDS,
  LOWERING,
  BATTERY_OFF,
  POISON,
  REFRIGERANT,
  SHARP_EDGES,
  ZINC_FUMES,
  SECOND_PERSON,
  EMISSIONS,
  LATCH,
  EYES,
  WELDER,
  NO_CHLORINE,
  STRUCTURE,
  FRONT_SENSORS,
  TEST_PRESSURE,
  LEVEL_RAISED;

  /** What holds for all of the work. */
  public static final List<Caution> GENERAL = List.of(MANUAL, RATINGS, NEVER_DRY);
}
