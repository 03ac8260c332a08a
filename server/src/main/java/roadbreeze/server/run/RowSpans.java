package roadbreeze.server.run;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Lowest, highest and mean of ever more rows of a track, as these come: of {@link #TOGETHER} rows
 * first, then of as many of those. It needs room for a few of them, however many come.
 */
final class RowSpans {
  /** Rows of a first span, and spans of the one above. */
  static final int TOGETHER = 16;

  private final Full full;
  private final List<RowSpan> open = new ArrayList<>();

  /** Takes a span that is full, as the line that the database copies in. */
  interface Full {
    void line(StringBuilder text) throws SQLException;
  }

  RowSpans(Full full) {
    this.full = full;
  }

  /** Rows together. */
  private static final class RowSpan {
    private double from;
    private double to;
    private int parts;
    private int n;
    private final float[] low;
    private final float[] high;
    private final double[] sum;
    private final int[] there;

    RowSpan(int wide) {
      low = new float[wide];
      high = new float[wide];
      sum = new double[wide];
      there = new int[wide];
      clear();
    }

    void clear() {
      parts = 0;
      n = 0;
      Arrays.fill(low, Float.POSITIVE_INFINITY);
      Arrays.fill(high, Float.NEGATIVE_INFINITY);
      Arrays.fill(sum, 0);
      Arrays.fill(there, 0);
    }

    void add(double time, double[] values) {
      from = parts == 0 ? time : from;
      to = time;
      parts++;
      n++;
      for (int i = 0; i < values.length; i++) {
        if (!Double.isNaN(values[i])) {
          low[i] = Math.min(low[i], (float) values[i]);
          high[i] = Math.max(high[i], (float) values[i]);
          sum[i] += values[i];
          there[i]++;
        }
      }
    }

    void add(RowSpan s) {
      from = parts == 0 ? s.from : from;
      to = s.to;
      parts++;
      n += s.n;
      for (int i = 0; i < low.length; i++) {
        low[i] = Math.min(low[i], s.low[i]);
        high[i] = Math.max(high[i], s.high[i]);
        sum[i] += s.sum[i];
        there[i] += s.there[i];
      }
    }

    float mean(int i) {
      return there[i] == 0 ? Float.NaN : (float) (sum[i] / there[i]);
    }

    float bound(float[] of, int i) {
      return there[i] == 0 ? Float.NaN : of[i];
    }
  }

  void row(double time, double[] values) throws SQLException {
    level(0, values.length).add(time, values);
    full(0);
  }

  private RowSpan level(int level, int wide) {
    if (open.size() == level) {
      open.add(new RowSpan(wide));
    }
    return open.get(level);
  }

  /** A span that is full is written, and goes into the one above. */
  private void full(int level) throws SQLException {
    if (open.get(level).parts == TOGETHER) {
      close(level);
    }
  }

  private void close(int level) throws SQLException {
    RowSpan s = open.get(level);
    write(level, s);
    level(level + 1, s.low.length).add(s);
    s.clear();
    full(level + 1);
  }

  private void write(int level, RowSpan s) throws SQLException {
    StringBuilder text = new StringBuilder();
    text.append(level).append('\t').append(s.from).append('\t').append(s.to);
    text.append('\t').append(s.n).append("\t{");
    for (int i = 0; i < s.low.length; i++) {
      text.append(i == 0 ? "" : ",").append(s.bound(s.low, i));
    }
    text.append("}\t{");
    for (int i = 0; i < s.low.length; i++) {
      text.append(i == 0 ? "" : ",").append(s.bound(s.high, i));
    }
    text.append("}\t{");
    for (int i = 0; i < s.low.length; i++) {
      text.append(i == 0 ? "" : ",").append(s.mean(i));
    }
    text.append('}');
    full.line(text);
  }

  /** What is left over of each level is written as it is. */
  void end() throws SQLException {
    for (int level = 0; level < open.size(); level++) {
      RowSpan s = open.get(level);
      if (s.parts > 0) {
        write(level, s);
        if (level + 1 < open.size()) {
          open.get(level + 1).add(s);
        }
      }
    }
  }
}
