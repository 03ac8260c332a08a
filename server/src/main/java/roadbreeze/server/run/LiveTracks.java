package roadbreeze.server.run;

import java.io.IOException;
import java.io.StringReader;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.springframework.stereotype.Component;
import roadbreeze.core.log.LogMark;
import roadbreeze.core.log.LogWatch;
import roadbreeze.server.log.LogRows;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tracks that grow while somebody drives: what has come is kept whenever that is asked, all of it
 * or nothing, and once, whatever happens to the database or to the server in between.
 */
@Component
public class LiveTracks {
  /** Rows that wait for a database that is away, hours of them; more are not taken. */
  private static final int MOST_WAITING = 100_000;

  private final DataSource source;
  private final RunRows rows;
  private final RunService runs;

  LiveTracks(DataSource source, RunRows rows, RunService runs) {
    this.source = source;
    this.rows = rows;
    this.runs = runs;
  }

  /** What is kept in the same transaction as rows. */
  public interface Also {
    void keep(Connection connection) throws SQLException;
  }

  /** Somebody else goes on with this track. */
  public static final class TakenException extends Exception {
    TakenException() {
      super("another server goes on with this track");
    }
  }

  /** A run that is recorded as it happens. */
  public UUID run(UUID job, Run.RunData data) {
    return runs.add(job, data).id();
  }

  /**
   * Begins a track.
   *
   * @param offset by which it begins after its run, s
   */
  public LiveTrack begin(
      UUID run, String name, List<Track.TrackColumn> columns, double offset, Instant began)
      throws SQLException {
    int number = rows.begin(run, name, body(columns, began, List.of(), Map.of()), offset);
    LiveTrack begun = new LiveTrack(run, number, columns, began);
    begun.offset = offset;
    return begun;
  }

  /** Goes on with a track that somebody has left. */
  public LiveTrack again(UUID run, int number) throws SQLException, IOException {
    Track track =
        runs.get(run).tracks().stream()
            .filter(t -> t.number() == number)
            .findFirst()
            .orElseThrow(() -> new SQLException("the track is gone"));
    LiveTrack again = new LiveTrack(run, number, track.body().columns(), track.body().beganAt());
    again.remember(track);
    return again;
  }

  private static Track.TrackBody body(
      List<Track.TrackColumn> columns,
      Instant began,
      List<LogMark> marks,
      Map<LogMark.What, Integer> counts) {
    Map<LogRows.Fault, Long> broken = new EnumMap<>(LogRows.Fault.class);
    return new Track.TrackBody(columns, began, broken, List.of(), counts, marks);
  }

  /** A track that grows; for one thread at a time. */
  public final class LiveTrack {
    private final UUID run;
    private final int number;
    private final List<Track.TrackColumn> columns;
    private final Instant began;
    private final LogWatch watch;
    private final List<LogMark> earlier = new ArrayList<>();
    private final Map<LogMark.What, Integer> counted = new EnumMap<>(LogMark.What.class);
    private final List<String> rowLines = new ArrayList<>();
    private final List<String> spanLines = new ArrayList<>();
    private final RowSpans spans;
    private final String key;
    private boolean remembering;
    private long kept;
    private Tried tried;
    private double seconds;
    private double offset;

    private LiveTrack(UUID run, int number, List<Track.TrackColumn> columns, Instant began) {
      this.run = run;
      this.number = number;
      this.columns = List.copyOf(columns);
      this.began = began;
      key = run + "\t" + number + "\t";
      watch = new LogWatch(columns.stream().map(Track.TrackColumn::channel).toList());
      spans =
          new RowSpans(
              line -> {
                if (!remembering) {
                  spanLines.add(key + line + "\n");
                }
              });
    }

    private void remember(Track track) throws SQLException, IOException {
      remembering = true;
      rows.each(
          run,
          number,
          (t, v) -> {
            double[] values = new double[v.length];
            for (int i = 0; i < v.length; i++) {
              values[i] = v[i];
            }
            try {
              spans.row(t, values);
            } catch (SQLException e) {
              throw new IOException(e);
            }
          });
      remembering = false;
      kept = track.rows();
      offset = track.offsetS();
      seconds = track.seconds();
      earlier.addAll(track.body().marks());
      counted.putAll(track.body().marked());
    }

    public int number() {
      return number;
    }

    public List<Track.TrackColumn> columns() {
      return columns;
    }

    /** By which it began after its run, s. */
    public double offset() {
      return offset;
    }

    /** Of its last row, s since it began. */
    public double seconds() {
      return seconds;
    }

    /** Rows that wait to be kept. */
    public int waiting() {
      return rowLines.size();
    }

    /**
     * A row.
     *
     * @param time s since it began, after that of the row before
     * @param values SI, one a column; not a number where there is none
     */
    public void add(double time, double[] values) {
      if (rowLines.size() >= MOST_WAITING) {
        return; // a gap, which is marked as soon as rows are taken again
      }
      StringBuilder line = new StringBuilder(key).append(time).append("\t{");
      for (int i = 0; i < values.length; i++) {
        line.append(i == 0 ? "" : ",").append((float) values[i]);
      }
      rowLines.add(line.append("}\n").toString());
      watch.row(time, values);
      seconds = time;
      try {
        spans.row(time, values);
      } catch (SQLException e) {
        throw new IllegalStateException(e); // lines are only gathered here
      }
    }

    /** Something that is not to be believed. */
    public void mark(LogMark mark) {
      earlier.add(mark);
      counted.merge(mark.what(), 1, Integer::sum);
    }

    /**
     * What was to be kept when the answer was lost.
     *
     * @param after rows that there are if it was kept
     */
    private record Tried(long after, int rows, int spans) {}

    /** Whether what was tried before the answer was lost has been kept after all. */
    private void settle(Connection connection) throws SQLException {
      if (tried != null && rowsThere(connection) == tried.after()) {
        rowLines.subList(0, tried.rows()).clear();
        spanLines.subList(0, tried.spans()).clear();
        kept = tried.after();
      }
      tried = null;
    }

    /**
     * Keeps all that has come.
     *
     * @throws SQLException if the database cannot; all of it waits on
     * @throws TakenException if another server goes on with it
     */
    public void keep(Also also) throws SQLException, TakenException {
      try (Connection connection = source.getConnection()) {
        connection.setAutoCommit(false);
        try {
          settle(connection);
          long after = kept + rowLines.size();
          claim(connection, after);
          copy(connection, RunRows.ROWS, rowLines);
          copy(connection, RunRows.SPANS, spanLines);
          also.keep(connection);
          tried = new Tried(after, rowLines.size(), spanLines.size());
          connection.commit();
          tried = null;
          kept = after;
          rowLines.clear();
          spanLines.clear();
        } catch (IOException e) {
          throw new SQLException(e);
        } finally {
          if (!connection.isClosed()) {
            connection.rollback();
            connection.setAutoCommit(true);
          }
        }
      }
    }

    /** So many rows are there now: nobody else has added any. */
    private void claim(Connection connection, long after) throws SQLException, TakenException {
      List<LogMark> marks = new ArrayList<>(earlier);
      marks.addAll(watch.marks());
      Map<LogMark.What, Integer> counts = new EnumMap<>(LogMark.What.class);
      counts.putAll(counted);
      watch.counts().forEach((what, n) -> counts.merge(what, n, Integer::sum));
      try (PreparedStatement update =
          connection.prepareStatement(
              "update run_track set rows = ?, seconds = ?, body = ?::jsonb"
                  + " where run_id = ? and number = ? and rows = ?")) {
        update.setLong(1, after);
        update.setDouble(2, seconds);
        update.setString(
            3, JsonMapper.shared().writeValueAsString(body(columns, began, marks, counts)));
        update.setObject(4, run);
        update.setInt(5, number);
        update.setLong(6, kept);
        if (update.executeUpdate() != 1) {
          throw new TakenException();
        }
      }
    }

    private long rowsThere(Connection connection) throws SQLException {
      try (PreparedStatement query =
          connection.prepareStatement(
              "select rows from run_track where run_id = ? and number = ?")) {
        query.setObject(1, run);
        query.setInt(2, number);
        try (ResultSet answer = query.executeQuery()) {
          return answer.next() ? answer.getLong(1) : -1;
        }
      }
    }

    private void copy(Connection connection, RunRows.Table table, List<String> lines)
        throws SQLException, IOException {
      if (!lines.isEmpty()) {
        connection
            .unwrap(PGConnection.class)
            .getCopyAPI()
            .copyIn(table.copy(run), new StringReader(String.join("", lines)));
      }
    }

    /** It grows no more: what is left over of its spans is written too. */
    public void end(Also also) throws SQLException, TakenException {
      spans.end();
      keep(also);
      runs.taken(run, number);
    }
  }
}
