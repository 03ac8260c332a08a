package roadbreeze.server.run;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.stereotype.Component;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.ClockMatch;
import roadbreeze.server.problem.Refusal;

/** Lays recordings of one drive over each other by their speeds. */
@Component
class RunClocks {
  private final RunService runs;
  private final RunRows rows;

  RunClocks(RunService runs, RunRows rows) {
    this.runs = runs;
    this.rows = rows;
  }

  /**
   * What came of it.
   *
   * @param agreement of the speeds, up to 1
   * @param overlapS of both
   */
  record ClockSaid(Run run, double offsetS, double agreement, double overlapS) {}

  /**
   * By the first other track that agrees.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if none does
   */
  ClockSaid match(Run run, int moved) throws SQLException, IOException {
    Track track =
        run.tracks().stream()
            .filter(t -> t.number() == moved && speed(t) >= 0)
            .findFirst()
            .orElseThrow(Refusal.CLOCKS_DIFFER::refuse);
    double[] own = speeds(run, track);
    for (Track other : run.tracks()) {
      if (other.number() == moved || speed(other) < 0) {
        continue;
      }
      Optional<ClockMatch> match = ClockMatch.of(speeds(run, other), own);
      if (match.isPresent()) {
        double offset = other.offsetS() + match.get().offset();
        return new ClockSaid(
            runs.shift(run.id(), moved, offset),
            offset,
            match.get().agreement(),
            match.get().overlap());
      }
    }
    throw Refusal.CLOCKS_DIFFER.refuse();
  }

  private static int speed(Track track) {
    return track.body().columns().stream()
        .map(Track.TrackColumn::channel)
        .toList()
        .indexOf(Channel.SPEED);
  }

  /** Second by second, m/s; not a number where there is none. */
  private double[] speeds(Run run, Track track) throws SQLException, IOException {
    int column = speed(track);
    double[] sum = new double[(int) Math.min(MOST, Math.ceil(track.seconds()) + 1)];
    int[] count = new int[sum.length];
    rows.each(
        run.id(),
        track.number(),
        (t, v) -> {
          int at = (int) t;
          if (at < sum.length && !Float.isNaN(v[column])) {
            sum[at] += v[column];
            count[at]++;
          }
        });
    double[] speeds = new double[sum.length];
    Arrays.setAll(speeds, i -> count[i] == 0 ? Double.NaN : sum[i] / count[i]);
    return speeds;
  }

  /** Of a day. */
  private static final int MOST = 86_400;
}
