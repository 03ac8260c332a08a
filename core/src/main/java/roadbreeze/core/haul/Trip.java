package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roadbreeze.core.circuit.OperatingPoint;

/**
 * A road on a day, with a driver.
 *
 * @param driving what the driver does from which place on, the first from the start
 */
public record Trip(Road road, Weather weather, List<Change> driving) {
  /**
   * From a place on the driver does so.
   *
   * @param from as driven, m
   */
  public record Change(double from, Habits habits) {}

  public Trip {
    List<Change> sorted = new ArrayList<>(driving);
    sorted.sort(Comparator.comparingDouble(Change::from));
    driving = List.copyOf(sorted);
    Road whole = road;
    for (Change change : driving) {
      whole = whole.splitAt(change.from());
    }
    road = whole;
  }

  public Trip(Road road, Weather weather, Habits habits) {
    this(road, weather, List.of(new Change(road.points().get(0).distance(), habits)));
  }

  /** A steady day, driven as usual. */
  public static Trip of(Road road, double ambient, boolean airConditioning) {
    double start = road.points().get(0).elevation();
    return new Trip(road, Weather.steady(ambient, start), Habits.usual(airConditioning));
  }

  /**
   * The part of it between two places.
   *
   * @param time at which the first is reached, s
   */
  Trip between(double from, double to, double time) {
    return new Trip(road.between(from, to), weather.later(time), driving);
  }

  /** What the driver does at a point of the road and from there on. */
  public Habits habits(int point) {
    return habitsAt(road.points().get(point).distance());
  }

  boolean airConditioning(double distance) {
    return habitsAt(distance).airConditioning();
  }

  /** What the driver does at a place. */
  Habits habitsAt(double place) {
    Habits now = driving.get(0).habits();
    for (Change change : driving) {
      if (change.from() <= place) {
        now = change.habits();
      }
    }
    return now;
  }

  /** On the way from a point of the road to the next, so long after the start. */
  public OperatingPoint at(int from, double distance, double time) {
    return place(from, distance, time, road.grade(from));
  }

  /** Standing at a point of the road, so long after the start. */
  public OperatingPoint standing(int at, double time) {
    return place(at, road.points().get(at).distance(), time, 0);
  }

  private OperatingPoint place(int from, double distance, double time, double grade) {
    Road.Point point = road.points().get(from);
    Habits habits = habits(from);
    double elevation = road.elevation(from, distance);
    return new OperatingPoint(
        grade,
        Math.min(point.speed(), habits.fastest()),
        road.ambient(distance).orElseGet(() -> weather.ambient(time, elevation)),
        elevation,
        habits.airConditioning(),
        habits.heater(),
        habits.holdGear(),
        point.headwind(),
        point.surface());
  }
}
