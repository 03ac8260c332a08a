package roadbreeze.core.explain;

/** What an argument of a finding is. Quantities carry SI values, temperatures °C. */
public enum Kind {
  TEMPERATURE("°C"),
  DIFFERENCE("K"),
  MASS("kg"),
  SPEED("m/s"),
  VELOCITY("m/s"),
  SIZE("m"),
  LENGTH("m"),
  /** Of a tyre: a length that the trade gives in inches. */
  RADIUS("m"),
  ALTITUDE("m"),
  FLOW("m³/s"),
  AIRFLOW("m³/s"),
  PRESSURE("Pa"),
  FAN_PRESSURE("Pa"),
  VOLUME("m³"),
  DISPLACEMENT("m³"),
  POWER("W"),
  SHAFT_POWER("W"),
  FORCE("N"),
  TORQUE("N·m"),
  PERCENT("-"),
  SHARE("-"),
  RATIO("-"),
  AREA("m²"),
  /** Of a wire's copper. */
  CROSS_SECTION("m²"),
  MASS_FLOW("kg/s"),
  CONDUCTANCE("W/K"),
  DENSITY("kg/m³"),
  FINS("1/in"),
  VISCOSITY("mm²/s"),
  VOLTAGE("V"),
  CURRENT("A"),
  /** Of a battery. */
  CHARGE("A·s"),
  DURATION("s"),
  /** As a job takes it: hours and minutes. */
  TIME("s"),
  /** Of a stay, or of minutes over a limit. */
  PERIOD("s"),
  /** Along a road. */
  DISTANCE("m"),
  ENERGY("J"),
  RPM("rpm"),
  ANGLE("rad"),
  FREQUENCY("Hz"),
  STRESS("Pa"),
  STIFFNESS("N/m"),
  COUNT("-"),
  REYNOLDS("-"),
  MONEY("-"),
  /** A quantity whose kind its value brings along. */
  AMOUNT(null),
  /** A part of the truck, by name. */
  NAME(null),
  /** A code without arguments, for its words. */
  WORD(null),
  /** A name that a person has given. */
  TEXT(null),
  /** Another finding inside this one. */
  FINDING(null),
  /** Several, one after the other. */
  FINDINGS(null);

  private final String unit;

  Kind(String unit) {
    this.unit = unit;
  }

  public boolean isQuantity() {
    return unit != null;
  }

  /** As the table of units and the API spell it: {@code fanPressure}. */
  public String key() {
    return Code.camel(name());
  }

  /** SI unit of its value, null where it is no quantity. */
  public String unit() {
    return unit;
  }
}
