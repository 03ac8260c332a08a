package roadbreeze.core.problem;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Everything that is refused, and why. */
public enum Problem implements Code {
  OUT_OF_RANGE("quantity WORD", "value AMOUNT", "low AMOUNT", "high AMOUNT"),
  NOT_POSITIVE("quantity WORD", "value AMOUNT"),
  STRIP_LEGS,
  HOLE_LEG,
  STRIP_BENDS("most COUNT"),
  TUBE_POINTS,
  CARD_CROSSED,
  CORNERS_TOGETHER,
  OUT_OF_SIGHT,
  OIL_VISCOSITIES("kv40 VISCOSITY", "kv100 VISCOSITY"),
  FAN_CURVE_POINTS("pressures COUNT", "flows COUNT"),
  FAN_CURVE_RISES,
  FAN_NEEDS("what WORD"),
  SEVERAL_RADIATORS,
  NO_RADIATOR,
  THERMOSTAT_SPAN("start TEMPERATURE", "full TEMPERATURE"),
  BYPASS_SPAN("start TEMPERATURE", "full TEMPERATURE"),
  FAN_SETTINGS,
  FANS_ON_ENGINE,
  FLOW_SHARES,
  NO_GEARS,
  GEARS_RISE,
  TORQUE_POINTS("torques COUNT", "speeds COUNT"),
  TORQUE_SPEEDS,
  SWITCH_SPAN("on TEMPERATURE", "off TEMPERATURE"),
  TASK_MINUTES("value TIME"),
  TASK_PEOPLE("people COUNT"),
  RAMP_SPAN("from TEMPERATURE", "full TEMPERATURE"),
  BOX_HEAT_OR_MASS,
  NO_COOLER_FITS,
  NO_FAN_FITS,
  NO_ROAD_IN_FILE,
  NO_HEIGHTS,
  READING_OF("ask WORD"),
  NOT_TO_BE_DRIVEN("why WORD"),

  NO_AIR("heat POWER"),
  COOLANT_UNBOUND("ceiling TEMPERATURE", "heat POWER"),
  OIL_UNBOUND("heat POWER"),
  CIRCUIT_UNSETTLED,
  SHARED_AIR,
  FAN_SWEEPS,
  NO_GEAR_PULLS("slowest SPEED"),
  LINES_STOP_FLOW("drop PRESSURE", "pressure PRESSURE"),
  AT_THE_EDGE("reason FINDING"),
  NO_START("reason FINDING");

  private final List<Parameter> parameters;

  Problem(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** As an input that no truck can have. */
  public BadInputException refuse(Object... values) {
    return new BadInputException(with(values));
  }

  /** As a state that cannot be found. */
  public NotConvergedException unsettled(Object... values) {
    return new NotConvergedException(with(values));
  }
}
