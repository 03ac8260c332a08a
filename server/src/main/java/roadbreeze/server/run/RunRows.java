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
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;
import roadbreeze.server.log.LogPlan;
import roadbreeze.server.log.LogRows;
import roadbreeze.server.log.LogText;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Refusal;

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
   * Takes in a file of a logger, row by row.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if there is no row in it
   */
  Track take(UUID run, int number, String name, InputStream file, LogPlan plan)
      throws SQLException, IOException {
    try (Connection rows = source.getConnection();
        Connection spans = source.getConnection()) {
      rows.setAutoCommit(false);
      spans.setAutoCommit(false);
      RowStore store = new RowStore(rows, spans, run, number);
      boolean whole = false;
      try (Reader text = LogText.of(file)) {
        LogRows.LogRead read = LogRows.of(text, plan, (t, v) -> row(store, t, v));
        if (read.rows() == 0) {
          throw Refusal.NO_ROWS_OF_NUMBERS.refuse();
        }
        store.end();
        spans.commit();
        rows.commit();
        whole = true;
        return track(number, name, read, plan);
      } catch (UncheckedIOException e) {
        throw Refusal.NO_ROWS_OF_NUMBERS.refuse(); // it ends in the middle of a quoted field
      } finally {
        if (!whole) {
          store.stop();
          rows.rollback();
          spans.rollback();
        }
        rows.setAutoCommit(true);
        spans.setAutoCommit(true);
      }
    }
  }

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
              "select t, v from run_row where run_id = ? and track = ? order by t")) {
        query.setFetchSize(5000);
        query.setObject(1, run);
        query.setInt(2, track);
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
    double share = track.seconds() <= 0 ? 1 : Math.min(1, (to - from) / track.seconds());
    double steps = track.rows() * share;
    int level = 0;
    while (steps > most) {
      steps /= RowStore.TOGETHER;
      level++;
    }
    return level == 0
        ? rows(run, track, from, to)
        : spans(run, track, new Window(from, to, level - 1));
  }

  /**
   * A track, drawn.
   *
   * @param t where each step begins, s since the track began
   * @param low by column and step, not a number where there is none
   */
  record Picture(double[] t, float[][] low, float[][] high, float[][] mean) {}

  private record Window(double from, double to, int level) {}

  private Picture rows(UUID run, Track track, double from, double to) throws SQLException {
    List<Double> times = new ArrayList<>();
    List<float[]> values = new ArrayList<>();
    try (Connection connection = source.getConnection();
        PreparedStatement query =
            connection.prepareStatement(
                "select t, v from run_row where run_id = ? and track = ? and t >= ? and t <= ?"
                    + " order by t")) {
      query.setObject(1, run);
      query.setInt(2, track.number());
      query.setDouble(3, from);
      query.setDouble(4, to);
      try (ResultSet rows = query.executeQuery()) {
        while (rows.next()) {
          times.add(rows.getDouble(1));
          values.add(floats(rows.getArray(2)));
        }
      }
    }
    float[][] turned = turned(values, track.body().columns().size());
    return new Picture(Units.array(times), turned, turned, turned);
  }

  private Picture spans(UUID run, Track track, Window w) throws SQLException {
    List<Double> times = new ArrayList<>();
    List<float[]> low = new ArrayList<>();
    List<float[]> high = new ArrayList<>();
    List<float[]> mean = new ArrayList<>();
    try (Connection connection = source.getConnection();
        PreparedStatement query =
            connection.prepareStatement(
                "select from_t, low, high, mean from run_span where run_id = ? and track = ?"
                    + " and level = ? and to_t >= ? and from_t <= ? order by from_t")) {
      query.setObject(1, run);
      query.setInt(2, track.number());
      query.setInt(3, w.level);
      query.setDouble(4, w.from);
      query.setDouble(5, w.to);
      try (ResultSet rows = query.executeQuery()) {
        while (rows.next()) {
          times.add(rows.getDouble(1));
          low.add(floats(rows.getArray(2)));
          high.add(floats(rows.getArray(3)));
          mean.add(floats(rows.getArray(4)));
        }
      }
    }
    int wide = track.body().columns().size();
    return new Picture(
        Units.array(times), turned(low, wide), turned(high, wide), turned(mean, wide));
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
