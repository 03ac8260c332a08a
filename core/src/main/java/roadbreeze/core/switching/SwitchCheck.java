package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.stack.LayerRole;

/**
 * What the switch points of a setup come to over its road.
 *
 * @param duties of the switched fans, in their order
 * @param found worst first, {@link SwitchFinding#SOUND} where there is nothing to say
 */
public record SwitchCheck(List<Duty> duties, List<Found> found) {
  private static final double NARROW_BAND = 3;

  /** Relays that come on more often wear; our own, 1/h. */
  static final double OFTEN = 20;

  /** A sensor that is further behind reads late, K. */
  private static final double BEHIND = 1.5;

  /** Two stages nearer than this come at one point, K. */
  private static final double ONE_POINT = 1;

  /** A truck that is slower stands, m/s. */
  private static final double STANDS = 2;

  /** Air conditioning lives without air for so long, s. */
  private static final double BREATH = 30;

  /** A clutch that grips so much earlier for the warmth of an oil cooler, K. */
  private static final double MISLED = 0.5;

  private static final double HOUR = 3600;

  /**
   * How a switched fan runs over the road.
   *
   * @param firstOn since the start, s; empty if never
   * @param coolantThen where it first came on, °C
   * @param runs in all, s
   * @param starts how often it came on
   * @param rests after it first came on, s
   * @param after from then to the end, s
   */
  public record Duty(
      Name fan,
      OptionalDouble firstOn,
      double coolantThen,
      double runs,
      int starts,
      double rests,
      double after) {
    /** From where it first came on; two starts are no habit yet. */
    double startsPerHour() {
      return starts > 2 ? starts / (after / HOUR) : 0;
    }
  }

  /**
   * @param better points that mend it, tried over the road; empty where none do
   */
  public record Found(Finding finding, Optional<BetterPoints> better) {}

  /**
   * @param warning where a lamp or buzzer warns of the coolant, °C; empty where none is known
   */
  public static SwitchCheck of(Driven driven, OptionalDouble warning) {
    List<SwitchedFan> switched = driven.switched();
    List<Duty> duties = duties(driven);
    List<Found> found = new ArrayList<>();
    for (int k = 0; k < switched.size(); k++) {
      judge(driven, k, duties.get(k), found);
      stages(driven, k, found);
    }
    late(driven, switched, found);
    condenser(driven, found);
    warns(driven, warning, found);
    clutch(driven, found);
    found.sort(Comparator.comparing(f -> (SwitchFinding) f.finding().code()));
    if (found.isEmpty()) {
      found.add(plain(SwitchFinding.SOUND.with()));
    }
    return new SwitchCheck(List.copyOf(duties), List.copyOf(found));
  }

  /** A fan that comes on with one before it; that of an oil cooler's own is no stage. */
  private static void stages(Driven driven, int k, List<Found> found) {
    SwitchedFan fan = driven.switched().get(k);
    for (SwitchedFan before : driven.switched().subList(0, k)) {
      double apart = fan.points().on() - before.points().on();
      if (!fan.ofCooler() && Math.abs(apart) < ONE_POINT) {
        found.add(
            new Found(
                SwitchFinding.TWO_AT_ONCE.with(fan.name(), before.name(), fan.points().on()),
                BetterPoints.moved(driven, k, SwitchProposal.NEXT_STAGE)));
      }
    }
  }

  private static Found plain(Finding finding) {
    return new Found(finding, Optional.empty());
  }

  /** How each switched fan runs. */
  static List<Duty> duties(Driven driven) {
    List<SwitchedFan> switched = driven.switched();
    List<Duty> duties = new ArrayList<>();
    for (int k = 0; k < switched.size(); k++) {
      duties.add(duty(driven.trace(), switched.get(k), k));
    }
    return duties;
  }

  private static Duty duty(Trace trace, SwitchedFan fan, int place) {
    double runs = 0;
    double since = Double.NaN;
    int starts = 0;
    OptionalDouble first = OptionalDouble.empty();
    for (Trace.Switching s : trace.switchings()) {
      if (s.place() != place) {
        continue;
      }
      if (s.on()) {
        since = s.time();
        starts++;
        first = first.isPresent() ? first : OptionalDouble.of(s.time());
      } else if (!Double.isNaN(since)) {
        runs += s.time() - since;
        since = Double.NaN;
      }
    }
    double end = trace.last().time();
    runs += Double.isNaN(since) ? 0 : end - since;
    double after = first.isPresent() ? end - first.getAsDouble() : 0;
    return new Duty(
        fan.name(),
        first,
        first.isPresent() ? trace.at(first.getAsDouble()).coolant() : Double.NaN,
        runs,
        starts,
        after - runs,
        after);
  }

  private static void judge(Driven driven, int k, Duty duty, List<Found> found) {
    SwitchedFan fan = driven.switched().get(k);
    FanSwitch points = fan.points();
    Name name = fan.name();
    Thermostat thermostat = driven.rig().coolantLoop().thermostat();
    double start = thermostat.startToOpen();
    double full = thermostat.fullOpen();
    double limit = limit(driven, points.sensor());
    boolean byEngine = points.sensor().place() == FanSensor.Place.ENGINE_OUTLET;
    if (points.withAirConditioning() && airConditioned(driven)) {
      found.add(plain(SwitchFinding.RUNS_WITH_AIR_CONDITIONING.with(name)));
    }
    if (points.sensor() == FanSensor.DRIVER) {
      driven.forgotten().ifPresent(t -> found.add(plain(SwitchFinding.BY_HAND.with(name, t))));
    }
    if (duty.firstOn().isEmpty()) {
      double highest = highest(driven, points.sensor());
      found.add(
          points.on() >= limit
              ? waits(driven, k, limit)
              : plain(SwitchFinding.NEVER_NEEDED.with(name, highest)));
      return;
    }
    // A driver leaves it on until the climb is over.
    if (byEngine && points.sensor() != FanSensor.DRIVER && points.off() < full) {
      SwitchFinding how =
          points.off() <= start ? SwitchFinding.NEVER_STOPS : SwitchFinding.MAY_NOT_STOP;
      found.add(
          new Found(
              how.with(name, points.off(), start, full, duty.rests(), duty.after()),
              BetterPoints.resting(driven, k, full)));
    }
    if (points.on() >= limit) {
      found.add(waits(driven, k, limit));
    }
    double perHour = duty.startsPerHour();
    double band = points.on() - points.off();
    if (band < NARROW_BAND || perHour > OFTEN) {
      found.add(
          new Found(
              SwitchFinding.CHATTERS.with(name, band, (int) Math.round(perHour)),
              BetterPoints.wider(driven, k)));
    }
    if (byEngine && duty.coolantThen() > points.on() + BEHIND) {
      Finding late =
          SwitchFinding.READS_LATE.with(name, points.sensor(), points.on(), duty.coolantThen());
      found.add(
          points.sensor() == FanSensor.DRIVER
              ? plain(late)
              : new Found(late, BetterPoints.feltBy(driven, k, FanSensor.CYLINDER_HEAD)));
    }
  }

  private static Found waits(Driven driven, int k, double limit) {
    SwitchedFan fan = driven.switched().get(k);
    return new Found(
        SwitchFinding.WAITS_PAST_LIMIT.with(fan.name(), fan.points().on(), limit),
        BetterPoints.earlier(driven, k));
  }

  /** What a sensor is in at its hottest, °C. */
  private static double highest(Driven driven, FanSensor sensor) {
    ToDoubleFunction<Trace.Moment> felt =
        switch (sensor.place()) {
          case ENGINE_OUTLET -> Trace.Moment::coolant;
          case RADIATOR_OUTLET -> Trace.Moment::outletTank;
          case OIL_FEED -> Trace.Moment::feed;
          case PAN -> Trace.Moment::sump;
        };
    return driven.trace().moments().stream().mapToDouble(felt).max().orElse(0);
  }

  private static boolean airConditioned(Driven driven) {
    return driven.of().trip().driving().stream().anyMatch(c -> c.habits().airConditioning());
  }

  private static boolean hasCondenser(Driven driven) {
    return driven.rig().stack().layers().stream()
        .anyMatch(l -> l.role() instanceof LayerRole.Condenser);
  }

  /** Air conditioning that stands without any fan. */
  private static void condenser(Driven driven, List<Found> found) {
    List<SwitchedFan> switched = driven.switched().stream().filter(f -> !f.ofCooler()).toList();
    boolean others = driven.of().setup().fitting().fans().size() > switched.size();
    if (switched.isEmpty() || others || !hasCondenser(driven)) {
      return;
    }
    double still = 0;
    Trace.Moment before = driven.trace().moments().get(0);
    for (Trace.Moment m : driven.trace().moments()) {
      boolean stands = m.speed() < STANDS && m.engineRpm() > 0;
      boolean cools = driven.of().trip().habitsAt(m.distance()).airConditioning();
      boolean blown = switched.stream().anyMatch(f -> m.fans().share()[f.index()] > 0);
      if (stands && cools && !blown) {
        still += m.time() - before.time();
      }
      before = m;
    }
    if (still > BREATH) {
      found.add(
          new Found(
              SwitchFinding.CONDENSER_WITHOUT_AIR.with(switched.get(0).name(), still),
              BetterPoints.withAirConditioning(driven, 0)));
    }
  }

  private static void warns(Driven driven, OptionalDouble warning, List<Found> found) {
    if (warning.isEmpty()) {
      return;
    }
    double at = warning.getAsDouble();
    double limit = lowestLimit(driven);
    double highest = highest(driven, FanSensor.CYLINDER_HEAD);
    if (at >= limit) {
      found.add(plain(SwitchFinding.WARNS_TOO_LATE.with(at, limit)));
    } else if (highest >= at && driven.outcome().coolant().headroom() >= 0) {
      found.add(plain(SwitchFinding.WARNS_FOR_NOTHING.with(at, highest)));
    }
  }

  /** A bimetal that answers air which the oil coolers in front have warmed. */
  private static void clutch(Driven driven, List<Found> found) {
    Setup setup = driven.of().setup();
    List<CoolerFit> others =
        setup.fitting().coolers().stream().filter(c -> c.place() != CoolerFit.Place.FRONT).toList();
    Optional<ClutchBand> with = ClutchBand.of(driven).filter(ClutchBand::byAir);
    if (with.isEmpty() || others.size() == setup.fitting().coolers().size()) {
      return;
    }
    try {
      Setup bare = setup.with(setup.fitting().withCoolers(others));
      ClutchBand.of(driven.of().with(bare).drive())
          .filter(without -> without.from() - with.get().from() > MISLED)
          .ifPresent(
              without ->
                  found.add(
                      plain(
                          SwitchFinding.CLUTCH_MISLED.with(
                              with.get().grips(), with.get().from(), without.from()))));
    } catch (RefusedException e) {
      return; // without its coolers it cannot drive there: there is nothing to compare with
    }
  }

  /** A limit passed on the way with the fans switched, and kept with them on from the start. */
  private static void late(Driven driven, List<SwitchedFan> switched, List<Found> found) {
    Outcome now = driven.outcome();
    List<SwitchedFan> asked =
        switched.stream().filter(f -> now.of(cooledBy(f)).headroom() < 0).toList();
    if (asked.isEmpty()) {
      return;
    }
    Trip forced = driven.of().trip().always(Habits::withFanFull);
    Outcome early = driven.of().with(forced).drive(driven.rig(), driven.factors()).outcome();
    for (SwitchedFan fan : asked) {
      Fluid fluid = cooledBy(fan);
      if (early.of(fluid).headroom() >= 0) {
        found.add(
            new Found(
                SwitchFinding.TOO_LATE.with(
                    fan.name(),
                    fan.points().on(),
                    fluid,
                    now.of(fluid).value(),
                    now.of(fluid).limit(),
                    early.of(fluid).value()),
                BetterPoints.earlier(driven, switched.indexOf(fan))));
      }
    }
  }

  /** What a fan is there for. */
  public static Fluid cooledBy(SwitchedFan fan) {
    return fan.ofCooler() ? Fluid.PAN : Fluid.COOLANT;
  }

  /** The limit of what a sensor is in, where it is lowest, °C; infinite where there is none. */
  static double limit(Driven driven, FanSensor sensor) {
    return switch (sensor.place()) {
      case ENGINE_OUTLET -> lowestLimit(driven);
      case RADIATOR_OUTLET -> Double.POSITIVE_INFINITY;
      case OIL_FEED -> driven.of().limits().feed();
      case PAN -> driven.of().limits().pan();
    };
  }

  /** The limit of the coolant where it is lowest, °C. */
  private static double lowestLimit(Driven driven) {
    var limit = Outcome.coolantLimit(driven.trace(), driven.of().setup(), driven.of().limits());
    return driven.trace().moments().stream().mapToDouble(limit).min().orElseThrow();
  }
}
