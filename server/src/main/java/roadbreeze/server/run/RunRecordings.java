package roadbreeze.server.run;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.LogMark;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.server.problem.UnknownThingException;

/** Recorded drives at even steps, without what is marked. */
@Component
public class RunRecordings {
  /** Rows of a track that are read at most; of more, means of several. */
  private static final int MOST_ROWS = 100_000;

  private final RunService runs;
  private final RunRows rows;

  RunRecordings(RunService runs, RunRows rows) {
    this.runs = runs;
    this.rows = rows;
  }

  public List<Run> all(UUID job) {
    return runs.all(job);
  }

  public Run run(UUID id) {
    return runs.get(id);
  }

  /** A run of a job. */
  public Run run(UUID job, UUID id) {
    Run run = runs.get(id);
    if (!run.job().equals(job)) {
      throw new UnknownThingException("the job has no run " + id);
    }
    return run;
  }

  /** All that its devices recorded; what is known of all of it fills the rest. */
  public Recording of(Run run) {
    double begin = 0;
    double end = 1;
    for (Track track : run.tracks()) {
      begin = Math.min(begin, track.offsetS());
      end = Math.max(end, track.offsetS() + track.seconds());
    }
    Recording.Builder log = new Recording.Builder(begin, end);
    for (Track track : run.tracks()) {
      add(log, run.id(), track);
      log.next();
    }
    Recording recording = log.build();
    if (run.data().ambientC() != null) {
      recording = recording.knowing(Channel.AMBIENT, run.data().ambientC());
    }
    return run.data().airConditioning() == null
        ? recording
        : recording.knowing(Channel.AIR_CONDITIONING, run.data().airConditioning() ? 1 : 0);
  }

  private void add(Recording.Builder log, UUID run, Track track) {
    RunRows.Picture picture;
    try {
      picture = rows.picture(run, track, -1, track.seconds() + 1, MOST_ROWS);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    double[] t = picture.t();
    double near = t.length > 1 ? track.seconds() / (t.length - 1) : 0;
    for (int c = 0; c < track.body().columns().size(); c++) {
      List<LogMark> marked = new ArrayList<>();
      for (LogMark mark : track.body().marks()) {
        if (mark.column() == c && mark.what() != LogMark.What.GAP) {
          marked.add(mark);
        }
      }
      Channel channel = track.body().columns().get(c).channel();
      for (int i = 0; i < t.length; i++) {
        double at = t[i];
        if (marked.stream().noneMatch(m -> at >= m.from() - near && at <= m.to() + near)) {
          log.add(channel, at + track.offsetS(), picture.mean()[c][i]);
        }
      }
    }
  }
}
