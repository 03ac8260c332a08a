package roadbreeze.server.run;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/**
 * Writes rows of a track as they come, and their lowest, highest and mean over ever more of them.
 * Through the database's own way of taking in many rows, on two connections at once; it needs room
 * for a few rows, however many come.
 */
final class RowStore {
  /** Rows of a first span, and spans of the one above. */
  static final int TOGETHER = 16;

  /** Bytes that are sent at once. */
  private static final int CHUNK = 1 << 16;

  private final String key;
  private final CopyStream rows;
  private final CopyStream spans;
  private final List<RowSpan> open = new ArrayList<>();

  RowStore(Connection forRows, Connection forSpans, UUID run, int track) throws SQLException {
    key = run + "\t" + track + "\t";
    rows =
        new CopyStream(
            forRows, "copy " + RunRows.part("run_row", run) + " (run_id, track, t, v) from stdin");
    spans =
        new CopyStream(
            forSpans,
            "copy "
                + RunRows.part("run_span", run)
                + " (run_id, track, level, from_t, to_t, n, low, high, mean) from stdin");
  }

  /** What the database is told, in chunks. */
  private static final class CopyStream {
    private final CopyIn copy;
    private final StringBuilder text = new StringBuilder(CHUNK + 4096);

    CopyStream(Connection connection, String command) throws SQLException {
      copy = connection.unwrap(PGConnection.class).getCopyAPI().copyIn(command);
    }

    void line() throws SQLException {
      text.append('\n');
      if (text.length() > CHUNK) {
        send();
      }
    }

    private void send() throws SQLException {
      byte[] bytes = text.toString().getBytes(StandardCharsets.US_ASCII);
      copy.writeToCopy(bytes, 0, bytes.length);
      text.setLength(0);
    }

    void end() throws SQLException {
      send();
      copy.endCopy();
    }

    void stop() throws SQLException {
      if (copy.isActive()) {
        copy.cancelCopy();
      }
    }
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
    rows.text.append(key).append(time).append("\t{");
    for (int i = 0; i < values.length; i++) {
      rows.text.append(i == 0 ? "" : ",").append((float) values[i]);
    }
    rows.text.append('}');
    rows.line();
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
    StringBuilder text = spans.text;
    text.append(key).append(level).append('\t').append(s.from).append('\t').append(s.to);
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
    spans.line();
  }

  /** All is in; what is left over of each level is written as it is. */
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
    rows.end();
    spans.end();
  }

  /** Nothing of it is kept. */
  void stop() throws IOException {
    try {
      rows.stop();
      spans.stop();
    } catch (SQLException e) {
      throw new IOException(e);
    }
  }
}
