package roadbreeze.server.live;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.run.LiveTracks;
import roadbreeze.server.run.Run;

/** Live drives as the database has them: begun, held by one server at a time, ended. */
@Service
class LiveDrives {
  /** Without a beat for so long another server takes a drive over, s. */
  private static final int DEAD_S = 4;

  private final EntityManager database;
  private final JdbcTemplate sql;
  private final JobService jobs;
  private final LiveTracks tracks;

  LiveDrives(EntityManager database, DataSource source, JobService jobs, LiveTracks tracks) {
    this.database = database;
    this.sql = new JdbcTemplate(source);
    this.jobs = jobs;
    this.tracks = tracks;
  }

  /**
   * Begins to record.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if the job records already, or there
   *     is no such build
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive as it is entered
   */
  @Transactional
  public LiveDrive begin(UUID job, String build, String name, String address, double fromKm) {
    JobContent content = jobs.get(job).content();
    new LiveModel(content, content.build(build)); // refused here, where somebody can read why
    if (open(job).isPresent()) {
      throw Refusal.RECORDS_ALREADY.refuse();
    }
    Run.RunData data =
        new Run.RunData(name, Run.Sort.OTHER, build, null, null, null, fromKm, List.of(), "");
    LiveDriveRow row =
        new LiveDriveRow(
            job,
            build,
            tracks.run(job, data),
            address,
            fromKm,
            Instant.now().truncatedTo(ChronoUnit.MICROS));
    database.persist(row);
    return row.drive();
  }

  @Transactional(readOnly = true)
  public Optional<LiveDrive> open(UUID job) {
    return database
        .createQuery(
            "from LiveDriveRow where jobId = :job and endedAt is null order by beganAt desc",
            LiveDriveRow.class)
        .setParameter("job", job)
        .setMaxResults(1)
        .getResultStream()
        .findFirst()
        .map(LiveDriveRow::drive);
  }

  @Transactional(readOnly = true)
  public LiveDrive get(UUID id) {
    LiveDriveRow row = database.find(LiveDriveRow.class, id);
    if (row == null) {
      throw new UnknownThingException("there is no live drive " + id);
    }
    return row.drive();
  }

  /** Whoever holds it ends it. */
  void stop(UUID id) {
    sql.update("update live_drive set stop = true where id = ?", id);
  }

  /**
   * A drive that a server holds.
   *
   * @param stop somebody wants it to end
   */
  record HeldDrive(LiveDrive drive, LiveLog.Kept kept, boolean stop) {}

  /** Keeps what this server holds, and takes over what nobody does. */
  List<HeldDrive> hold(String holder) {
    List<HeldDrive> held = new ArrayList<>();
    sql.query(
        """
        with mine as (
          select id from live_drive
          where ended_at is null and (holder is null or holder = ? or beat < now() - make_interval(secs => ?))
          for update skip locked)
        update live_drive d set holder = ?, beat = now() from mine where d.id = mine.id
        returning d.*""",
        row -> {
          LiveDrive drive =
              new LiveDrive(
                  row.getObject("id", UUID.class),
                  row.getObject("job_id", UUID.class),
                  row.getString("build"),
                  row.getObject("run_id", UUID.class),
                  row.getString("address"),
                  row.getDouble("from_km"),
                  row.getTimestamp("began_at").toInstant(),
                  null);
          String gauge = row.getString("gauge_drive");
          int track = row.getInt("track");
          boolean none = row.wasNull();
          held.add(
              new HeldDrive(
                  drive,
                  new LiveLog.Kept(
                      gauge == null ? "" : gauge, row.getLong("gauge_row"), none ? -1 : track),
                  row.getBoolean("stop")));
        },
        holder,
        DEAD_S,
        holder);
    return held;
  }

  void ended(UUID id) {
    sql.update("update live_drive set ended_at = now(), holder = null where id = ?", id);
  }

  /** Another server takes it over at once. */
  void letGo(UUID id, String holder) {
    sql.update("update live_drive set holder = null where id = ? and holder = ?", id, holder);
  }

  /** Tells all servers something; nothing where the database is away. */
  void tell(String channel, String what) {
    sql.query("select cast(pg_notify(?, ?) as text)", row -> {}, channel, what);
  }
}
