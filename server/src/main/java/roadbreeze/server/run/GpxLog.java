package roadbreeze.server.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import roadbreeze.server.haul.RoadGpx;
import roadbreeze.server.haul.RoadGpx.Fix;
import roadbreeze.server.problem.Refusal;

/** A GPX track as a log: where the truck was, how high, and how fast by the way between. */
final class GpxLog {
  /** Speeds are taken over at least so long: fixes wander by metres, s. */
  private static final double OVER = 4;

  private GpxLog() {}

  /**
   * As CSV that {@link roadbreeze.server.log.LogPlans} reads.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no GPX, or has no times
   */
  static String csv(byte[] file) {
    List<Fix> fixes = new ArrayList<>();
    RoadGpx.read(file).forEach(fixes::addAll);
    fixes.removeIf(f -> f.time() == null);
    if (fixes.size() < 2) {
      throw Refusal.GPX_WITHOUT_TIMES.refuse();
    }
    fixes.sort(Comparator.comparing(Fix::time));
    StringBuilder text =
        new StringBuilder("Time (s),Latitude (°),Longitude (°),Altitude (m),GPS speed (km/h)\n");
    int before = 0;
    for (int i = 0; i < fixes.size(); i++) {
      Fix fix = fixes.get(i);
      while (before + 1 < i && seconds(fixes.get(before + 1), fix) >= OVER) {
        before++;
      }
      double took = seconds(fixes.get(before), fix);
      double speed = took > 0 ? 3.6 * way(fixes, before, i) / took : 0;
      text.append(
          String.format(
              Locale.ROOT,
              "%d.%03d,%.7f,%.7f,%s,%.2f%n",
              fix.time().getEpochSecond(),
              fix.time().getNano() / 1_000_000,
              fix.latitude(),
              fix.longitude(),
              Double.isNaN(fix.elevation())
                  ? ""
                  : String.format(Locale.ROOT, "%.1f", fix.elevation()),
              speed));
    }
    return text.toString();
  }

  private static double seconds(Fix from, Fix to) {
    return (to.time().toEpochMilli() - from.time().toEpochMilli()) / 1000.0;
  }

  private static double way(List<Fix> fixes, int from, int to) {
    double way = 0;
    for (int i = from; i < to; i++) {
      way += fixes.get(i).distanceTo(fixes.get(i + 1));
    }
    return way;
  }
}
