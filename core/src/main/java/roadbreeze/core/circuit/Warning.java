package roadbreeze.core.circuit;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Something the reader of a result must know. */
public enum Warning implements Code {
  /** The road asked more speed than the truck can hold. */
  SLOWED("held SPEED", "asked SPEED"),
  /** The in-tank cooler heats the oil here. */
  TANK_HEATS_OIL("heat POWER"),
  /** The fan cannot keep up with ram air and only stands in its way. */
  FAN_RESISTS("fan NAME", "pressure FAN_PRESSURE"),
  /** Oil properties used past their published range. */
  OIL_EXTRAPOLATED("low TEMPERATURE", "high TEMPERATURE"),
  /** Oil so slow that the strip correlation is used below its range. */
  STRIPS_EXTRAPOLATED("cooler NAME"),
  /** Air outside the fin correlation's range. */
  FINS_EXTRAPOLATED("core NAME"),
  /** No liquid stays a liquid there: the figure only says "far over". */
  BEYOND_LIQUID("limit TEMPERATURE");

  private final List<Parameter> parameters;

  Warning(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
