package roadbreeze.core.haul;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.stat.descriptive.rank.Median;
import roadbreeze.core.problem.Problem;

/**
 * A road as somebody recorded it, made into one that can be driven: what is doubled goes, spikes
 * are left out, heights that are missing are filled between their neighbours, noise is smoothed
 * over a span that keeps every climb, and few points are left, no further off than they need be.
 *
 * @param raw as recorded, in order
 * @param points what is left
 * @param spikes heights that were left out
 * @param filled heights that were missing
 * @param gaps longer than {@link #GAP} without a sample
 * @param turned it was recorded from its end to its start
 */
public record RoadTrack(
    List<Sample> raw, List<Sample> points, int spikes, int filled, int gaps, boolean turned) {
  /** m */
  public static final double GAP = 500;

  /** Closer together samples tell nothing new, m. */
  private static final double SAME_PLACE = 1;

  /** Heights are compared with the middle one of so many. */
  private static final int NEIGHBOURS = 7;

  /** A height so far off its neighbours is none, m, or m per m of road. */
  private static final double SPIKE = 12;

  private static final double SPIKE_GRADE = 0.35;

  /** Samples are taken evenly so far apart, m; on a long road further. */
  private static final double EVERY = 20;

  private static final int MOST_EVEN = 20_000;

  /** Half width of what is smoothed together, m. */
  private static final double SMOOTHED = 60;

  /** What a point left out may be off by at first, m; more where too many are left. */
  private static final double OFF = 1;

  private static final double OFF_GROWS = 1.3;

  /**
   * @param distance along the road, m
   * @param elevation m, not a number where it is not known
   */
  public record Sample(double distance, double elevation) {}

  /**
   * @param most points that may be left, two at least
   * @throws roadbreeze.core.problem.BadInputException if there is no road in it, or no height
   */
  public static RoadTrack of(List<Sample> recorded, int most) {
    return of(recorded, most, SMOOTHED);
  }

  /**
   * The same of heights that are noisier, or less so.
   *
   * @param together half width of what is smoothed together, m
   */
  public static RoadTrack of(List<Sample> recorded, int most, double together) {
    boolean turned =
        recorded.size() > 1
            && recorded.get(recorded.size() - 1).distance() < recorded.get(0).distance();
    List<Sample> raw = new ArrayList<>();
    for (int i = 0; i < recorded.size(); i++) {
      Sample sample = recorded.get(turned ? recorded.size() - 1 - i : i);
      boolean onward =
          raw.isEmpty() || sample.distance() >= raw.get(raw.size() - 1).distance() + SAME_PLACE;
      if (onward && Double.isFinite(sample.distance())) {
        raw.add(sample);
      }
    }
    if (raw.size() < 2) {
      throw Problem.NO_ROAD_IN_FILE.refuse();
    }
    List<Sample> known = raw.stream().filter(s -> Double.isFinite(s.elevation())).toList();
    if (known.size() < 2) {
      throw Problem.NO_HEIGHTS.refuse();
    }
    List<Sample> kept = withoutSpikes(known);
    int gaps = 0;
    for (int i = 1; i < raw.size(); i++) {
      gaps += raw.get(i).distance() - raw.get(i - 1).distance() > GAP ? 1 : 0;
    }
    double start = raw.get(0).distance();
    double end = raw.get(raw.size() - 1).distance();
    return new RoadTrack(
        List.copyOf(raw),
        fewer(smoothed(kept, start, end, together), most),
        known.size() - kept.size(),
        raw.size() - known.size(),
        gaps,
        turned);
  }

  /** Sum of all climbs of some samples, m. */
  public static double ascent(List<Sample> samples) {
    double sum = 0;
    for (int i = 1; i < samples.size(); i++) {
      sum += Math.max(0, samples.get(i).elevation() - samples.get(i - 1).elevation());
    }
    return sum;
  }

  private static List<Sample> withoutSpikes(List<Sample> samples) {
    List<Sample> kept = new ArrayList<>();
    Median median = new Median();
    for (int i = 0; i < samples.size(); i++) {
      int from = Math.max(0, Math.min(i - NEIGHBOURS / 2, samples.size() - NEIGHBOURS));
      int to = Math.min(samples.size(), from + NEIGHBOURS);
      double[] heights =
          samples.subList(from, to).stream().mapToDouble(Sample::elevation).toArray();
      double reach =
          Math.max(
              samples.get(to - 1).distance() - samples.get(i).distance(),
              samples.get(i).distance() - samples.get(from).distance());
      double off = Math.abs(samples.get(i).elevation() - median.evaluate(heights));
      if (off <= Math.max(SPIKE, SPIKE_GRADE * reach)) {
        kept.add(samples.get(i));
      }
    }
    return kept.size() < 2 ? samples : kept;
  }

  /** Evenly spaced, each the mean of what lies round it by a bell as wide as is smoothed. */
  private static List<Sample> smoothed(
      List<Sample> samples, double start, double end, double together) {
    int n = (int) Math.min(MOST_EVEN, Math.max(2, Math.ceil((end - start) / EVERY) + 1));
    double step = (end - start) / (n - 1);
    double[] even = new double[n];
    int at = 0;
    for (int i = 0; i < n; i++) {
      double place = start + i * step;
      while (at + 2 < samples.size() && samples.get(at + 1).distance() < place) {
        at++;
      }
      even[i] = between(samples.get(at), samples.get(at + 1), place);
    }
    int reach = (int) Math.ceil(2 * together / step);
    List<Sample> smooth = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      // No further than to the nearer end, so that the ends stay where they are.
      int side = Math.min(reach, Math.min(i, n - 1 - i));
      double sum = 0;
      double weight = 0;
      for (int k = -side; k <= side; k++) {
        double w = Math.exp(-0.5 * Math.pow(k * step / together, 2));
        sum += w * even[i + k];
        weight += w;
      }
      smooth.add(new Sample(start + i * step, sum / weight));
    }
    return smooth;
  }

  /** On the line through two, level beyond them. */
  private static double between(Sample a, Sample b, double place) {
    double share = (place - a.distance()) / (b.distance() - a.distance());
    double held = Math.max(0, Math.min(1, share));
    return a.elevation() + held * (b.elevation() - a.elevation());
  }

  /**
   * The fewest that the line through is nowhere further off than wanted (Ramer, Douglas, Peucker).
   */
  private static List<Sample> fewer(List<Sample> samples, int most) {
    double off = OFF;
    while (true) {
      boolean[] keep = kept(samples, off);
      int[] kept = IntStream.range(0, keep.length).filter(i -> keep[i]).toArray();
      if (kept.length <= most) {
        return Arrays.stream(kept).mapToObj(samples::get).toList();
      }
      off *= OFF_GROWS;
    }
  }

  private static boolean[] kept(List<Sample> samples, double off) {
    boolean[] keep = new boolean[samples.size()];
    keep[0] = true;
    keep[keep.length - 1] = true;
    Deque<int[]> open = new ArrayDeque<>(List.of(new int[] {0, keep.length - 1}));
    while (!open.isEmpty()) {
      int[] span = open.pop();
      int worst = worst(samples, span[0], span[1], off);
      if (worst >= 0) {
        keep[worst] = true;
        open.push(new int[] {span[0], worst});
        open.push(new int[] {worst, span[1]});
      }
    }
    return keep;
  }

  /** The one that is furthest off the line between two, −1 if none is so far off. */
  private static int worst(List<Sample> samples, int from, int to, double off) {
    int worst = -1;
    double most = off;
    for (int i = from + 1; i < to; i++) {
      Sample s = samples.get(i);
      double d =
          Math.abs(s.elevation() - between(samples.get(from), samples.get(to), s.distance()));
      if (d > most) {
        most = d;
        worst = i;
      }
    }
    return worst;
  }
}
