package roadbreeze.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Looks at a log row by row as it comes in, and marks gaps, spikes, stuck sensors and what no truck
 * has. Needs room for a few rows, however long the log is.
 */
public final class LogWatch {
  /** No more marks of one sort are kept; the others are counted. */
  public static final int MOST = 500;

  /** Nothing for this many of the usual steps is a gap. */
  private static final double STEPS = 8;

  /** And for at least so long, s. */
  private static final double LEAST_GAP = 3;

  /** By which share a new step moves what is usual. */
  private static final double LEARNS = 0.02;

  /** A truck that moves faster drives, m/s. */
  private static final double DRIVES = 3;

  private final List<Channel> channels;
  private final int speed;
  private final double[][] last = new double[2][];
  private final double[] times = {Double.NaN, Double.NaN};

  /** Of each column: since when it gives one number, and how long of that the truck drove, s. */
  private final double[] since;

  private final double[] driven;

  /** Of each column: its last such mark among all, -1 where there is none. */
  private final int[] lastImpossible;

  private double usual = Double.NaN;
  private final List<LogMark> marks = new ArrayList<>();
  private final Map<LogMark.What, Integer> counts = new EnumMap<>(LogMark.What.class);

  /**
   * @param channels of the columns, in their order
   */
  public LogWatch(List<Channel> channels) {
    this.channels = List.copyOf(channels);
    speed = channels.indexOf(Channel.SPEED);
    since = new double[channels.size()];
    driven = new double[channels.size()];
    lastImpossible = new int[channels.size()];
    Arrays.fill(lastImpossible, -1);
  }

  /**
   * @param time s, after that of the row before
   * @param values SI, one a column; not a number where nothing was recorded
   */
  public void row(double time, double[] values) {
    double before = times[1];
    if (!Double.isNaN(before)) {
      gap(before, time);
    }
    for (int c = 0; c < values.length; c++) {
      if (!Double.isNaN(values[c]) && !channels.get(c).possible(values[c])) {
        impossible(c, time);
      }
      spike(c, time, values[c]);
      still(c, time, values);
    }
    last[0] = last[1];
    last[1] = values.clone();
    times[0] = before;
    times[1] = time;
  }

  /** Row after row it is one mark. */
  private void impossible(int c, double time) {
    int last = lastImpossible[c];
    if (last >= 0 && marks.get(last).to() == times[1]) {
      marks.set(last, new LogMark(LogMark.What.IMPOSSIBLE, c, marks.get(last).from(), time));
      counts.merge(LogMark.What.IMPOSSIBLE, 1, Integer::sum);
      return;
    }
    mark(LogMark.What.IMPOSSIBLE, c, time, time);
    lastImpossible[c] = marks.size() - 1;
  }

  private void gap(double before, double time) {
    double step = time - before;
    if (!Double.isNaN(usual) && step > Math.max(LEAST_GAP, STEPS * usual)) {
      mark(LogMark.What.GAP, -1, before, time);
    } else {
      usual = Double.isNaN(usual) ? step : usual + LEARNS * (step - usual);
    }
  }

  /** Of the row before, seen from this one. */
  private void spike(int c, double time, double now) {
    if (last[0] == null) {
      return;
    }
    double first = last[0][c];
    double middle = last[1][c];
    double jump = channels.get(c).jump();
    boolean up = middle - first > jump && middle - now > jump;
    boolean down = first - middle > jump && now - middle > jump;
    if (up || down) {
      mark(LogMark.What.SPIKE, c, times[1], times[1]);
    }
  }

  private void still(int c, double time, double[] values) {
    double most = channels.get(c).still();
    if (most == 0 || Double.isNaN(values[c])) {
      return;
    }
    boolean same = last[1] != null && last[1][c] == values[c];
    if (!same) {
      ended(c);
      since[c] = time;
      driven[c] = 0;
    } else if (speed >= 0 && values[speed] > DRIVES) {
      driven[c] += time - times[1];
    }
  }

  /** One number has ended, or the log has. */
  private void ended(int c) {
    if (channels.get(c).still() > 0 && driven[c] > channels.get(c).still()) {
      mark(LogMark.What.STUCK, c, since[c], times[1]);
    }
  }

  private void mark(LogMark.What what, int column, double from, double to) {
    int n = counts.merge(what, 1, Integer::sum);
    if (n <= MOST) {
      marks.add(new LogMark(what, column, from, to));
    }
  }

  /** All that was seen; nothing may come in afterwards. */
  public List<LogMark> marks() {
    for (int c = 0; c < channels.size(); c++) {
      ended(c);
      driven[c] = 0;
    }
    return List.copyOf(marks);
  }

  /** How often each was seen, those that are not kept as well. */
  public Map<LogMark.What, Integer> counts() {
    return Map.copyOf(counts);
  }
}
