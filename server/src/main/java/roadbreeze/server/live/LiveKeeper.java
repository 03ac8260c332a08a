package roadbreeze.server.live;

import java.io.IOException;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.run.LiveTracks;

/**
 * Holds live drives: each second it keeps what has come, and takes over what a server that died has
 * left. Where the database is away, what comes waits and is shown all the same.
 */
@Component
class LiveKeeper implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(LiveKeeper.class);

  private static final long KEEP_MS = 1000;
  private static final long BREATHE_MS = 500;

  private final LiveDrives drives;
  private final LiveTracks tracks;
  private final JobService jobs;
  private final LiveTold told;
  private final String holder = UUID.randomUUID().toString();
  private final Map<UUID, LiveSession> sessions = new ConcurrentHashMap<>();
  private ScheduledExecutorService clock;
  private ScheduledExecutorService breath;
  private ExecutorService looksAhead;
  private volatile boolean running;

  LiveKeeper(LiveDrives drives, LiveTracks tracks, JobService jobs, LiveTold told) {
    this.drives = drives;
    this.tracks = tracks;
    this.jobs = jobs;
    this.told = told;
    told.asks(this::ask, () -> !sessions.isEmpty());
  }

  /** A drive that this server holds. */
  Optional<LiveSession> session(UUID id) {
    return Optional.ofNullable(sessions.get(id));
  }

  /** False if this server does not hold it, or its gauge is away. */
  boolean ask(UUID id, String line) {
    LiveSession session = sessions.get(id);
    return session != null && session.ask(line);
  }

  /** At once, not with the next second. */
  void soon() {
    clock.execute(this::keep);
  }

  private void keep() {
    List<LiveDrives.HeldDrive> held;
    try {
      held = drives.hold(holder);
    } catch (DataAccessException e) {
      // The database is away: what is held is held on, and what comes waits.
      sessions.values().forEach(this::keepOne);
      return;
    } catch (RuntimeException e) {
      LOG.warn("live drives cannot be held", e);
      return;
    }
    Set<UUID> mine = new HashSet<>();
    for (LiveDrives.HeldDrive h : held) {
      UUID id = h.drive().id();
      mine.add(id);
      if (!sessions.containsKey(id)) {
        begin(h);
      }
      LiveSession session = sessions.get(id);
      if (session != null) {
        keepOne(session);
        if (h.stop() || session.over()) {
          end(id, session);
        }
      }
    }
    // What another server has taken over, or somebody has taken out, is no more ours.
    Map<UUID, LiveSession> others = new HashMap<>(sessions);
    others.keySet().removeAll(mine);
    others.forEach(this::drop);
  }

  private void begin(LiveDrives.HeldDrive h) {
    try {
      JobContent job = jobs.get(h.drive().job()).content();
      LiveModel model = new LiveModel(job, job.build(h.drive().build()));
      LiveLog log = new LiveLog(tracks, h.drive(), holder, h.kept());
      LiveSession session = new LiveSession(h.drive(), model, log, h.kept(), looksAhead, told::say);
      if (h.kept().track() >= 0) {
        LiveTracks.LiveTrack track = log.goOn(h.kept().track());
        session.goOn(track.offset(), track.seconds());
      }
      sessions.put(h.drive().id(), session);
      session.start();
      told.holds();
    } catch (RefusedException | RefusedRequestException e) {
      LOG.warn("a live drive cannot be recorded as its truck is entered: {}", e.getMessage());
      drives.ended(h.drive().id());
    } catch (SQLException | IOException | RuntimeException e) {
      LOG.warn("a live drive cannot be gone on with yet", e);
    }
  }

  private void keepOne(LiveSession session) {
    try {
      session.log().keep();
    } catch (SQLException e) {
      LOG.debug("what comes waits for the database: {}", e.getMessage());
    } catch (LiveTracks.TakenException e) {
      drop(session.now().drive(), session);
    } catch (RuntimeException e) {
      LOG.warn("what comes is not kept", e);
    }
  }

  private void end(UUID id, LiveSession session) {
    session.stop();
    try {
      session.log().keep();
      session.log().end();
      drives.ended(id);
      sessions.remove(id);
      told.ended(session.now());
    } catch (SQLException | DataAccessException e) {
      LOG.warn("a live drive is not ended yet: {}", e.getMessage());
    } catch (LiveTracks.TakenException e) {
      drop(id, session);
    }
  }

  private void drop(UUID id, LiveSession session) {
    session.stop();
    sessions.remove(id);
  }

  @Override
  public void start() {
    running = true;
    looksAhead = Executors.newSingleThreadExecutor(r -> daemon(r, "live-ahead"));
    // Each with a thread of its own: who waits for the database holds up nobody else.
    clock = Executors.newSingleThreadScheduledExecutor(r -> daemon(r, "live-keeper"));
    breath = Executors.newSingleThreadScheduledExecutor(r -> daemon(r, "live-breath"));
    clock.scheduleWithFixedDelay(this::keep, KEEP_MS, KEEP_MS, TimeUnit.MILLISECONDS);
    breath.scheduleWithFixedDelay(
        () -> sessions.values().forEach(LiveSession::breathe),
        BREATHE_MS,
        BREATHE_MS,
        TimeUnit.MILLISECONDS);
  }

  private static Thread daemon(Runnable work, String name) {
    Thread thread = new Thread(work, name);
    thread.setDaemon(true);
    return thread;
  }

  /** What has come is kept, and another server may go on with it. */
  @Override
  public void stop() {
    running = false;
    clock.shutdown();
    breath.shutdownNow();
    looksAhead.shutdownNow();
    try {
      clock.awaitTermination(5, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    sessions.forEach(
        (id, session) -> {
          session.stop();
          keepOne(session);
          try {
            drives.letGo(id, holder);
          } catch (DataAccessException e) {
            LOG.debug("it is taken over a little later: {}", e.getMessage());
          }
        });
    sessions.clear();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
