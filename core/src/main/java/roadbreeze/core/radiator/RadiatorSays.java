package roadbreeze.core.radiator;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What comes of a radiator in this truck, beside its hoses. */
public enum RadiatorSays implements Code {
  MEASURE_TRUCK,
  MEASURE_PART,
  MEASURE_BOTH,
  GAPS("left SIZE", "right SIZE"),
  CUT_SUPPORT("left SIZE", "right SIZE"),
  TOO_WIDE("over SIZE", "most SIZE"),
  UNDER_BAR("gap SIZE"),
  MEETS_BAR("over SIZE"),
  SAME_DEPTH("gap SIZE"),
  NEARER_FAN("by SIZE", "gap SIZE", "wanted SIZE"),
  MEETS_FAN("by SIZE"),
  NO_FAN_BEHIND,
  PINS_FIT("play SIZE", "growth SIZE"),
  PINS_BIND("play SIZE", "growth SIZE"),
  PINS_LOOSE("play SIZE"),
  BUSHINGS_MOVE("by SIZE"),
  BUSHING_PLATES("by SIZE"),
  OTHER_BUSHINGS("pin SIZE", "bushing SIZE"),
  TOPS_FIT,
  TOP_BRACKETS("aside SIZE", "up SIZE", "back SIZE"),
  CAP_CLEAR("gap SIZE"),
  CAP_MEETS_BONNET("gap SIZE", "wanted SIZE"),
  CAP_ELSEWHERE,
  CAP_COMES("up SIZE"),
  DRAIN_REACHED,
  DRAIN_OUT_OF_REACH,
  NO_DRAIN,
  OIL_PORTS_SAME,
  OIL_PORTS_OTHER,
  NO_OIL_PORTS,
  OIL_PORTS_UNUSED,
  NO_OIL_COOLER,
  SCREWS_GO("left SIZE"),
  SCREWS_BOTTOM("by SIZE"),
  SCREWS_SHORT("wanted SIZE"),
  OTHER_THREAD,
  FAN_SAME,
  FAN_OTHER("across SIZE", "up SIZE"),
  PLUG_SAME,
  PLUG_OTHER;

  private final List<Parameter> parameters;

  RadiatorSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
