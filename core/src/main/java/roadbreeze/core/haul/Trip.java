package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.vehicle.Powertrain;

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

  /** The same as a truck with its mass drives it. */
  public Trip ramped() {
    return new Trip(RampedRoad.of(road), weather, driving);
  }

  /** A steady day, driven as usual. */
  public static Trip of(Road road, double ambient, boolean airConditioning) {
    double start = road.points().get(0).elevation();
    return new Trip(road, Weather.steady(ambient, start), Habits.usual(airConditioning));
  }

  /** The same on another day, so much warmer everywhere, K. */
  public Trip warmer(double by) {
    List<Road.Point> points =
        road.points().stream()
            .map(p -> p.ambient().isPresent() ? p.at(p.ambient().getAsDouble() + by) : p)
            .toList();
    return new Trip(new Road(points), weather.warmer(by), driving);
  }

  /** The same with the driver doing otherwise all the way. */
  public Trip always(UnaryOperator<Habits> change) {
    return new Trip(
        road,
        weather,
        driving.stream().map(c -> new Change(c.from(), change.apply(c.habits()))).toList());
  }

  /** The same with the driver doing otherwise from a place to another. */
  public Trip acting(double from, double until, Habits habits) {
    List<Change> changes = new ArrayList<>();
    for (Change change : driving) {
      if (change.from() < from || change.from() > until) {
        changes.add(change);
      }
    }
    changes.add(new Change(from, habits));
    if (until < road.points().get(road.points().size() - 1).distance()) {
      changes.add(new Change(until, habitsAt(until)));
    }
    return new Trip(road, weather, changes);
  }

  /**
   * The part of it between two places.
   *
   * @param time at which the first is reached, s
   */
  public Trip between(double from, double to, double time) {
    return new Trip(road.between(from, to), weather.later(time), driving);
  }

  /** The same with a rest at a place, the engine at a raised idle. */
  public Trip resting(double at, double seconds) {
    return standing(at, new Road.Stop(seconds, Optional.of(Powertrain.Standing.FAST_IDLE), false));
  }

  /** The same with a stop at a place. */
  Trip standing(double at, Road.Stop stop) {
    return new Trip(road.splitAt(at).stoppingAt(at, stop), weather, driving);
  }

  /** What the driver does at a point of the road and from there on. */
  public Habits habits(int point) {
    return habitsAt(road.points().get(point).distance());
  }

  /**
   * Of the air at a place, °C.
   *
   * @param time since the start, s
   */
  public double ambientAt(double place, double time) {
    return road.ambient(place).orElseGet(() -> weather.ambient(time, road.elevationAt(place)));
  }

  boolean airConditioning(double distance) {
    return habitsAt(distance).airConditioning();
  }

  /** What the driver does at a place. */
  public Habits habitsAt(double place) {
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
    return leg(from).at(distance, time);
  }

  /** Standing at a point of the road, so long after the start. */
  public OperatingPoint standing(int at, double time) {
    return leg(at).standing(time);
  }

  /** The place of a point of the road with the way from there to the next, if there is one. */
  Leg leg(int from) {
    Road.Point point = road.points().get(from);
    if (from + 1 == road.points().size()) {
      return new Leg(this, point, 0, habits(from), road.ambient(point.distance()), 0);
    }
    double end = road.points().get(from + 1).distance();
    OptionalDouble here = road.ambient(point.distance());
    double warmer = here.isEmpty() ? 0 : road.ambient(end).getAsDouble() - here.getAsDouble();
    double perMetre = warmer / (end - point.distance());
    return new Leg(this, point, road.grade(from), habits(from), here, perMetre);
  }

  /**
   * What changes only from point to point.
   *
   * @param ambient at its beginning where the road knows it, °C
   * @param warmer K/m
   */
  record Leg(
      Trip trip,
      Road.Point from,
      double grade,
      Habits habits,
      OptionalDouble ambient,
      double warmer) {
    OperatingPoint at(double distance, double time) {
      return place(distance, time, grade);
    }

    OperatingPoint standing(double time) {
      return place(from.distance(), time, 0);
    }

    private OperatingPoint place(double distance, double time, double slope) {
      double on = distance - from.distance();
      double height = from.elevation() + (from.grade().isPresent() ? 0 : grade * on);
      return new OperatingPoint(
          slope,
          Math.min(from.speed(), habits.fastest()),
          ambient.isPresent()
              ? ambient.getAsDouble() + warmer * on
              : trip.weather.ambient(time, height),
          height,
          habits.airConditioning(),
          habits.heater(),
          habits.holdGear(),
          from.headwind(),
          from.surface());
    }
  }
}
