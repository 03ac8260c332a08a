package roadbreeze.core.circuit;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;
import roadbreeze.core.vehicle.RoadLoad;

/**
 * A place on a road, held long enough to settle.
 *
 * @param grade rise over run
 * @param speed asked, m/s
 * @param ambient °C
 * @param altitude m
 */
public record OperatingPoint(
    double grade, double speed, double ambient, double altitude, boolean airConditioning) {
  public static final Range SPEED = new Range(Quantity.SPEED, 5 / 3.6, 140 / 3.6);

  public OperatingPoint {
    RoadLoad.GRADE.require(grade);
    SPEED.require(speed);
    Air.TEMPERATURE.require(ambient);
    Air.ALTITUDE.require(altitude);
  }

  public OperatingPoint withGrade(double newGrade) {
    return new OperatingPoint(newGrade, speed, ambient, altitude, airConditioning);
  }

  public OperatingPoint withSpeed(double newSpeed) {
    return new OperatingPoint(grade, newSpeed, ambient, altitude, airConditioning);
  }

  public OperatingPoint withAmbient(double newAmbient) {
    return new OperatingPoint(grade, speed, newAmbient, altitude, airConditioning);
  }
}
