package roadbreeze.server.live;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import roadbreeze.core.log.LogMark;
import roadbreeze.server.run.LiveTracks;
import roadbreeze.server.run.Track.TrackColumn;

/**
 * Keeps what a gauge says: gathered as it comes, written each second by one who waits for the
 * database, so that nobody else has to.
 */
final class LiveLog {
  private final LiveTracks tracks;
  private final UUID drive;
  private final UUID run;
  private final Instant began;
  private final String holder;
  private final Queue<Item> come = new ConcurrentLinkedQueue<>();
  private final List<Item> taken = new ArrayList<>();
  private LiveTracks.LiveTrack track;
  private String gaugeDrive;
  private long gaugeRow;

  // Told to whoever looks on.
  private volatile long keptAt = System.nanoTime();
  private volatile boolean waiting;

  /** What comes. */
  private sealed interface Item permits Begins, Comes, Doubts {}

  /** A drive of the gauge, which is a track of its own; by how much it begins after the run, s. */
  private record Begins(String gaugeDrive, List<TrackColumn> columns, double offset, Instant at)
      implements Item {}

  private record Comes(long number, double time, double[] values) implements Item {}

  private record Doubts(LogMark mark) implements Item {}

  /**
   * @param kept how far another server has kept it
   */
  LiveLog(LiveTracks tracks, LiveDrive of, String holder, Kept kept) {
    this.tracks = tracks;
    drive = of.id();
    run = of.run();
    began = of.beganAt();
    this.holder = holder;
    gaugeDrive = kept.gaugeDrive();
    gaugeRow = kept.gaugeRow();
  }

  /**
   * How far it is kept.
   *
   * @param gaugeDrive empty where nothing is
   * @param track its number; -1 where there is none
   */
  record Kept(String gaugeDrive, long gaugeRow, int track) {}

  /** Goes on with the track that another server has left. */
  LiveTracks.LiveTrack goOn(int number) throws SQLException, IOException {
    track = tracks.again(run, number);
    return track;
  }

  /** A drive of the gauge, so many seconds after the run began. */
  void begins(String ofGauge, List<TrackColumn> columns, double offset) {
    // By the drive's own time, which may go faster than that of the wall.
    Instant at = began.plusMillis(Math.round(1000 * offset));
    come.add(new Begins(ofGauge, columns, offset, at));
  }

  void comes(long number, double time, double[] values) {
    come.add(new Comes(number, time, values));
  }

  void doubts(LogMark mark) {
    come.add(new Doubts(mark));
  }

  /** For how long nothing could be kept, s; nothing where nothing waits. */
  double notKept() {
    return waiting ? (System.nanoTime() - keptAt) / 1e9 : 0;
  }

  /**
   * Keeps all that has come.
   *
   * @throws SQLException if the database cannot; all of it waits on
   * @throws LiveTracks.TakenException if another server goes on with it
   */
  void keep() throws SQLException, LiveTracks.TakenException {
    for (Item item = come.poll(); item != null; item = come.poll()) {
      taken.add(item);
    }
    waiting = !taken.isEmpty() || track != null && track.waiting() > 0;
    while (!taken.isEmpty()) {
      if (taken.get(0) instanceof Begins b) {
        end();
        track = tracks.begin(run, "gauge", b.columns(), b.offset(), b.at());
        gaugeDrive = b.gaugeDrive();
        gaugeRow = 0;
      } else if (track != null) {
        add(taken.get(0));
      }
      taken.remove(0);
    }
    if (track != null) {
      track.keep(this::howFar);
    }
    waiting = false;
    keptAt = System.nanoTime();
  }

  private void add(Item item) {
    if (item instanceof Comes c) {
      // What is said again after a cut is there already.
      if (c.number() > gaugeRow) {
        track.add(c.time(), c.values());
        gaugeRow = c.number();
      }
    } else if (item instanceof Doubts d) {
      track.mark(d.mark());
    }
  }

  private void howFar(Connection connection) throws SQLException {
    try (PreparedStatement update =
        connection.prepareStatement(
            "update live_drive set beat = now(), gauge_drive = ?, gauge_row = ?, track = ?"
                + " where id = ? and holder = ?")) {
      update.setString(1, gaugeDrive);
      update.setLong(2, gaugeRow);
      update.setInt(3, track.number());
      update.setObject(4, drive);
      update.setString(5, holder);
      update.execute();
    }
  }

  /** The track that grows now grows no more. */
  void end() throws SQLException, LiveTracks.TakenException {
    if (track != null) {
      track.end(this::howFar);
      track = null;
    }
  }
}
