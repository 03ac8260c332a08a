package roadbreeze.core.log;

import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;

/**
 * What a logger can record. Bounds are what no truck passes, jumps what none does from one reading
 * to the next and back; own defaults.
 */
public enum Channel implements Code {
  COOLANT(Kind.TEMPERATURE, -50, 180, 8, 1200),
  PAN(Kind.TEMPERATURE, -50, 220, 8, 1200),
  OIL_FEED(Kind.TEMPERATURE, -50, 250, 15, 1200),
  OIL_RETURN(Kind.TEMPERATURE, -50, 250, 15, 1200),
  AMBIENT(Kind.TEMPERATURE, -60, 70, 6, 0),
  INTAKE_AIR(Kind.TEMPERATURE, -60, 200, 15, 0),
  EXHAUST(Kind.TEMPERATURE, -60, 1200, 200, 0),
  SPEED(Kind.SPEED, 0, 60, 8, 0),
  RPM(Kind.RPM, 0, 8000, 2500, 0),
  GEAR(Kind.COUNT, -2, 18, Double.POSITIVE_INFINITY, 0),
  ENGINE_LOAD(Kind.PERCENT, 0, 1.5, Double.POSITIVE_INFINITY, 0),
  THROTTLE(Kind.PERCENT, 0, 1.2, Double.POSITIVE_INFINITY, 0),
  FAN(Kind.PERCENT, 0, 1.3, Double.POSITIVE_INFINITY, 0),
  AIR_CONDITIONING(Kind.PERCENT, 0, 1, Double.POSITIVE_INFINITY, 0),
  BOOST(Kind.PRESSURE, -100e3, 500e3, 250e3, 0),
  BAROMETER(Kind.PRESSURE, 40e3, 115e3, 5e3, 0),
  VOLTAGE(Kind.VOLTAGE, 0, 40, 8, 0),
  ALTITUDE(Kind.ALTITUDE, -500, 6000, 60, 0),
  LATITUDE(Kind.ANGLE, -Math.PI / 2, Math.PI / 2, 1e-4, 0),
  LONGITUDE(Kind.ANGLE, -Math.PI, Math.PI, 1e-4, 0),
  /** Kept as it came; nothing is reckoned with it. */
  OTHER(
      Kind.RATIO, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0);

  private final Kind kind;
  private final double low;
  private final double high;
  private final double jump;
  private final double still;

  Channel(Kind kind, double low, double high, double jump, double still) {
    this.kind = kind;
    this.low = low;
    this.high = high;
    this.jump = jump;
    this.still = still;
  }

  public Kind kind() {
    return kind;
  }

  /** A truck can have it, SI. */
  public boolean possible(double value) {
    return value >= low && value <= high;
  }

  /** Up and back within two readings by more than this is no truck, SI. */
  double jump() {
    return jump;
  }

  /** A sensor that gives one number for so long while the truck drives is stuck, s; 0 never. */
  double still() {
    return still;
  }
}
