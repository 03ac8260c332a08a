package roadbreeze.server.run;

import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.sql.Array;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;
import roadbreeze.server.log.LogPlan;
import roadbreeze.server.log.LogRows;
import roadbreeze.server.log.LogText;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Refusal;
import tools.jackson.databind.json.JsonMapper;

/**
 * Rows of runs, past the mapper of objects: a million of them go in and out as the database takes
 * them fastest.
 */
@Component
class RunRows {
  private final DataSource source;

  RunRows(DataSource source) {
    this.source = source;
  }

  /**
   * A run's own part of a table: what is done to all of a table would wait for every other run.
   *
   * @param table run_row or run_span
   */
  static String part(String table, UUID run) {
    return table + "_" + run.toString().replace("-", "");
  }

  /**
   * Takes in a file of a logger, row by row, as the next track of a run. Two at once take their
   * turn.
   *
   * @return its number
   * @throws roadbreeze.server.problem.RefusedRequestException if there is no row in it, or the run
   *     has enough tracks
   */
  int take(UUID run, String name, InputStream file, LogPlan plan) throws SQLException, IOException {
    return inBoth(
        (rows, spans) -> {
          int number = next(rows, run);
          forget(spans, run, number);
          RowStore store = new RowStore(rows, spans, run, number);
          try (Reader text = LogText.of(file)) {
            LogRows.LogRead read = LogRows.of(text, plan, (t, v) -> row(store, t, v));
            if (read.rows() == 0) {
              throw Refusal.NO_ROWS_OF_NUMBERS.refuse();
            }
            store.end();
            write(rows, run, track(number, name, read, plan));
            return number;
          } catch (UncheckedIOException e) {
            throw Refusal.NO_ROWS_OF_NUMBERS.refuse(); // it ends in the middle of a quoted field
          } finally {
            store.stop();
          }
        });
  }

  /** Writes rows on one connection and spans on another one. */
  private interface InBoth<T> {
    T write(Connection rows, Connection spans) throws SQLException, IOException;
  }

  /** Spans are kept first: without its rows a span is forgotten by whoever comes next. */
  private <T> T inBoth(InBoth<T> work) throws SQLException, IOException {
    try (Connection rows = source.getConnection();
        Connection spans = source.getConnection()) {
      rows.setAutoCommit(false);
      spans.setAutoCommit(false);
      try {
        T done = work.write(rows, spans);
        spans.commit();
        rows.commit();
        return done;
      } finally {
        rows.rollback(); // nothing where all is kept
        spans.rollback();
        rows.setAutoCommit(true);
        spans.setAutoCommit(true);
      }
    }
  }

  /** The number of the next track; whoever takes another one into this run waits for it. */
  private static int next(Connection rows, UUID run) throws SQLException {
    try (PreparedStatement lock =
            rows.prepareStatement("select pg_advisory_xact_lock(hashtextextended(?, 0))");
        PreparedStatement query =
            rows.prepareStatement(
                "select coalesce(max(number) + 1, 0), count(*) from run_track where run_id = ?")) {
      lock.setString(1, run.toString());
      lock.execute();
      query.setObject(1, run);
      try (ResultSet answer = query.executeQuery()) {
        answer.next();
        if (answer.getInt(2) >= MOST_TRACKS) {
          throw Refusal.TOO_MANY_TRACKS.refuse(MOST_TRACKS);
        }
        return answer.getInt(1);
      }
    }
  }

  /** What a server that died between the two commits may have left of a track of this number. */
  private static void forget(Connection spans, UUID run, int number) throws SQLException {
    try (PreparedStatement gone =
        spans.prepareStatement("delete from " + part("run_span", run) + " where track = ?")) {
      gone.setInt(1, number);
      gone.execute();
    }
  }

  /** How many rows of a track are there. */
  long count(UUID run, int track) throws SQLException {
    try (Connection connection = source.getConnection();
        PreparedStatement query =
            connection.prepareStatement(
                "select rows from run_track where run_id = ? and number = ?")) {
      query.setObject(1, run);
      query.setInt(2, track);
      try (ResultSet answer = query.executeQuery()) {
        return answer.next() ? answer.getLong(1) : -1;
      }
    }
  }

  /**
   * Gives rows one after the other, track by track in the order of their times; null at the end.
   */
  interface Source {
    RunFile.FileRow next() throws IOException;
  }

  /** Puts tracks in the place of what was there of them; rows of others are passed over. */
  void replace(UUID run, Map<Integer, Track> tracks, Source from) throws SQLException, IOException {
    inBoth(
        (rows, spans) -> {
          for (int number : tracks.keySet()) {
            gone(rows, run, number);
            forget(spans, run, number);
          }
          RowStore store = null;
          int open = -1;
          try {
            for (RunFile.FileRow row = from.next(); row != null; row = from.next()) {
              Track track = tracks.get(row.track());
              if (track == null || row.values().length != track.body().columns().size()) {
                continue;
              }
              if (row.track() != open) {
                if (store != null) {
                  store.end();
                }
                open = row.track();
                store = new RowStore(rows, spans, run, open);
              }
              store.row(row.time(), row.values());
            }
            if (store != null) {
              store.end();
            }
          } finally {
            if (store != null) {
              store.stop();
            }
          }
          for (Track track : tracks.values()) {
            write(rows, run, track);
          }
          return null;
        });
  }

  private static void gone(Connection rows, UUID run, int track) throws SQLException {
    try (PreparedStatement delete =
        rows.prepareStatement("delete from " + part("run_row", run) + " where track = ?")) {
      delete.setInt(1, track);
      delete.execute();
    }
    try (PreparedStatement delete =
        rows.prepareStatement("delete from run_track where run_id = ? and number = ?")) {
      delete.setObject(1, run);
      delete.setInt(2, track);
      delete.execute();
    }
  }

  /** A table of rows, as the database copies lines into a run's own part of it. */
  record Table(String name, String columns) {
    String copy(UUID run) {
      return "copy " + part(name, run) + " (run_id, track, " + columns + ") from stdin";
    }
  }

  static final Table ROWS = new Table("run_row", "t, v");
  static final Table SPANS = new Table("run_span", "level, from_t, to_t, n, low, high, mean");

  /** Begins a track that grows; its rows come later. */
  int begin(UUID run, String name, Track.TrackBody body, double offset) throws SQLException {
    try (Connection connection = source.getConnection()) {
      connection.setAutoCommit(false);
      try {
        int number = next(connection, run);
        write(connection, run, new Track(number, name, offset, 0, 0, body));
        connection.commit();
        return number;
      } finally {
        connection.rollback();
        connection.setAutoCommit(true);
      }
    }
  }

  private static void write(Connection rows, UUID run, Track track) throws SQLException {
    try (PreparedStatement insert =
        rows.prepareStatement(
            "insert into run_track (run_id, number, name, began_after, seconds, rows, body)"
                + " values (?, ?, ?, ?, ?, ?, ?::jsonb)")) {
      insert.setObject(1, run);
      insert.setInt(2, track.number());
      insert.setString(3, track.name());
      insert.setDouble(4, track.offsetS());
      insert.setDouble(5, track.seconds());
      insert.setLong(6, track.rows());
      insert.setString(7, JsonMapper.shared().writeValueAsString(track.body()));
      insert.execute();
    }
  }

  private static final int MOST_TRACKS = 12;

  private static void row(RowStore store, double time, double[] values) throws IOException {
    try {
      store.row(time, values);
    } catch (SQLException e) {
      throw new IOException(e);
    }
  }

  private static Track track(int number, String name, LogRows.LogRead read, LogPlan plan) {
    List<Track.TrackColumn> columns = new ArrayList<>();
    for (int i : plan.kept()) {
      LogPlan.LogColumn c = plan.columns().get(i);
      columns.add(new Track.TrackColumn(c.name(), c.channel(), c.unit()));
    }
    return new Track(
        number,
        name,
        0,
        read.seconds(),
        read.rows(),
        new Track.TrackBody(
            columns,
            read.time().began(),
            read.broken(),
            read.shown(),
            read.watch().counts(),
            read.watch().marks()));
  }

  /** Takes rows of a track in their order. */
  interface Each {
    void row(double time, float[] values) throws IOException;
  }

  /** All rows of a track, a few of them at a time in memory. */
  void each(UUID run, int track, Each each) throws SQLException, IOException {
    try (Connection connection = source.getConnection()) {
      connection.setAutoCommit(false);
      try (PreparedStatement query =
          connection.prepareStatement(
              "select t, v from " + part("run_row", run) + " where track = ? order by t")) {
        query.setFetchSize(5000);
        query.setInt(1, track);
        try (ResultSet rows = query.executeQuery()) {
          while (rows.next()) {
            each.row(rows.getDouble(1), floats(rows.getArray(2)));
          }
        }
      } finally {
        connection.rollback();
        connection.setAutoCommit(true);
      }
    }
  }

  private static float[] floats(Array array) throws SQLException {
    Float[] boxed = (Float[]) array.getArray();
    float[] plain = new float[boxed.length];
    for (int i = 0; i < plain.length; i++) {
      plain[i] = boxed[i];
    }
    return plain;
  }

  /**
   * A track between two times, as coarse as that it has no more than so many steps.
   *
   * @param from s since the track began
   */
  Picture picture(UUID run, Track track, double from, double to, int most) throws SQLException {
    Window window = new Window(run, track, from, to);
    try (Connection connection = source.getConnection()) {
      int level = 0;
      int spans = count(connection, window, level);
      if (spans * RowSpans.TOGETHER <= most) {
        return rows(connection, window);
      }
      while (spans > most) {
        spans = count(connection, window, ++level);
      }
      return spans(connection, window, level);
    }
  }

  /**
   * A track, drawn.
   *
   * @param t where each step begins, s since the track began
   * @param low by column and step, not a number where there is none
   */
  record Picture(double[] t, float[][] low, float[][] high, float[][] mean) {}

  private record Window(UUID run, Track track, double from, double to) {
    String rows() {
      return part("run_row", run) + " where track = ? and t >= ? and t <= ?";
    }

    String spans() {
      return part("run_span", run) + " where track = ? and to_t >= ? and from_t <= ? and level = ?";
    }

    void fill(PreparedStatement query) throws SQLException {
      query.setInt(1, track.number());
      query.setDouble(2, from);
      query.setDouble(3, to);
    }

    int wide() {
      return track.body().columns().size();
    }
  }

  /** Spans of a level; there are none over the highest. */
  private static int count(Connection connection, Window w, int level) throws SQLException {
    try (PreparedStatement query =
        connection.prepareStatement("select count(*) from " + w.spans())) {
      w.fill(query);
      query.setInt(4, level);
      try (ResultSet answer = query.executeQuery()) {
        answer.next();
        return answer.getInt(1);
      }
    }
  }

  private static Picture rows(Connection connection, Window w) throws SQLException {
    List<Double> times = new ArrayList<>();
    List<float[]> values = new ArrayList<>();
    try (PreparedStatement query =
        connection.prepareStatement("select t, v from " + w.rows() + " order by t")) {
      w.fill(query);
      try (ResultSet rows = query.executeQuery()) {
        while (rows.next()) {
          times.add(rows.getDouble(1));
          values.add(floats(rows.getArray(2)));
        }
      }
    }
    float[][] turned = turned(values, w.wide());
    return new Picture(Units.array(times), turned, turned, turned);
  }

  private static Picture spans(Connection connection, Window w, int level) throws SQLException {
    List<Double> times = new ArrayList<>();
    List<float[]> low = new ArrayList<>();
    List<float[]> high = new ArrayList<>();
    List<float[]> mean = new ArrayList<>();
    try (PreparedStatement query =
        connection.prepareStatement(
            "select from_t, low, high, mean from " + w.spans() + " order by from_t")) {
      w.fill(query);
      query.setInt(4, level);
      try (ResultSet rows = query.executeQuery()) {
        while (rows.next()) {
          times.add(rows.getDouble(1));
          low.add(floats(rows.getArray(2)));
          high.add(floats(rows.getArray(3)));
          mean.add(floats(rows.getArray(4)));
        }
      }
    }
    return new Picture(
        Units.array(times), turned(low, w.wide()), turned(high, w.wide()), turned(mean, w.wide()));
  }

  /** From steps of columns to columns of steps. */
  private static float[][] turned(List<float[]> steps, int wide) {
    float[][] columns = new float[wide][steps.size()];
    for (int i = 0; i < steps.size(); i++) {
      for (int c = 0; c < wide; c++) {
        columns[c][i] = steps.get(i)[c];
      }
    }
    return columns;
  }
}
