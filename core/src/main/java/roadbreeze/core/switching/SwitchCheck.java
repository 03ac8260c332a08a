package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;

/**
 * What the switch points of a setup come to over its road.
 *
 * @param duties of the switched fans, in their order
 * @param findings worst first, {@link SwitchFinding#SOUND} where there is nothing to say
 */
public record SwitchCheck(List<Duty> duties, List<Finding> findings) {
  private static final double NARROW_BAND = 3;

  /** Relays that come on more often wear; our own, 1/h. */
  static final double OFTEN = 20;

  /** A sensor that is further behind reads late, K. */
  private static final double BEHIND = 1.5;

  /** Two stages nearer than this come at one point, K. */
  private static final double ONE_POINT = 1;

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

  public static SwitchCheck of(Driven driven) {
    List<SwitchedFan> switched = driven.switched();
    List<Duty> duties = duties(driven);
    List<Finding> findings = new ArrayList<>();
    for (int k = 0; k < switched.size(); k++) {
      judge(driven, switched.get(k), duties.get(k), findings);
      for (int other = 0; other < k; other++) {
        double apart = switched.get(k).points().on() - switched.get(other).points().on();
        if (Math.abs(apart) < ONE_POINT) {
          findings.add(
              SwitchFinding.TWO_AT_ONCE.with(
                  switched.get(k).name(),
                  switched.get(other).name(),
                  switched.get(k).points().on()));
        }
      }
    }
    late(driven, switched, duties, findings);
    findings.sort(Comparator.comparing(f -> (SwitchFinding) f.code()));
    if (findings.isEmpty()) {
      findings.add(SwitchFinding.SOUND.with());
    }
    return new SwitchCheck(List.copyOf(duties), List.copyOf(findings));
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

  private static void judge(Driven driven, SwitchedFan fan, Duty duty, List<Finding> findings) {
    FanSwitch points = fan.points();
    Name name = fan.name();
    Thermostat thermostat = driven.rig().coolantLoop().thermostat();
    double start = thermostat.startToOpen();
    double full = thermostat.fullOpen();
    double limit = lowestLimit(driven);
    boolean byEngine = points.sensor().place() == FanSensor.Place.ENGINE_OUTLET;
    if (duty.firstOn().isEmpty()) {
      double highest =
          driven.trace().moments().stream().mapToDouble(Trace.Moment::coolant).max().orElse(0);
      if (byEngine && points.on() >= limit) {
        findings.add(SwitchFinding.WAITS_PAST_LIMIT.with(name, points.on(), limit));
      } else {
        findings.add(SwitchFinding.NEVER_NEEDED.with(name, highest));
      }
      return;
    }
    if (byEngine && points.off() <= start) {
      findings.add(
          SwitchFinding.NEVER_STOPS.with(
              name, points.off(), start, full, duty.rests(), duty.after()));
    } else if (byEngine && points.off() < full) {
      findings.add(
          SwitchFinding.MAY_NOT_STOP.with(
              name, points.off(), start, full, duty.rests(), duty.after()));
    }
    if (byEngine && points.on() >= limit) {
      findings.add(SwitchFinding.WAITS_PAST_LIMIT.with(name, points.on(), limit));
    }
    double perHour = duty.startsPerHour();
    double band = points.on() - points.off();
    if (band < NARROW_BAND || perHour > OFTEN) {
      findings.add(SwitchFinding.CHATTERS.with(name, band, (int) Math.round(perHour)));
    }
    if (byEngine && duty.coolantThen() > points.on() + BEHIND) {
      findings.add(
          SwitchFinding.READS_LATE.with(name, points.sensor(), points.on(), duty.coolantThen()));
    }
  }

  /** The limit passed on the way with the fans switched, and kept with them on from the start. */
  private static void late(
      Driven driven, List<SwitchedFan> switched, List<Duty> duties, List<Finding> findings) {
    Outcome.Peak now = driven.outcome().coolant();
    if (switched.isEmpty() || now.headroom() >= 0) {
      return;
    }
    Trip trip = driven.of().trip();
    Trip forced =
        new Trip(
            trip.road(),
            trip.weather(),
            trip.driving().stream()
                .map(c -> new Trip.Change(c.from(), c.habits().withFanFull()))
                .toList());
    Outcome.Peak early =
        driven.of().with(forced).drive(driven.rig(), driven.factors()).outcome().coolant();
    if (early.headroom() < 0) {
      return;
    }
    for (int k = 0; k < switched.size(); k++) {
      findings.add(
          SwitchFinding.TOO_LATE.with(
              duties.get(k).fan(),
              switched.get(k).points().on(),
              now.value(),
              now.limit(),
              early.value()));
    }
  }

  /** Where the coolant boils earliest, °C. */
  private static double lowestLimit(Driven driven) {
    var limit = Outcome.coolantLimit(driven.trace(), driven.of().setup(), driven.of().limits());
    return driven.trace().moments().stream().mapToDouble(limit).min().orElseThrow();
  }
}
