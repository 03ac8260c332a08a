package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.vehicle.RoadLoad;

/**
 * A road as a truck with its mass drives it. A {@link Road} has speeds that jump; here they rise
 * and fall as fast as drivers let them, and what speeds the truck up weighs on it as a climb does.
 */
public final class RampedRoad {
  /** Usual of a loaded truck, m/s²; own. */
  private static final double FASTER = 0.35;

  private static final double SLOWER = 0.7;

  /** Between points, m. */
  private static final double EVERY = 30;

  private RampedRoad() {}

  /** Points at every few metres, with the grade that is felt. */
  public static Road of(Road road) {
    double[] places = places(road);
    int n = places.length;
    int[] leg = new int[n];
    double[] asked = new double[n];
    for (int i = 0; i < n; i++) {
      leg[i] = i == 0 ? 0 : leg[i - 1];
      while (leg[i] + 2 < road.points().size()
          && road.points().get(leg[i] + 1).distance() <= places[i]) {
        leg[i]++;
      }
      boolean stops = stopAt(road, places[i]) != null;
      asked[i] = stops ? OperatingPoint.SPEED.low() : road.points().get(leg[i]).speed();
    }
    for (int i = n - 2; i >= 0; i--) {
      double before = Math.sqrt(square(asked[i + 1]) + 2 * SLOWER * (places[i + 1] - places[i]));
      asked[i] = Math.min(asked[i], before);
    }
    for (int i = 1; i < n; i++) {
      double after = Math.sqrt(square(asked[i - 1]) + 2 * FASTER * (places[i] - places[i - 1]));
      asked[i] = Math.min(asked[i], after);
    }
    List<Road.Point> points = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      points.add(point(road, leg[i], places, asked, i));
    }
    return new Road(points);
  }

  private static Road.Point point(Road road, int at, double[] places, double[] speed, int i) {
    Road.Point here = road.points().get(at);
    int next = Math.min(places.length - 1, i + 1);
    double run = Math.max(1e-9, places[next] - places[i]);
    double faster = (square(speed[next]) - square(speed[i])) / 2 / run;
    double felt = road.grade(at) + faster / RoadLoad.GRAVITY;
    Road.Point end = stopAt(road, places[i]);
    return new Road.Point(
        places[i],
        road.elevation(at, places[i]),
        (speed[i] + speed[next]) / 2,
        OptionalDouble.of(RoadLoad.GRADE.nearest(felt)),
        here.surface(),
        here.headwind(),
        road.ambient(places[i]),
        end == null ? Optional.empty() : end.stop());
  }

  private static Road.Point stopAt(Road road, double place) {
    return road.points().stream()
        .filter(p -> p.distance() == place && p.stop().isPresent())
        .findFirst()
        .orElse(null);
  }

  private static double[] places(Road road) {
    TreeSet<Double> places = new TreeSet<>();
    road.points().forEach(p -> places.add(p.distance()));
    double start = places.first();
    double end = places.last();
    for (double x = start + EVERY; x < end - EVERY / 2; x += EVERY) {
      double near = x;
      Double under = places.floor(near);
      Double over = places.ceiling(near);
      // Two points that all but touch would make a grade of their own.
      if (near - under > EVERY / 3 && over - near > EVERY / 3) {
        places.add(x);
      }
    }
    return places.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static double square(double x) {
    return x * x;
  }
}
