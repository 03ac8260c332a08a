package roadbreeze.server.live;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.lookahead.Adviser;
import roadbreeze.core.lookahead.GaugeWatch;
import roadbreeze.core.lookahead.LookAhead;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.roadlog.DrivenRoad;
import roadbreeze.core.roadlog.GaugedState;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;

/**
 * The truck's model beside its gauges: its road, its limits, what comes, and whether both agree.
 */
final class LiveModel {
  private final HaulCase haul;
  private final Setup setup;
  private final Rig rig;
  private final LiveLimits limits;
  private final Adviser adviser = new Adviser();
  private final GaugeWatch watch;

  /**
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive as it is entered
   */
  LiveModel(JobContent job, Build build) {
    HaulCase on = job.drivenSomehow(build);
    // Stops are the driver's: nobody knows which of them will be made.
    Trip trip = on.trip();
    haul = on.with(new Trip(trip.road().withoutStops(), trip.weather(), trip.driving()));
    setup = on.setup();
    rig = Assembly.rig(setup);
    limits = new LiveLimits(job.limits(), setup);
    watch = new GaugeWatch(setup, rig);
  }

  LiveLimits limits() {
    return limits;
  }

  Road road() {
    return haul.trip().road();
  }

  /**
   * What the gauges say of now.
   *
   * @param at place along the road, m
   * @param fan share of its highest speed that the fastest has; not a number where nobody knows
   * @param asked what was asked of the driver's controls through this application
   */
  record Gauged(
      double time,
      double at,
      double speed,
      int gear,
      double coolant,
      double pan,
      double feed,
      double ambient,
      double fan,
      boolean airConditioning,
      Asked asked) {}

  /** What was asked of the controls: fans full, no higher gear, no faster (m/s). */
  record Asked(boolean fanFull, int gear, double fastest) {
    static final Asked NOTHING = new Asked(false, OperatingPoint.FREE, Double.POSITIVE_INFINITY);

    LiveNow.WheelAsked shown() {
      return new LiveNow.WheelAsked(
          fanFull,
          gear == OperatingPoint.FREE ? 0 : gear,
          Double.isInfinite(fastest) ? 0 : fastest / Units.si(1, Kind.SPEED));
    }

    /** With what a word of the gauge's protocol asks beside: {@code fan=1}. */
    Asked with(String word) {
      int equals = word.indexOf('=');
      if (equals < 0) {
        return this;
      }
      double value = Double.parseDouble(word.substring(equals + 1));
      return switch (word.substring(0, equals)) {
        case "fan" -> new Asked(value > 0, gear, fastest);
        case "gear" -> new Asked(fanFull, value > 0 ? (int) value : OperatingPoint.FREE, fastest);
        case "fastest" ->
            new Asked(
                fanFull, gear, value > 0 ? Units.si(value, Kind.SPEED) : Double.POSITIVE_INFINITY);
        default -> this;
      };
    }
  }

  /** What comes, and what there is to say of it; empty where too little is known. */
  Optional<Adviser.Seen> advise(Gauged now) {
    List<Road.Point> points = road().points();
    double end = points.get(points.size() - 1).distance();
    if (Double.isNaN(now.coolant()) || now.at() >= end || now.at() < points.get(0).distance()) {
      return Optional.empty();
    }
    Habits usual = haul.trip().habitsAt(now.at());
    Habits driving =
        new Habits(
            now.airConditioning(),
            usual.heater(),
            now.asked().gear(),
            now.asked().fastest(),
            now.asked().fanFull());
    LookAhead.Now here =
        new LookAhead.Now(now.time(), now.at(), now.speed(), now.gear(), state(now), driving);
    return Optional.of(adviser.look(new LookAhead(haul.with(today(now)), rig), here));
  }

  /** The road as warm as it is where the truck is. */
  private Trip today(Gauged now) {
    double known = haul.trip().ambientAt(now.at(), now.time());
    return Double.isNaN(now.ambient()) ? haul.trip() : haul.trip().warmer(now.ambient() - known);
  }

  private HaulRun.Start state(Gauged now) {
    List<SwitchedFan> fans = setup.switchedFans();
    List<Integer> running =
        now.fan() > RUNS ? IntStream.range(0, fans.size()).boxed().toList() : List.of();
    return GaugedState.of(setup, now.coolant(), now.pan(), now.feed(), now.ambient(), running);
  }

  /** A fan that turns so fast runs. */
  private static final double RUNS = 0.3;

  /** Where gauge and model part ways. */
  List<Finding> parted(Recording last, double from) {
    return watch.look(last, Optional.of(new DrivenRoad.Stored(road(), from)));
  }
}
