package roadbreeze.gauge;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.WheelDrive;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/** A truck on its road, ten times a second of the clock on the wall. */
final class SimulatedDrive implements AutoCloseable {
  /** What stands in a row, temperatures first. */
  static final List<String> CHANNELS =
      List.of(
          "coolant:°C",
          "pan:°C",
          "feed:°C",
          "ambient:°C",
          "speed:km/h",
          "rpm:",
          "gear:",
          "fan:",
          "ac:",
          "place:km",
          "volts:V",
          "rest:");

  static final int TEMPERATURES = 4;
  static final int PAN = 1;

  private static final long TICK_MS = 100;
  private static final double KMH = 3.6;

  /** Rows that are kept for who comes again. */
  private static final int KEPT = 9000;

  private static final double VOLTS = 14.0;
  private static final double VOLTS_FAN = 13.7;
  private static final double FAN_RUNS = 0.3;

  private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();
  private final Deque<GaugeRow> rows = new ArrayDeque<>();
  private WheelDrive drive;
  private List<Trace.Moment> ahead = List.of();
  private Faults faults = new Faults(1, 0);
  private String id = "";
  private double rate = 1;
  private double seconds;
  private long number;
  private boolean held;
  private boolean ended;
  private long cut;

  SimulatedDrive() {
    clock.scheduleAtFixedRate(this::tick, TICK_MS, TICK_MS, TimeUnit.MILLISECONDS);
  }

  /**
   * What is asked to be driven.
   *
   * @param build id of what is on the truck
   * @param rate how fast its time goes; null 1
   * @param noise on temperatures, K; null none
   * @param seed of it; null 1
   */
  record Wanted(JobContent job, String build, Double rate, Double noise, Long seed) {}

  /**
   * Sets out.
   *
   * @return the drive's id
   * @throws RefusedException if it cannot drive there
   */
  synchronized String begin(Wanted wanted) {
    Build build = wanted.job().build(wanted.build());
    HaulCase haul = wanted.job().drivenSomehow(build);
    WheelDrive next = new WheelDrive(haul, Assembly.rig(haul.setup()));
    List<Trace.Moment> first = next.goOn(1);
    drive = next;
    ahead = new ArrayList<>(first);
    faults =
        new Faults(
            wanted.seed() == null ? 1 : wanted.seed(), wanted.noise() == null ? 0 : wanted.noise());
    rate(wanted.rate() == null ? 1 : wanted.rate());
    id = UUID.randomUUID().toString();
    rows.clear();
    seconds = 0;
    number = 0;
    held = false;
    ended = false;
    notifyAll();
    return id;
  }

  synchronized void rate(double times) {
    rate = Math.max(1, Math.min(60, times));
  }

  synchronized void hold(boolean stands) {
    held = stands;
  }

  synchronized Faults faults() {
    return faults;
  }

  /** From now on the cores shed so much of what they did. */
  synchronized void cores(double share) {
    if (drive != null) {
      drive.with(Factors.NOMINAL.with(Factor.CORE_CONDUCTANCE, share));
    }
  }

  /** Connections that are open now are cut. */
  synchronized void cut() {
    cut++;
    notifyAll();
  }

  synchronized long cuts() {
    return cut;
  }

  /** What the driver does from now on, by its name; empty if that is understood. */
  synchronized String wheel(String name, double value) {
    if (drive == null) {
      return "nothing is driven";
    }
    Habits now = drive.driving();
    switch (name) {
      case "fan" ->
          drive.drive(
              new Habits(
                  now.airConditioning(), now.heater(), now.holdGear(), now.fastest(), value > 0));
      case "ac" -> drive.drive(now.withAirConditioning(value > 0));
      case "gear" -> drive.drive(now.heldIn(value > 0 ? (int) value : OperatingPoint.FREE));
      case "fastest" ->
          drive.drive(
              now.noFasterThan(
                  value > 0
                      ? Math.max(OperatingPoint.SPEED.low(), value / KMH)
                      : Double.POSITIVE_INFINITY));
      case "rest" -> drive.rest(value > 0);
      default -> {
        return "no such thing at the wheel: " + name;
      }
    }
    return "";
  }

  /**
   * What a reader has not been told yet.
   *
   * @param id of the drive; empty where there is none
   * @param seconds that it lasts
   */
  record News(String id, double seconds, List<GaugeRow> rows, boolean ended, long cuts) {}

  /** Waits a second for what comes after a row of a drive; of another drive for all of it. */
  synchronized News after(String known, long last) throws InterruptedException {
    boolean same = known.equals(id);
    if (same && (rows.isEmpty() || rows.getLast().number() <= last)) {
      wait(1000);
      same = known.equals(id);
    }
    long from = same ? last : 0;
    List<GaugeRow> news = rows.stream().filter(r -> r.number() > from).toList();
    return new News(id, seconds, news, ended, cut);
  }

  private synchronized void tick() {
    if (drive == null || held || ended) {
      return;
    }
    try {
      seconds += rate * TICK_MS / 1000.0;
      while (ahead.get(ahead.size() - 1).time() < seconds && !drive.arrived()) {
        Trace.Moment last = ahead.get(ahead.size() - 1);
        List<Trace.Moment> more = new ArrayList<>(List.of(last));
        more.addAll(drive.goOn(Math.max(1, rate * TICK_MS / 1000.0)));
        ahead = more;
      }
      row(between());
    } catch (RefusedException e) {
      ended = true; // it gets no further
    }
    ended |= drive.arrived() && ahead.get(ahead.size() - 1).time() <= seconds;
    notifyAll();
  }

  private Trace.Moment between() {
    return new Trace(ahead, List.of(), new Trace.Ledger(0, 0, 0)).at(seconds);
  }

  private void row(Trace.Moment m) {
    number++;
    if (faults.drops()) {
      return;
    }
    double fan = m.fans().fastest();
    double[] is = {
      m.coolant(),
      m.sump(),
      m.feed(),
      m.ambient(),
      KMH * m.speed(),
      m.engineRpm(),
      m.gear(),
      fan,
      drive.driving().airConditioning() ? 1 : 0,
      m.distance() / 1000,
      fan > FAN_RUNS ? VOLTS_FAN : VOLTS,
      drive.resting() ? 1 : 0
    };
    rows.add(new GaugeRow(number, Math.round(1000 * seconds), faults.shown(is)));
    if (rows.size() > KEPT) {
      rows.remove();
    }
  }

  @Override
  public void close() {
    clock.shutdownNow();
  }
}
