package roadbreeze.core.haul;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A road from point to point, as it is driven. The last point only ends it.
 *
 * @param points in the order they are passed, two at least
 */
public record Road(List<Point> points) {
  public Road {
    points = List.copyOf(points);
  }

  /**
   * A point of the road.
   *
   * @param distance from the start, m
   * @param elevation m
   * @param speed asked from here on, m/s
   * @param grade of a climb at this elevation from here on; empty where elevations give it
   * @param stop made here before driving on
   */
  public record Point(
      double distance, double elevation, double speed, OptionalDouble grade, Optional<Stop> stop) {

    public static Point of(double distance, double elevation, double speed) {
      return new Point(distance, elevation, speed, OptionalDouble.empty(), Optional.empty());
    }

    /** A constant climb at one elevation. */
    public Point climbing(double constant) {
      return new Point(distance, elevation, speed, OptionalDouble.of(constant), stop);
    }

    public Point stopping(Stop here) {
      return new Point(distance, elevation, speed, grade, Optional.of(here));
    }
  }

  /**
   * Standing with the engine at idle.
   *
   * @param seconds of it
   * @param inGear the converter is stalled; else the selector is in neutral
   * @param fansDead no electric fan runs
   */
  public record Stop(double seconds, boolean inGear, boolean fansDead) {}

  /** Rise over run from a point to the next. */
  double grade(int from) {
    Point here = points.get(from);
    Point next = points.get(from + 1);
    return here.grade()
        .orElseGet(
            () -> (next.elevation() - here.elevation()) / (next.distance() - here.distance()));
  }

  /** Between a point and the next, m. */
  double elevation(int from, double distance) {
    Point here = points.get(from);
    boolean last = from + 1 == points.size();
    return last || here.grade().isPresent()
        ? here.elevation()
        : here.elevation() + grade(from) * (distance - here.distance());
  }
}
