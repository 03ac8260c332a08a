package roadbreeze.core.circuit;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;
import roadbreeze.core.vehicle.RoadLoad;
import roadbreeze.core.vehicle.Surface;

/**
 * A place on a road and how it is driven, held long enough to settle.
 *
 * @param grade rise over run
 * @param speed asked, m/s
 * @param ambient °C
 * @param altitude m
 * @param heater of the cab
 * @param holdGear the selector is held so that no higher gear is taken; {@link #FREE} leaves it
 * @param headwind along the road, m/s; negative from behind
 */
public record OperatingPoint(
    double grade,
    double speed,
    double ambient,
    double altitude,
    boolean airConditioning,
    Heater heater,
    int holdGear,
    double headwind,
    Surface surface) {
  public static final Range HEADWIND = new Range(Quantity.HEADWIND, -25, 25);
  public static final Range SPEED = new Range(Quantity.SPEED, 5 / 3.6, 140 / 3.6);
  public static final int FREE = 99;

  /** Below this ambient a driver has the cab heater on, °C. */
  private static final double HEATED_BELOW = 10;

  /** The cab heater. */
  public enum Heater {
    BY_AMBIENT,
    ON,
    OFF
  }

  public OperatingPoint {
    RoadLoad.GRADE.require(grade);
    SPEED.require(speed);
    Air.TEMPERATURE.require(ambient);
    Air.ALTITUDE.require(altitude);
    HEADWIND.require(headwind);
  }

  /** On asphalt in still air. */
  public OperatingPoint(
      double grade,
      double speed,
      double ambient,
      double altitude,
      boolean airConditioning,
      Heater heater,
      int holdGear) {
    this(grade, speed, ambient, altitude, airConditioning, heater, holdGear, 0, Surface.ASPHALT);
  }

  /** A driver who heats the cab when it is cold and leaves the gears to the gearbox. */
  public OperatingPoint(
      double grade, double speed, double ambient, double altitude, boolean airConditioning) {
    this(grade, speed, ambient, altitude, airConditioning, Heater.BY_AMBIENT, FREE);
  }

  /** At which the air comes from ahead at a speed of the truck, m/s; negative from behind. */
  double airSpeed(double atSpeed) {
    return atSpeed + headwind;
  }

  public boolean heaterOn() {
    return heater == Heater.ON || heater == Heater.BY_AMBIENT && ambient < HEATED_BELOW;
  }

  public OperatingPoint withGrade(double newGrade) {
    return new OperatingPoint(
        newGrade, speed, ambient, altitude, airConditioning, heater, holdGear, headwind, surface);
  }

  public OperatingPoint withSpeed(double newSpeed) {
    return new OperatingPoint(
        grade, newSpeed, ambient, altitude, airConditioning, heater, holdGear, headwind, surface);
  }

  public OperatingPoint withAmbient(double newAmbient) {
    return new OperatingPoint(
        grade, speed, newAmbient, altitude, airConditioning, heater, holdGear, headwind, surface);
  }

  /** The same in a wind along the road, m/s. */
  public OperatingPoint withHeadwind(double wind) {
    return new OperatingPoint(
        grade, speed, ambient, altitude, airConditioning, heater, holdGear, wind, surface);
  }

  /** The same with no gear above one taken. */
  public OperatingPoint heldIn(int gear) {
    return new OperatingPoint(
        grade, speed, ambient, altitude, airConditioning, heater, gear, headwind, surface);
  }
}
