package roadbreeze.core.haul;

import roadbreeze.core.circuit.OperatingPoint;

/**
 * A road on a day, with a driver.
 *
 * @param ambient at the start, °C; it falls by {@link #LAPSE} with height
 * @param airConditioning on the way and in stops
 * @param holdGear no higher gear is taken; {@link OperatingPoint#FREE} leaves it
 */
public record Trip(
    Road road,
    double ambient,
    boolean airConditioning,
    OperatingPoint.Heater heater,
    int holdGear) {
  /** K/m */
  public static final double LAPSE = 6.5e-3;

  /** Driven with the air conditioning on or off, the gears left to the gearbox. */
  public static Trip of(Road road, double ambient, boolean airConditioning) {
    return new Trip(
        road, ambient, airConditioning, OperatingPoint.Heater.BY_AMBIENT, OperatingPoint.FREE);
  }

  /** On the way from a point of the road to the next. */
  OperatingPoint at(int from, double distance) {
    return place(from, distance, road.grade(from));
  }

  /** Standing at a point of the road. */
  OperatingPoint standing(int at) {
    return place(at, road.points().get(at).distance(), 0);
  }

  private OperatingPoint place(int from, double distance, double grade) {
    double elevation = road.elevation(from, distance);
    double start = road.points().get(0).elevation();
    return new OperatingPoint(
        grade,
        road.points().get(from).speed(),
        ambient - LAPSE * (elevation - start),
        elevation,
        airConditioning,
        heater,
        holdGear);
  }
}
