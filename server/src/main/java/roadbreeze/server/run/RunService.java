package roadbreeze.server.run;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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

  /** One that comes from elsewhere, under its own id; its tracks follow. */
  @Transactional
  public void add(UUID job, Run run) {
    database.persist(new RunRow(job, run));
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

  /**
   * A track that has been taken in. The first that has a date says when the run began; another one
   * with a date lies where its clock says. What somebody has moved stays.
   */
  @Transactional
  public Run taken(UUID id, int number) {
    RunRow row = row(id);
    TrackRow track = track(id, number);
    Instant at = track.track().body().beganAt();
    if (at != null) {
      track.shifted(Duration.between(row.began(at), at).toMillis() / 1000.0);
    }
    rowsChanged(id);
    database.flush(); // the answer carries the new version
    return row.run(tracks(id));
  }

  /** What was worked out of its rows is worked out anew when it is asked for. */
  private void rowsChanged(UUID id) {
    database
        .createQuery("delete from RunUseRow where runId = :run")
        .setParameter("run", id)
        .executeUpdate();
  }

  /** Moves a track in time. */
  @Transactional
  public Run shift(UUID id, int track, double offset) {
    TrackRow row = track(id, track);
    row.shifted(offset);
    rowsChanged(id);
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

  private TrackRow track(UUID id, int number) {
    TrackRow row = database.find(TrackRow.class, new TrackRow.Key(id, (short) number));
    if (row == null) {
      throw new UnknownThingException("the run has no track " + number);
    }
    return row;
  }
}
