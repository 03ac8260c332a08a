package roadbreeze.core.fill;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said of filling. */
public enum FillSays implements Code {
  RADIATOR_HOLDS_MORE("more VOLUME"),
  RADIATOR_HOLDS_LESS("less VOLUME"),
  POUR("litres VOLUME", "share PERCENT"),
  FUNNEL_ON_COLD,
  HEATER_HOT,
  FRONT_UP,
  KNEAD,
  NECK_OPEN,
  HEADER_MARK,
  PORT_OPEN,
  PORT_RUNS,
  HAND_WARM("most TEMPERATURE"),
  PINCH_OVERFLOW,
  PULL("vacuum PRESSURE"),
  NEEDLE_STILL,
  LET_IN("litres VOLUME", "share PERCENT"),
  HOSES_ROUND,

  OUTDOORS,
  IDLE,
  FAST_IDLE,
  STAND_CLEAR("opens TEMPERATURE"),
  TOP_UP,
  NO_BUBBLES,
  STOP_AT("most TEMPERATURE"),
  FUNNEL_OFF_COLD,
  CAP_COLD,
  DRIVE,
  LOOK_COLD,

  PRESS("to PRESSURE"),
  HOLDS("most PRESSURE"),
  AGAIN,

  HEATER_COLD,
  GURGLES,
  LEVEL_FALLS,
  GAUGE_JUMPS,
  ONE_HOSE,

  PREFILL("litres VOLUME"),
  AS_MUCH_AS_CAME,
  THROUGH_GEARS,
  CIRCUIT_OPEN,
  PAN_BETWEEN("from TEMPERATURE", "to TEMPERATURE"),
  STICK_TWICE,
  DRIBBLE,
  NEVER_OVER,
  LEVEL_AGAIN,

  /** Concentrate alone would be too weak. */
  DRAIN_MORE("least VOLUME"),
  /** Water alone would be too strong. */
  DRAIN_MORE_WEAKER("least VOLUME"),
  /** It freezes before the coldest morning. */
  FREEZES("freezes TEMPERATURE", "coldest TEMPERATURE"),
  /** Stronger takes heat from the cooling without freezing later. */
  STRONGER_THAN_NEEDED("needed PERCENT"),
  LEAKS("loss PRESSURE", "most PRESSURE"),
  /** Out of the window it counts for nothing. */
  PAN_OUTSIDE("pan TEMPERATURE", "from TEMPERATURE", "to TEMPERATURE"),
  LESS_WENT_IN("out VOLUME", "into VOLUME"),
  MORE_WENT_IN("out VOLUME", "into VOLUME"),
  NO_TYPES_MIXED,
  TWO_CAPS,
  CAP_AT_NECK,
  CAP_AT_HEADER,
  WHOLE_UNKNOWN,
  DRAINED_TAKEN("share PERCENT");

  private final List<Parameter> parameters;

  FillSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
