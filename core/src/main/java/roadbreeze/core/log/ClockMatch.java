package roadbreeze.core.log;

import java.util.Arrays;
import java.util.Optional;

/**
 * How far two recordings of one drive are apart in time, by their speeds.
 *
 * @param offset to be added to the second's times, s
 * @param agreement of the speeds where both are, -1 to 1: Lin's concordance (1989), which level and
 *     spread lower as well
 * @param overlap s
 */
public record ClockMatch(double offset, double agreement, double overlap) {
  /** Recordings that agree less are of two drives; own default. */
  private static final double LEAST_AGREEMENT = 0.8;

  /** What both must have of the drive, s; own default. */
  private static final double LEAST_OVERLAP = 120;

  /** And of the shorter of them (-): over a short piece two drives may agree by chance. */
  private static final double LEAST_SHARE = 0.4;

  /** Readings that a correlation is worked out from, at least. */
  private static final int LEAST_COMMON = 40;

  /** Steps of the first, coarse look. */
  private static final int COARSE = 4000;

  /** Speed that never changes tells nothing, m/s. */
  private static final double LEAST_SPREAD = 0.5;

  /**
   * @param first speeds by the second from its first reading on, m/s, not a number where there is
   *     none
   * @param second the same of the other
   * @return by how much the second begins after the first; empty where they do not agree anywhere
   */
  public static Optional<ClockMatch> of(double[] first, double[] second) {
    int together = 1 + Math.max(first.length, second.length) / COARSE;
    ClockMatch best =
        best(
            means(first, together),
            means(second, together),
            -second.length / together,
            first.length / together);
    if (best != null && together > 1) {
      int near = (int) best.offset * together;
      best = best(first, second, near - 2 * together, near + 2 * together);
    }
    return Optional.ofNullable(best)
        .filter(b -> b.agreement >= LEAST_AGREEMENT && b.overlap >= LEAST_OVERLAP)
        .map(b -> finer(first, second, b));
  }

  private static ClockMatch best(double[] first, double[] second, int from, int to) {
    ClockMatch best = null;
    for (int lag = from; lag <= to; lag++) {
      ClockMatch match = at(first, second, lag);
      if (match != null && (best == null || match.agreement > best.agreement)) {
        best = match;
      }
    }
    return best;
  }

  /** Seconds together, so that a whole day is looked through as fast as an hour. */
  private static double[] means(double[] of, int together) {
    if (together == 1) {
      return of;
    }
    double[] means = new double[of.length / together];
    for (int i = 0; i < means.length; i++) {
      means[i] =
          Arrays.stream(of, i * together, (i + 1) * together)
              .filter(v -> !Double.isNaN(v))
              .average()
              .orElse(Double.NaN);
    }
    return means;
  }

  private static ClockMatch at(double[] first, double[] second, int lag) {
    int from = Math.max(0, lag);
    int to = Math.min(first.length, second.length + lag);
    double n = 0;
    double x = 0;
    double y = 0;
    double xx = 0;
    double yy = 0;
    double xy = 0;
    for (int i = from; i < to; i++) {
      double a = first[i];
      double b = second[i - lag];
      if (!Double.isNaN(a) && !Double.isNaN(b)) {
        n++;
        x += a;
        y += b;
        xx += a * a;
        yy += b * b;
        xy += a * b;
      }
    }
    double varies = xx - x * x / n;
    double otherVaries = yy - y * y / n;
    double least = n * LEAST_SPREAD * LEAST_SPREAD;
    double share = LEAST_SHARE * Math.min(first.length, second.length);
    if (n < Math.max(LEAST_COMMON, share) || varies < least || otherVaries < least) {
      return null;
    }
    double apart = (x - y) * (x - y) / n;
    double agreement = 2 * (xy - x * y / n) / (varies + otherVaries + apart);
    return new ClockMatch(lag, agreement, n);
  }

  /** Between whole seconds by the parabola through the best and its neighbours. */
  private static ClockMatch finer(double[] first, double[] second, ClockMatch best) {
    ClockMatch before = at(first, second, (int) best.offset - 1);
    ClockMatch after = at(first, second, (int) best.offset + 1);
    if (before == null || after == null) {
      return best;
    }
    double bend = before.agreement - 2 * best.agreement + after.agreement;
    double by = bend < 0 ? (before.agreement - after.agreement) / (2 * bend) : 0;
    return new ClockMatch(best.offset + by, best.agreement, best.overlap);
  }
}
