package roadbreeze.server.haul;

import jakarta.validation.Validator;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roadbreeze.core.haul.RoadTrack;
import roadbreeze.server.csv.CellProblem;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.message.Said;
import roadbreeze.server.problem.Refusal;

/**
 * A road out of a file.
 *
 * @param points as it can be driven; empty where the file has problems
 * @param raw as recorded, thinned for drawing; empty where nothing was smoothed
 * @param remarks what was done to it
 */
public record RoadReading(
    List<RoadPoint> points, List<RawSample> raw, List<Said> remarks, List<CellProblem> problems) {
  /** Of a recorded road so many points are left: room for people to add their own. */
  private static final int MOST = 150;

  private static final int MOST_RAW = 1000;

  // Speeds that recorded times are believed to tell, km/h, rounded to fives.
  private static final double SLOWEST = 10;
  private static final double FASTEST = 110;
  private static final double ROUNDED_TO = 5;

  /** Slower than this is standing, m/s. */
  private static final double STANDING = 1;

  /** As recorded. */
  public record RawSample(double distanceKm, double elevationM) {}

  /**
   * Columns as they are written out; a long file is smoothed like a recorded one.
   *
   * @throws roadbreeze.core.problem.BadInputException if there is no road in it
   */
  static RoadReading csv(byte[] file, Validator validator) {
    RecordCsv.Reading read = new RecordCsv(RoadRow.class, validator, null).read(file);
    if (!read.problems().isEmpty()) {
      return new RoadReading(List.of(), List.of(), List.of(), CellProblem.of(read));
    }
    List<RoadRow> rows = read.records().stream().map(RoadRow.class::cast).toList();
    List<RoadPoint> points = RoadRow.points(rows);
    boolean onward = points.size() > 1;
    for (int i = 1; i < points.size(); i++) {
      onward &= points.get(i).distanceKm() > points.get(i - 1).distanceKm();
    }
    if (onward && points.size() <= Journey.MOST_POINTS) {
      return new RoadReading(points, List.of(), List.of(), List.of());
    }
    List<RoadTrack.Sample> samples =
        rows.stream()
            .map(r -> new RoadTrack.Sample(r.distanceKm() * 1000, r.elevationM()))
            .toList();
    RoadTrack track = RoadTrack.of(samples, MOST);
    List<RoadPoint> sorted = new ArrayList<>(points);
    sorted.sort(Comparator.comparingDouble(RoadPoint::distanceKm));
    return of(track, (from, to) -> like(sorted, from), List.of());
  }

  /** What the road is like from a place on, by the last point before it. */
  private static RoadPoint like(List<RoadPoint> points, double metres) {
    RoadPoint like = points.get(0);
    for (RoadPoint point : points) {
      if (point.distanceKm() * 1000 <= metres + 1e-6) {
        like = point;
      }
    }
    return like;
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no GPX
   * @throws roadbreeze.core.problem.BadInputException if there is no road in it
   */
  static RoadReading gpx(byte[] file) {
    List<List<RoadGpx.Fix>> tracks = RoadGpx.read(file);
    List<RoadGpx.Fix> longest =
        tracks.stream().max(Comparator.comparingDouble(t -> last(distances(t)))).orElse(List.of());
    double[] distance = distances(longest);
    List<RoadTrack.Sample> samples = new ArrayList<>();
    for (int i = 0; i < longest.size(); i++) {
      samples.add(new RoadTrack.Sample(distance[i], longest.get(i).elevation()));
    }
    RoadTrack track = RoadTrack.of(samples, MOST);
    List<Said> remarks = new ArrayList<>();
    if (tracks.size() > 1) {
      remarks.add(Said.of(RoadRemark.TRACKS.with(tracks.size(), last(distance))));
    }
    boolean timed = longest.stream().allMatch(f -> f.time() != null);
    remarks.add(
        Said.of(
            timed
                ? RoadRemark.SPEEDS_RECORDED.with()
                : RoadRemark.SPEED_USUAL.with(RoadRow.USUAL_SPEED / 3.6)));
    return of(
        track,
        (from, to) ->
            RoadPoint.of(
                "p", 0, 0, timed ? speed(longest, distance, from, to) : RoadRow.USUAL_SPEED),
        remarks);
  }

  private static double[] distances(List<RoadGpx.Fix> fixes) {
    double[] distance = new double[fixes.size()];
    for (int i = 1; i < distance.length; i++) {
      distance[i] = distance[i - 1] + fixes.get(i - 1).distanceTo(fixes.get(i));
    }
    return distance;
  }

  private static double last(double[] values) {
    return values.length == 0 ? 0 : values[values.length - 1];
  }

  /** Driven between two places while it moved, km/h. */
  private static double speed(List<RoadGpx.Fix> fixes, double[] distance, double from, double to) {
    double metres = 0;
    double seconds = 0;
    for (int i = 1; i < distance.length; i++) {
      if (distance[i] > from && distance[i - 1] < to) {
        double took =
            Duration.between(fixes.get(i - 1).time(), fixes.get(i).time()).toMillis() / 1000.0;
        double way = distance[i] - distance[i - 1];
        if (took > 0 && way / took > STANDING) {
          metres += way;
          seconds += took;
        }
      }
    }
    double kmh = seconds > 0 ? 3.6 * metres / seconds : RoadRow.USUAL_SPEED;
    double round = Math.round(kmh / ROUNDED_TO) * ROUNDED_TO;
    return Math.max(SLOWEST, Math.min(FASTEST, round));
  }

  /** What a road is like between two places, m; its place and height do not count. */
  private interface Like {
    RoadPoint between(double from, double to);
  }

  private static RoadReading of(RoadTrack track, Like like, List<Said> more) {
    List<RoadTrack.Sample> left = track.points();
    double start = left.get(0).distance();
    List<RoadPoint> points = new ArrayList<>();
    for (int i = 0; i < left.size(); i++) {
      RoadTrack.Sample here = left.get(i);
      double to = left.get(Math.min(i + 1, left.size() - 1)).distance();
      RoadPoint as = like.between(here.distance(), to);
      points.add(
          new RoadPoint(
              "p" + (i + 1),
              rounded((here.distance() - start) / 1000, 1000),
              rounded(here.elevation(), 10),
              as.speedKmh(),
              as.surface(),
              as.headwindKmh(),
              null,
              "",
              null));
    }
    if (points.get(points.size() - 1).distanceKm() > RoadPoint.FARTHEST_KM) {
      throw Refusal.ROAD_TOO_FAR.refuse(RoadPoint.FARTHEST_KM * 1000);
    }
    List<RawSample> raw = new ArrayList<>();
    int n = track.raw().size();
    for (int i = 0; i < Math.min(n, MOST_RAW); i++) {
      int at = (int) Math.round((double) i * (n - 1) / (Math.min(n, MOST_RAW) - 1));
      RoadTrack.Sample sample = track.raw().get(at);
      if (Double.isFinite(sample.elevation())) {
        raw.add(new RawSample((sample.distance() - start) / 1000, sample.elevation()));
      }
    }
    return new RoadReading(points, raw, remarks(track, more), List.of());
  }

  private static double rounded(double value, double per) {
    return Math.round(value * per) / per;
  }

  private static List<Said> remarks(RoadTrack track, List<Said> more) {
    List<Said> remarks = new ArrayList<>(more);
    List<RoadTrack.Sample> known =
        track.raw().stream().filter(s -> Double.isFinite(s.elevation())).toList();
    remarks.add(
        Said.of(
            RoadRemark.SMOOTHED.with(
                track.raw().size(),
                track.points().size(),
                RoadTrack.ascent(known),
                RoadTrack.ascent(track.points()))));
    if (track.turned()) {
      remarks.add(Said.of(RoadRemark.TURNED.with()));
    }
    if (track.spikes() > 0) {
      remarks.add(Said.of(RoadRemark.SPIKES.with(track.spikes())));
    }
    if (track.filled() > 0) {
      remarks.add(Said.of(RoadRemark.FILLED.with(track.filled())));
    }
    if (track.gaps() > 0) {
      double longest = 0;
      for (int i = 1; i < track.raw().size(); i++) {
        double gap = track.raw().get(i).distance() - track.raw().get(i - 1).distance();
        longest = Math.max(longest, gap);
      }
      remarks.add(Said.of(RoadRemark.GAPS.with(track.gaps(), longest)));
    }
    return remarks;
  }
}
