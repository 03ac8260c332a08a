package roadbreeze.server.live;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.LogMark;
import roadbreeze.core.lookahead.Adviser;
import roadbreeze.core.lookahead.AlarmSays;
import roadbreeze.core.lookahead.LookAhead;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.server.live.LiveNow.AdviceSaid;
import roadbreeze.server.live.LiveNow.Link;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.run.Track.TrackColumn;

/** A drive that this server holds: what its gauge says goes to the log, to the model and out. */
final class LiveSession implements GaugeLink.Hears {
  private static final Logger LOG = LoggerFactory.getLogger(LiveSession.class);

  /** The road ahead is looked at so often by the clock on the wall, ms. */
  private static final long ADVISE_MS = 2000;

  /** And no oftener than so much of the drive apart, s. */
  private static final double ADVISE_S = 5;

  private static final long WATCH_MS = 5000;
  private static final double WATCH_S = 60;

  /** What was said stays in sight for so long, s. */
  private static final double SAID_S = 240;

  /** A trend is that of so long, s. */
  private static final double TREND_S = 60;

  /** A gauge that has ended a drive may begin another one. */
  private static final long OVER_NS = 5_000_000_000L;

  /** Rows so far apart leave a hole, s. */
  private static final double HOLE = 2;

  private final LiveDrive drive;
  private final LiveModel model;
  private final LiveLog log;
  private final GaugeLink link;
  private final ExecutorService looksAhead;
  private final Consumer<LiveNow> tell;
  private final LiveGauges gauges = new LiveGauges();
  private final AtomicBoolean advising = new AtomicBoolean();
  private final AtomicBoolean watching = new AtomicBoolean();
  private final Deque<double[]> headrooms = new ArrayDeque<>();

  private List<GaugeLines.GaugeColumn> columns = List.of();
  private String gaugeDrive;
  private long number;
  private double offset;
  private long heardAt = System.nanoTime();
  private long endedAt;
  private Link state = Link.AWAY;
  private boolean simulated;
  private double lost;
  private LiveModel.Asked asked = LiveModel.Asked.NOTHING;
  private AdviceSaid advice;
  private LookAhead.Worst least;
  private List<Said> parted = List.of();
  private double advisedAt = Double.NEGATIVE_INFINITY;
  private long advisedMs;
  private double watchedAt = Double.NEGATIVE_INFINITY;
  private long watchedMs;
  private volatile LiveNow now;

  /**
   * @param kept how far another server has come with it
   */
  LiveSession(
      LiveDrive drive,
      LiveModel model,
      LiveLog log,
      LiveLog.Kept kept,
      ExecutorService looksAhead,
      Consumer<LiveNow> tell) {
    this.drive = drive;
    this.model = model;
    this.log = log;
    this.looksAhead = looksAhead;
    this.tell = tell;
    gaugeDrive = kept.gaugeDrive();
    number = kept.gaugeRow();
    gauges.begin(drive.fromKm() * Units.si(1, Kind.DISTANCE));
    link = new GaugeLink(drive.address(), this);
    now = said();
  }

  /**
   * Goes on with a track, before it starts.
   *
   * @param begins after the run, s
   * @param seconds that are kept of it
   */
  void goOn(double begins, double seconds) {
    offset = begins;
    gauges.resumeAt(seconds);
  }

  void start() {
    Thread reads = new Thread(link, "gauge-link");
    reads.setDaemon(true);
    reads.start();
  }

  void stop() {
    link.stop();
  }

  LiveLog log() {
    return log;
  }

  LiveNow now() {
    return now;
  }

  /** Asks the gauge something; what is asked of its wheel is known to the model. */
  synchronized boolean ask(String line) {
    if (!link.ask(line)) {
      return false;
    }
    if (line.startsWith("wheel ")) {
      for (String one : line.substring("wheel ".length()).split(" ")) {
        asked = asked.with(one);
      }
    }
    return true;
  }

  /** It is said how it stands, also while nothing comes. */
  synchronized void breathe() {
    publish();
  }

  @Override
  public synchronized void connected(String name) {
    simulated = name.equals("simulated");
    state = Link.SILENT;
    heardAt = System.nanoTime();
  }

  @Override
  public synchronized String since() {
    return gaugeDrive.isEmpty() ? "- 0" : gaugeDrive + " " + number;
  }

  @Override
  public synchronized void drives(String id, double seconds) {
    heardAt = System.nanoTime();
    if (!id.equals(gaugeDrive)) {
      // What lies between two drives of a gauge nobody has recorded.
      offset += gaugeDrive.isEmpty() ? 0 : gauges.time() + silent();
      lost += gaugeDrive.isEmpty() ? 0 : silent();
      gaugeDrive = id;
      number = 0;
      columns = List.of();
      gauges.begin(drive.fromKm() * Units.si(1, Kind.DISTANCE));
      headrooms.clear();
      advice = null;
      least = null;
      parted = List.of();
      asked = LiveModel.Asked.NOTHING;
      advisedAt = Double.NEGATIVE_INFINITY;
      watchedAt = Double.NEGATIVE_INFINITY;
    }
  }

  private double silent() {
    return (System.nanoTime() - heardAt) / 1e9;
  }

  @Override
  public synchronized void channels(List<GaugeLines.GaugeColumn> ofGauge) {
    boolean begins = columns.isEmpty() && number == 0;
    columns = ofGauge;
    gauges.columns(ofGauge);
    if (begins) {
      log.begins(
          gaugeDrive,
          ofGauge.stream().map(c -> new TrackColumn(c.name(), c.channel(), c.unit())).toList(),
          offset);
    }
  }

  @Override
  public synchronized void row(GaugeLines.Row row) {
    heardAt = System.nanoTime();
    double hole = row.time() - gauges.time();
    // What was told already, or goes back in time, is nothing new.
    if (row.number() <= number || row.values().length != columns.size() || hole < 0) {
      return;
    }
    if (number > 0 && hole > HOLE && row.number() > number + 1) {
      lost += hole;
    }
    number = row.number();
    state = Link.LIVE;
    for (LogMark doubt : gauges.row(row)) {
      log.doubts(doubt);
    }
    log.comes(row.number(), row.time(), row.values());
    publish();
    lookAhead();
    watch();
  }

  @Override
  public synchronized void alive(boolean idle) {
    heardAt = System.nanoTime();
    state = state == Link.ENDED && !idle ? Link.ENDED : idle ? Link.IDLE : Link.SILENT;
    publish();
  }

  @Override
  public synchronized void ended() {
    heardAt = System.nanoTime();
    endedAt = state == Link.ENDED ? endedAt : heardAt;
    state = Link.ENDED;
    publish();
  }

  /** The gauge has ended its drive, and has begun no other one since. */
  synchronized boolean over() {
    return state == Link.ENDED && System.nanoTime() - endedAt > OVER_NS;
  }

  @Override
  public synchronized void lost() {
    state = Link.AWAY;
    publish();
  }

  private void publish() {
    now = said();
    tell.accept(now);
  }

  private static Double orNull(double value) {
    return Double.isNaN(value) ? null : value;
  }

  private LiveNow said() {
    double coolant = gauges.value(Channel.COOLANT);
    double pan = gauges.value(Channel.PAN);
    double feed = gauges.value(Channel.OIL_FEED);
    double at = gauges.place();
    double height = model.road().elevationAt(at);
    LiveLimits.Nearest nearest = model.limits().nearest(height, coolant, feed, pan);
    Double trend = trend(nearest);
    double speed = gauges.value(Channel.SPEED);
    double air = gauges.value(Channel.AIR_CONDITIONING);
    if (advice != null && gauges.time() - advice.at() > SAID_S) {
      advice = null;
    }
    return new LiveNow(
        drive.id(),
        gauges.time(),
        state,
        silent(),
        simulated,
        gauges.resting(),
        gauges.stale(),
        orNull(coolant),
        orNull(pan),
        orNull(feed),
        orNull(gauges.value(Channel.AMBIENT)),
        orNull(speed / Units.si(1, Kind.SPEED)),
        orNull(gauges.value(Channel.RPM)),
        orNull(gauges.value(Channel.GEAR)),
        orNull(gauges.value(Channel.FAN)),
        Double.isNaN(air) ? null : air > 0.5,
        at / Units.si(1, Kind.DISTANCE),
        100 * model.road().gradeAt(at),
        height,
        model.limits().coolant(height),
        model.limits().limits().pan(),
        model.limits().limits().feed(),
        nearest.fluid(),
        nearest.headroom(),
        trend,
        least == null ? null : least.headroom(),
        least == null ? null : least.fluid(),
        least == null ? null : least.place() / Units.si(1, Kind.DISTANCE),
        advice,
        alarms(nearest),
        asked.shown(),
        log.notKept(),
        lost);
  }

  private Double trend(LiveLimits.Nearest nearest) {
    if (nearest.headroom() == null) {
      return null;
    }
    double time = gauges.time();
    if (headrooms.isEmpty() || time - headrooms.getLast()[0] >= 1) {
      headrooms.add(new double[] {time, nearest.headroom()});
    }
    while (time - headrooms.getFirst()[0] > TREND_S) {
      headrooms.remove();
    }
    double[] first = headrooms.getFirst();
    double span = time - first[0];
    return span < TREND_S / 3 ? null : (first[1] - nearest.headroom()) / span * 60;
  }

  private List<Said> alarms(LiveLimits.Nearest nearest) {
    List<Finding> alarms = new ArrayList<>();
    if (nearest.headroom() != null && nearest.headroom() < 0) {
      alarms.add(AlarmSays.OVER_ITS_LIMIT.with(nearest.fluid(), -nearest.headroom()));
    }
    alarms.addAll(gauges.alarms());
    List<Said> said = new ArrayList<>(alarms.stream().map(Said::of).toList());
    said.addAll(parted);
    return said;
  }

  private LiveModel.Gauged gauged() {
    double fan = gauges.value(Channel.FAN);
    double gear = gauges.value(Channel.GEAR);
    double speed = gauges.value(Channel.SPEED);
    return new LiveModel.Gauged(
        gauges.time(),
        gauges.place(),
        Math.max(OperatingPoint.SPEED.low(), Double.isNaN(speed) ? 0 : speed),
        Double.isNaN(gear) ? 0 : (int) Math.round(gear),
        gauges.value(Channel.COOLANT),
        gauges.value(Channel.PAN),
        gauges.value(Channel.OIL_FEED),
        gauges.value(Channel.AMBIENT),
        fan,
        gauges.value(Channel.AIR_CONDITIONING) > 0.5,
        asked);
  }

  /** In a thread of its own: nothing that comes waits for it. */
  private void lookAhead() {
    long ms = System.currentTimeMillis();
    boolean due = ms - advisedMs >= ADVISE_MS && gauges.time() - advisedAt >= ADVISE_S;
    // Who stands has asked for nothing.
    if (!due || gauges.resting() || !advising.compareAndSet(false, true)) {
      return;
    }
    advisedMs = ms;
    advisedAt = gauges.time();
    LiveModel.Gauged here = gauged();
    inThread(
        advising,
        () -> {
          Optional<Adviser.Seen> seen = model.advise(here);
          synchronized (this) {
            least =
                seen.map(Adviser.Seen::least)
                    .filter(w -> Double.isFinite(w.headroom()))
                    .orElse(null);
            seen.flatMap(Adviser.Seen::spoken)
                .ifPresent(
                    s ->
                        advice =
                            new AdviceSaid(
                                Said.of(s.finding()),
                                here.time(),
                                s.from() / Units.si(1, Kind.DISTANCE),
                                s.keeps()));
          }
        });
  }

  private void watch() {
    long ms = System.currentTimeMillis();
    boolean due = ms - watchedMs >= WATCH_MS && gauges.time() - watchedAt >= WATCH_S;
    if (!due || !watching.compareAndSet(false, true)) {
      return;
    }
    watchedMs = ms;
    watchedAt = gauges.time();
    Recording last = gauges.recording();
    double from = gauges.placeBefore();
    inThread(
        watching,
        () -> {
          List<Said> told = model.parted(last, from).stream().map(Said::of).toList();
          synchronized (this) {
            parted = told;
          }
        });
  }

  private void inThread(AtomicBoolean busy, Runnable work) {
    try {
      looksAhead.execute(
          () -> {
            try {
              work.run();
            } catch (RefusedException e) {
              // it cannot be driven from there in the model: nothing is said of it
            } catch (RuntimeException e) {
              LOG.warn("a live drive cannot be looked ahead from", e);
            } finally {
              busy.set(false);
            }
          });
    } catch (RejectedExecutionException e) {
      busy.set(false); // the server ends
    }
  }
}
