package roadbreeze.core.haul;

import roadbreeze.core.circuit.OperatingPoint;

/**
 * What a driver chooses.
 *
 * @param airConditioning on the way and in stops
 * @param heater of the cab
 * @param holdGear no higher gear is taken; {@link OperatingPoint#FREE} leaves it
 * @param fastest driven, whatever the road allows, m/s; infinite where the road decides
 * @param fanFull fans that have a switch run and a controlled clutch grips, whatever they feel
 */
public record Habits(
    boolean airConditioning,
    OperatingPoint.Heater heater,
    int holdGear,
    double fastest,
    boolean fanFull) {

  /** As the road goes, the gears left to the gearbox and the fans to their switches. */
  public static Habits usual(boolean airConditioning) {
    return new Habits(
        airConditioning,
        OperatingPoint.Heater.BY_AMBIENT,
        OperatingPoint.FREE,
        Double.POSITIVE_INFINITY,
        false);
  }

  public Habits withAirConditioning(boolean on) {
    return new Habits(on, heater, holdGear, fastest, fanFull);
  }

  public Habits heldIn(int gear) {
    return new Habits(airConditioning, heater, gear, fastest, fanFull);
  }

  public Habits noFasterThan(double speed) {
    return new Habits(airConditioning, heater, holdGear, speed, fanFull);
  }

  public Habits withFanFull() {
    return new Habits(airConditioning, heater, holdGear, fastest, true);
  }
}
