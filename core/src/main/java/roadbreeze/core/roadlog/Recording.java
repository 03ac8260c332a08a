package roadbreeze.core.roadlog;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import roadbreeze.core.log.Channel;

/**
 * What was recorded of a drive, at even steps: the mean of all readings of a step, and between
 * readings that are no further apart than {@link #BRIDGED} a straight line. Where nothing is known
 * it is not a number.
 */
public final class Recording {
  /** Readings of slow loggers are joined over so long, s; own default. */
  static final double BRIDGED = 15;

  /** No more steps than of a day by seconds; a longer drive has longer ones. */
  private static final double MOST_STEPS = 86_400;

  private final double begin;
  private final double step;
  private final int steps;
  private final Map<Channel, double[]> values;

  private Recording(double begin, double step, int steps, Map<Channel, double[]> values) {
    this.begin = begin;
    this.step = step;
    this.steps = steps;
    this.values = values;
  }

  /** When the first step begins, s since the run began. */
  public double begin() {
    return begin;
  }

  /** s */
  public double step() {
    return step;
  }

  public int steps() {
    return steps;
  }

  /** The middle of a step, s since the run began. */
  public double time(int i) {
    return begin + (i + 0.5) * step;
  }

  public boolean has(Channel channel) {
    return values.containsKey(channel);
  }

  /** One step of a channel; not a number where it is not known. */
  public double at(Channel channel, int i) {
    double[] v = values.get(channel);
    return v == null ? Double.NaN : v[i];
  }

  /** The same with a channel that nothing recorded but that is known to have been so all along. */
  public Recording knowing(Channel channel, double value) {
    if (has(channel)) {
      return this;
    }
    Map<Channel, double[]> more = new EnumMap<>(values);
    double[] all = new double[steps];
    Arrays.fill(all, value);
    more.put(channel, all);
    return new Recording(begin, step, steps, more);
  }

  /** States do not pass through what lies between them. */
  private static boolean isState(Channel channel) {
    return channel == Channel.GEAR || channel == Channel.AIR_CONDITIONING || channel == Channel.FAN;
  }

  /** Takes readings in and makes steps of them. */
  public static final class Builder {
    private final double begin;
    private final double step;
    private final int steps;
    private final Map<Channel, double[]> sums = new EnumMap<>(Channel.class);
    private final Map<Channel, int[]> counts = new EnumMap<>(Channel.class);

    /** What another device has said already, by channel. */
    private final Map<Channel, boolean[]> said = new EnumMap<>(Channel.class);

    /**
     * @param begin s since the run began
     * @param end the same, after it
     */
    public Builder(double begin, double end) {
      this.begin = begin;
      step = Math.max(1, Math.ceil((end - begin) / MOST_STEPS));
      steps = Math.max(1, (int) Math.ceil((end - begin) / step));
    }

    /**
     * A reading. Those that are not a number, lie outside or are no truck's are left out.
     *
     * @param time s since the run began
     * @param value SI
     */
    public Builder add(Channel channel, double time, double value) {
      int i = (int) Math.floor((time - begin) / step);
      if (channel == Channel.OTHER
          || Double.isNaN(value)
          || !channel.possible(value)
          || i < 0
          || i >= steps
          || said.containsKey(channel) && said.get(channel)[i]) {
        return this;
      }
      sums.computeIfAbsent(channel, c -> new double[steps])[i] += value;
      counts.computeIfAbsent(channel, c -> new int[steps])[i]++;
      return this;
    }

    /** Readings of another device follow: they fill what those before have not said. */
    public Builder next() {
      counts.forEach(
          (channel, n) -> {
            boolean[] known = said.computeIfAbsent(channel, c -> new boolean[steps]);
            for (int i = 0; i < steps; i++) {
              known[i] |= n[i] > 0;
            }
          });
      return this;
    }

    public Recording build() {
      Map<Channel, double[]> values = new EnumMap<>(Channel.class);
      sums.forEach(
          (channel, sum) -> {
            double[] means = new double[steps];
            int[] n = counts.get(channel);
            for (int i = 0; i < steps; i++) {
              means[i] = n[i] == 0 ? Double.NaN : sum[i] / n[i];
            }
            values.put(channel, bridged(means, isState(channel)));
          });
      return new Recording(begin, step, steps, values);
    }

    private double[] bridged(double[] v, boolean held) {
      int last = -1;
      for (int i = 0; i < v.length; i++) {
        if (Double.isNaN(v[i])) {
          continue;
        }
        if (last >= 0 && i - last > 1 && (i - last) * step <= BRIDGED) {
          for (int k = last + 1; k < i; k++) {
            double share = (double) (k - last) / (i - last);
            v[k] = held ? v[last] : v[last] + share * (v[i] - v[last]);
          }
        }
        last = i;
      }
      return v;
    }
  }
}
