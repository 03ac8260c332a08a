package roadbreeze.core.lookahead;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.RefusedException;

/** A road driven in every way that an {@link Act}, begun at any of ten places of it, comes to. */
public final class BestDrive {
  private BestDrive() {}

  /**
   * A drive.
   *
   * @param act that is done; empty where nothing is
   * @param from place from which on, m
   */
  public record Way(Optional<Finding> act, double from, Outcome outcome) {}

  /** As it is driven anyway; empty where that gets nowhere. */
  public static Optional<Way> usual(HaulCase haul, Rig rig) {
    return outcome(haul, rig, haul.trip()).map(o -> new Way(Optional.empty(), 0, o));
  }

  /** All ways that get to the end, the usual one first. */
  public static List<Way> all(HaulCase haul, Rig rig) {
    List<Way> ways = new ArrayList<>();
    usual(haul, rig).ifPresent(ways::add);
    List<Road.Point> points = haul.trip().road().points();
    double first = points.get(0).distance();
    double end = points.get(points.size() - 1).distance();
    int gears = rig.powertrain().driveline().gears();
    for (Act act : Act.values()) {
      for (int k = 0; k < LookAhead.STARTS; k++) {
        double from = first + (end - first) * k / LookAhead.STARTS;
        Habits then = act.on(haul.trip().habitsAt(from), haul.trip().road().speedAt(from), gears);
        Trip trip = haul.trip().acting(from, end, then);
        trip = act.rest() > 0 ? trip.resting(from, act.rest()) : trip;
        outcome(haul, rig, trip)
            .ifPresent(o -> ways.add(new Way(Optional.of(act.finding(gears)), from, o)));
      }
    }
    return ways;
  }

  /** Limits first, then time, then noise; empty where nothing gets there. */
  public static Optional<Way> best(HaulCase haul, Rig rig) {
    Way best = null;
    for (Way way : all(haul, rig)) {
      best = best == null || better(way.outcome(), best.outcome()) ? way : best;
    }
    return Optional.ofNullable(best);
  }

  /** Times nearer than this are one, s. */
  private static final double AS_FAST = 1;

  private static boolean better(Outcome a, Outcome b) {
    if (a.keepsLimits() != b.keepsLimits()) {
      return a.keepsLimits();
    }
    if (!a.keepsLimits()) {
      return a.worst().headroom() > b.worst().headroom();
    }
    double later = a.seconds() - b.seconds();
    return later < -AS_FAST || later < AS_FAST && a.loud() < b.loud();
  }

  private static Optional<Outcome> outcome(HaulCase haul, Rig rig, Trip trip) {
    try {
      return Optional.of(haul.with(trip).drive(rig, Factors.NOMINAL).outcome());
    } catch (RefusedException e) {
      return Optional.empty(); // it gets no further that way
    }
  }
}
