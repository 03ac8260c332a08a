package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.Surface;

/**
 * A road from point to point, as it is driven. The last point only ends it.
 *
 * @param points in the order they are passed, two at least
 */
public record Road(List<Point> points) {
  /** Less steep it is a level road, rise over run; our own. */
  private static final double CLIMBS_FROM = 0.02;

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
   * @param surface from here on
   * @param headwind from here on, m/s; negative from behind
   * @param ambient known here, °C; between such points it changes evenly
   * @param stop made here before driving on
   */
  public record Point(
      double distance,
      double elevation,
      double speed,
      OptionalDouble grade,
      Surface surface,
      double headwind,
      OptionalDouble ambient,
      Optional<Stop> stop) {

    /** On asphalt in still air. */
    public static Point of(double distance, double elevation, double speed) {
      return new Point(
          distance,
          elevation,
          speed,
          OptionalDouble.empty(),
          Surface.ASPHALT,
          0,
          OptionalDouble.empty(),
          Optional.empty());
    }

    /** A constant climb at one elevation. */
    public Point climbing(double constant) {
      return new Point(
          distance,
          elevation,
          speed,
          OptionalDouble.of(constant),
          surface,
          headwind,
          ambient,
          stop);
    }

    public Point stopping(Stop here) {
      return new Point(
          distance, elevation, speed, grade, surface, headwind, ambient, Optional.of(here));
    }

    private Point driving() {
      return new Point(
          distance, elevation, speed, grade, surface, headwind, ambient, Optional.empty());
    }

    /** On another surface in some wind. */
    public Point on(Surface other, double wind) {
      return new Point(distance, elevation, speed, grade, other, wind, ambient, stop);
    }

    /** Where the air is known. */
    public Point at(double temperature) {
      return new Point(
          distance,
          elevation,
          speed,
          grade,
          surface,
          headwind,
          OptionalDouble.of(temperature),
          stop);
    }

    /** A point of the same stretch further on. */
    private Point later(double place, double height) {
      return new Point(
          place, height, speed, grade, surface, headwind, OptionalDouble.empty(), Optional.empty());
    }
  }

  /**
   * Standing.
   *
   * @param seconds of it
   * @param engine how it runs; empty where it is off
   * @param fansDead no electric fan runs; else they go on as they are switched, engine or not
   */
  public record Stop(double seconds, Optional<Powertrain.Standing> engine, boolean fansDead) {
    /** At idle in neutral. */
    public static Stop idling(double seconds) {
      return new Stop(seconds, Optional.of(Powertrain.Standing.NEUTRAL), false);
    }

    /** With the engine off and everything electric too. */
    public static Stop off(double seconds) {
      return new Stop(seconds, Optional.empty(), true);
    }
  }

  /** As driven, m. */
  public double length() {
    return points.get(points.size() - 1).distance() - points.get(0).distance();
  }

  /** Where a climb begins and ends, m. */
  public record Climb(double foot, double top) {}

  /** The last climb begun before a place, steps with it; the place alone where there is none. */
  public Climb climbTo(double place) {
    int last = points.size() - 2;
    while (last >= 0 && (points.get(last).distance() >= place || grade(last) < CLIMBS_FROM)) {
      last--;
    }
    if (last < 0) {
      return new Climb(place, place);
    }
    int first = last;
    while (first > 0 && grade(first - 1) >= CLIMBS_FROM) {
      first--;
    }
    while (last + 2 < points.size() && grade(last + 1) >= CLIMBS_FROM) {
      last++;
    }
    return new Climb(points.get(first).distance(), points.get(last + 1).distance());
  }

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

  /** The point behind which a place lies; the first and the last but one beyond the ends. */
  private int before(double place) {
    int at = 0;
    while (at + 2 < points.size() && points.get(at + 1).distance() <= place) {
      at++;
    }
    return at;
  }

  /** At a place, m. */
  public double elevationAt(double place) {
    return elevation(before(place), place);
  }

  /** Asked for from a place on, m/s. */
  public double speedAt(double place) {
    return points.get(before(place)).speed();
  }

  /** From a place on, rise over run (-). */
  public double gradeAt(double place) {
    return grade(before(place));
  }

  /** Of the air as it is known along the road, °C; empty where no point knows it. */
  OptionalDouble ambient(double distance) {
    Point before = null;
    for (Point point : points) {
      if (point.ambient().isEmpty()) {
        continue;
      }
      if (point.distance() >= distance) {
        return OptionalDouble.of(
            before == null ? point.ambient().getAsDouble() : between(before, point, distance));
      }
      before = point;
    }
    return before == null ? OptionalDouble.empty() : before.ambient();
  }

  private static double between(Point a, Point b, double distance) {
    double share = (distance - a.distance()) / (b.distance() - a.distance());
    return a.ambient().getAsDouble() * (1 - share) + b.ambient().getAsDouble() * share;
  }

  /** The part of it between two places; what stops lie at its beginning are over. */
  Road between(double from, double to) {
    List<Point> part = new ArrayList<>();
    for (Point point : splitAt(from).splitAt(to).points) {
      if (point.distance() >= from && point.distance() <= to) {
        boolean past = part.isEmpty() && from > points.get(0).distance();
        part.add(past ? point.driving() : point);
      }
    }
    return new Road(part);
  }

  /** The same road with a stop at one of its points. */
  Road stoppingAt(double distance, Stop stop) {
    return new Road(
        points.stream().map(p -> p.distance() == distance ? p.stopping(stop) : p).toList());
  }

  /** The same road without its stops. */
  public Road withoutStops() {
    return new Road(points.stream().map(Point::driving).toList());
  }

  /** The same road with a point at a place, if none is there; places beyond its ends leave it. */
  Road splitAt(double distance) {
    for (int i = 0; i + 1 < points.size(); i++) {
      if (points.get(i).distance() < distance && distance < points.get(i + 1).distance()) {
        List<Point> more = new ArrayList<>(points);
        more.add(i + 1, points.get(i).later(distance, elevation(i, distance)));
        return new Road(more);
      }
    }
    return this;
  }
}
