package roadbreeze.server.run;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.StaleVersionException;
import roadbreeze.server.problem.UnknownThingException;

/** Runs of jobs, without their rows. */
@Service
class RunService {
  private final EntityManager database;

  RunService(EntityManager database) {
    this.database = database;
  }

  @Transactional(readOnly = true)
  public List<Run> all(UUID job) {
    return database
        .createQuery("from RunRow where jobId = :job order by madeAt", RunRow.class)
        .setParameter("job", job)
        .getResultList()
        .stream()
        .map(r -> r.run(tracks(r.id())))
        .toList();
  }

  @Transactional(readOnly = true)
  public Run get(UUID id) {
    return row(id).run(tracks(id));
  }

  @Transactional
  public Run add(UUID job, Run.RunData data) {
    RunRow row = new RunRow(job, Instant.now(), data);
    database.persist(row);
    database.flush();
    return row.run(List.of());
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   */
  @Transactional
  public Run save(UUID id, Run.RunEdit edit) {
    RunRow row = row(id);
    if (row.version() != edit.version()) {
      throw new StaleVersionException(row.run(tracks(id)));
    }
    row.write(edit.data());
    database.flush(); // the answer carries the new version
    return row.run(tracks(id));
  }

  @Transactional
  public void remove(UUID id) {
    database.remove(row(id));
  }

  /** Puts a track to its run; by the clock of its file where that says more than seconds. */
  @Transactional
  public Run put(UUID id, Track track) {
    RunRow row = row(id);
    database.persist(new TrackRow(id, track));
    database.flush();
    settle(row);
    return row.run(tracks(id));
  }

  /** Tracks with a date lie where their clocks say; the earliest of them begins the run. */
  private void settle(RunRow row) {
    List<TrackRow> rows = rows(row.id());
    Instant first =
        rows.stream()
            .map(r -> r.track().body().beganAt())
            .filter(Objects::nonNull)
            .min(Comparator.naturalOrder())
            .orElse(null);
    row.began(first);
    for (TrackRow r : rows) {
      Instant at = r.track().body().beganAt();
      if (first != null && at != null) {
        r.shifted(Duration.between(first, at).toMillis() / 1000.0);
      }
    }
  }

  /** Moves a track in time. */
  @Transactional
  public Run shift(UUID id, int track, double offset) {
    TrackRow row =
        rows(id).stream()
            .filter(r -> r.track().number() == track)
            .findFirst()
            .orElseThrow(() -> new UnknownThingException("the run has no track " + track));
    row.shifted(offset);
    database.flush();
    return get(id);
  }

  private RunRow row(UUID id) {
    RunRow row = database.find(RunRow.class, id);
    if (row == null) {
      throw new UnknownThingException("there is no run " + id);
    }
    return row;
  }

  private List<TrackRow> rows(UUID id) {
    return database
        .createQuery("from TrackRow where key.runId = :run order by key.number", TrackRow.class)
        .setParameter("run", id)
        .getResultList();
  }

  private List<Track> tracks(UUID id) {
    return rows(id).stream().map(TrackRow::track).toList();
  }

  /** The number of the next track. */
  int next(Run run) {
    if (run.tracks().size() >= MOST_TRACKS) {
      throw Refusal.TOO_MANY_TRACKS.refuse(MOST_TRACKS);
    }
    return run.tracks().stream().mapToInt(Track::number).max().orElse(-1) + 1;
  }

  private static final int MOST_TRACKS = 12;
}
