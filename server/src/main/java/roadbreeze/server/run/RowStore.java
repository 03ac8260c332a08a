package roadbreeze.server.run;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.UUID;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/**
 * Writes rows of a track as they come, and their lowest, highest and mean over ever more of them.
 * Through the database's own way of taking in many rows, on two connections at once; it needs room
 * for a few rows, however many come.
 */
final class RowStore {
  /** Bytes that are sent at once. */
  private static final int CHUNK = 1 << 16;

  private final String key;
  private final CopyStream rows;
  private final CopyStream spans;
  private final RowSpans summed;

  RowStore(Connection forRows, Connection forSpans, UUID run, int track) throws SQLException {
    String key = run + "\t" + track + "\t";
    this.key = key;
    rows = new CopyStream(forRows, RunRows.ROWS.copy(run));
    CopyStream sums = new CopyStream(forSpans, RunRows.SPANS.copy(run));
    spans = sums;
    summed =
        new RowSpans(
            line -> {
              sums.text.append(key).append(line);
              sums.line();
            });
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

  void row(double time, double[] values) throws SQLException {
    rows.text.append(key).append(time).append("\t{");
    for (int i = 0; i < values.length; i++) {
      rows.text.append(i == 0 ? "" : ",").append((float) values[i]);
    }
    rows.text.append('}');
    rows.line();
    summed.row(time, values);
  }

  /** All is in; what is left over of each level is written as it is. */
  void end() throws SQLException {
    summed.end();
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
