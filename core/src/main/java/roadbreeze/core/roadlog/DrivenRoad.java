package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Code;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.RoadTrack;
import roadbreeze.core.log.Channel;

/**
 * The road under a recording: how far it came and how high, step by step.
 *
 * @param distance driven since it began, m; stands where speed is not known
 * @param elevation m; not a number without any height
 * @param grade rise over run; not a number without any height
 */
public record DrivenRoad(Heights heights, double[] distance, double[] elevation, double[] grade) {
  /** Where heights come from, and over how much of the road they are smoothed together. */
  public enum Heights implements Code {
    /** Resolves half a metre; where it stands is only as right as the weather. */
    BAROMETER(60, 0.0015),
    /** Of satellites: off by metres that change slowly. */
    SATELLITES(150, 0.004),
    /** The job's road, driven from its start or from the place that was said. */
    STORED_ROAD(60, 0.004),
    NONE(60, Double.NaN);

    private final double smoothed;
    private final double gradeError;

    Heights(double smoothed, double gradeError) {
      this.smoothed = smoothed;
      this.gradeError = gradeError;
    }

    /**
     * Of the grade over a stretch of two minutes, nine in ten, rise over run; own estimate. Not a
     * number where there is no height.
     */
    public double gradeError() {
      return gradeError;
    }
  }

  /** Less than so many places with a height are no profile. */
  private static final int LEAST_PLACES = 10;

  /** Points of a road that is made of a recording. */
  private static final int MOST_POINTS = 1500;

  /** A stored road that is shorter than what was driven by more than this is another road (-). */
  private static final double TOO_SHORT = 1.05;

  /**
   * @param stored the job's road and where on it the recording began, m; empty where it was another
   */
  public static DrivenRoad of(Recording log, Optional<Stored> stored) {
    double[] distance = distance(log);
    for (Heights from : List.of(Heights.BAROMETER, Heights.SATELLITES)) {
      List<RoadTrack.Sample> places = places(log, from, distance);
      if (places.size() >= LEAST_PLACES) {
        return along(from, distance, RoadTrack.of(places, MOST_POINTS, from.smoothed).points());
      }
    }
    double length = distance[distance.length - 1];
    if (stored.isPresent() && stored.get().left() * TOO_SHORT >= length && length > 0) {
      return along(Heights.STORED_ROAD, distance, stored.get().samples());
    }
    double[] unknown = new double[distance.length];
    Arrays.fill(unknown, Double.NaN);
    return new DrivenRoad(Heights.NONE, distance, unknown, unknown.clone());
  }

  /**
   * The job's road.
   *
   * @param from where on it the recording began, m
   */
  public record Stored(Road road, double from) {
    private double left() {
      List<Road.Point> points = road.points();
      return points.get(points.size() - 1).distance() - from;
    }

    private List<RoadTrack.Sample> samples() {
      List<RoadTrack.Sample> samples = new ArrayList<>();
      for (Road.Point p : road.points()) {
        samples.add(new RoadTrack.Sample(p.distance() - from, p.elevation()));
      }
      return samples;
    }
  }

  private static double[] distance(Recording log) {
    double[] distance = new double[log.steps()];
    double at = 0;
    for (int i = 0; i < distance.length; i++) {
      double v = log.at(Channel.SPEED, i);
      double half = Double.isNaN(v) ? 0 : v * log.step() / 2;
      distance[i] = at + half;
      at += 2 * half;
    }
    return distance;
  }

  private static List<RoadTrack.Sample> places(Recording log, Heights from, double[] distance) {
    List<RoadTrack.Sample> places = new ArrayList<>();
    double last = Double.NEGATIVE_INFINITY;
    double off = from == Heights.BAROMETER ? weather(log) : 0;
    for (int i = 0; i < distance.length; i++) {
      double height =
          from == Heights.BAROMETER
              ? Air.standardAltitude(log.at(Channel.BAROMETER, i))
              : log.at(Channel.ALTITUDE, i);
      if (!Double.isNaN(height) && distance[i] >= last + 1) {
        places.add(new RoadTrack.Sample(distance[i], height + off));
        last = distance[i];
      }
    }
    return places;
  }

  /** It lifts or sinks all of a barometer's heights: satellites say by how much, m. */
  private static double weather(Recording log) {
    return IntStream.range(0, log.steps())
        .mapToDouble(
            i -> log.at(Channel.ALTITUDE, i) - Air.standardAltitude(log.at(Channel.BAROMETER, i)))
        .filter(off -> !Double.isNaN(off))
        .average()
        .orElse(0);
  }

  private static DrivenRoad along(Heights from, double[] distance, List<RoadTrack.Sample> road) {
    double[] x = road.stream().mapToDouble(RoadTrack.Sample::distance).toArray();
    double[] y = road.stream().mapToDouble(RoadTrack.Sample::elevation).toArray();
    PolynomialSplineFunction line = new LinearInterpolator().interpolate(x, y);
    PolynomialSplineFunction slope = line.polynomialSplineDerivative();
    double[] elevation = new double[distance.length];
    double[] grade = new double[distance.length];
    for (int i = 0; i < distance.length; i++) {
      double place = Math.max(x[0], Math.min(x[x.length - 1], distance[i]));
      elevation[i] = line.value(place);
      boolean beyond = place != distance[i];
      grade[i] = beyond ? 0 : slope.value(place);
    }
    return new DrivenRoad(from, distance, elevation, grade);
  }
}
