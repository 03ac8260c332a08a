package roadbreeze.core.lookahead;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.sizing.Fluid;

/**
 * Looks ahead from a state: does it keep the limits as it is driven; if not, which is the cheapest
 * thing that keeps them, and from which place on at the latest.
 *
 * @param of setup, road and limits
 * @param rig of the setup
 */
public record LookAhead(HaulCase of, Rig rig) {
  /** s */
  public static final double HORIZON = 600;

  /** What is said once had better last so long, with so much to spare, s and K; own. */
  private static final double LASTING = 1500;

  private static final double LASTING_SPARE = 3;

  /** A limit is kept where so much is left, for what gauge and model are off by, K; own. */
  public static final double SPARE = 1.5;

  /** Places along the stretch at which something may be begun. */
  static final int STARTS = 10;

  /** Shorter stretches tell nothing, m. */
  private static final double SHORTEST = 20;

  /**
   * Where the truck is and how warm.
   *
   * @param time since the trip began, s
   * @param place along the road, m
   * @param speed driven, m/s
   * @param gear the same, 0 where it is not known
   * @param driving what the driver does now
   */
  public record Now(
      double time, double place, double speed, int gear, HaulRun.Start state, Habits driving) {}

  /**
   * What comes.
   *
   * @param without worst headroom as it is driven, K; of which fluid, where
   * @param act the cheapest that keeps the limits; the best there is where none does; empty where
   *     nothing is needed
   * @param then how it is driven with that
   * @param from place at which that is begun at the latest, m
   * @param keeps with it every limit is kept
   */
  public record Coming(
      Worst without, Optional<Act> act, Habits then, double from, Worst with, boolean keeps) {}

  /**
   * The nearest limit.
   *
   * @param headroom K, below 0 where it is passed; infinite where nothing lies ahead, or nothing
   *     drives there
   * @param value °C
   * @param speed that is driven there, m/s
   * @param gear the same
   */
  public record Worst(
      Fluid fluid, double headroom, double value, double place, double speed, int gear) {}

  /**
   * @param enough headroom that nothing is said of, K
   */
  Coming coming(Now now, double enough) {
    Worst without = asDriven(now);
    if (without.headroom >= enough) {
      return new Coming(without, Optional.empty(), now.driving(), now.place(), without, true);
    }
    Optional<Coming> lasting = lasting(now, without);
    return lasting.isPresent()
        ? lasting.get()
        : longest(now, without).orElseGet(() -> best(now, without));
  }

  /** The nearest limit if nothing is done. */
  Worst asDriven(Now now) {
    return worst(now, now.driving(), 0, now.place(), HORIZON);
  }

  private List<Act> acts(Now now, Worst without) {
    return Arrays.stream(Act.values())
        .filter(a -> a.can(now.driving(), of.setup().fansCanBeHeld(), without.gear))
        .toList();
  }

  /** The first that keeps all limits for long. */
  private Optional<Coming> lasting(Now now, Worst without) {
    for (Act act : acts(now, without)) {
      // Against what is driven at the worst place: the gear and speed of now may be others.
      Habits then = act.on(now.driving(), without.speed, without.gear);
      Worst with = worst(now, then, act.rest(), now.place(), LASTING);
      if (with.headroom >= LASTING_SPARE) {
        return Optional.of(latest(now, act, then, without, with));
      }
    }
    return Optional.empty();
  }

  /** Where nothing lasts: of what keeps the limits for now, what comes nearest to lasting. */
  private Optional<Coming> longest(Now now, Worst without) {
    Coming longest = null;
    double most = Double.NEGATIVE_INFINITY;
    for (Act act : acts(now, without)) {
      Habits then = act.on(now.driving(), without.speed, without.gear);
      Worst with = worst(now, then, act.rest(), now.place(), HORIZON);
      double lasts = worst(now, then, act.rest(), now.place(), LASTING).headroom;
      if (with.headroom >= SPARE && lasts > most) {
        most = lasts;
        longest = new Coming(without, Optional.of(act), then, now.place(), with, true);
      }
    }
    return Optional.ofNullable(longest);
  }

  /** Where nothing keeps them: what comes nearest. */
  private Coming best(Now now, Worst without) {
    Act best = null;
    Worst bestWorst = without;
    for (Act act : acts(now, without)) {
      Habits then = act.on(now.driving(), without.speed, without.gear);
      Worst with = worst(now, then, act.rest(), now.place(), HORIZON);
      if (with.headroom > bestWorst.headroom) {
        best = act;
        bestWorst = with;
      }
    }
    Habits then =
        best == null ? now.driving() : best.on(now.driving(), without.speed, without.gear);
    return new Coming(without, Optional.ofNullable(best), then, now.place(), bestWorst, false);
  }

  /** Halves the way to where it is too late; a start is one of {@link #STARTS}. */
  private Coming latest(Now now, Act act, Habits then, Worst without, Worst with) {
    double end = Math.min(end(now, HORIZON), without.place);
    int kept = 0;
    int late = STARTS;
    Worst keptWorst = with;
    while (late - kept > 1) {
      int middle = (kept + late) / 2;
      double from = now.place() + (end - now.place()) * middle / STARTS;
      Worst there = worst(now, then, act.rest(), from, HORIZON);
      if (there.headroom >= SPARE) {
        kept = middle;
        keptWorst = there;
      } else {
        late = middle;
      }
    }
    // One place sooner: somebody who is told acts a little later.
    double from = now.place() + (end - now.place()) * Math.max(0, kept - 1) / STARTS;
    return new Coming(without, Optional.of(act), then, from, keptWorst, true);
  }

  private double end(Now now, double horizon) {
    List<Road.Point> points = of.trip().road().points();
    double last = points.get(points.size() - 1).distance();
    return Math.min(last, now.place() + horizon * Math.max(now.speed(), 5));
  }

  /**
   * The nearest limit over the stretch.
   *
   * @param then how it is driven from a place on
   * @param rest that is stood there, s
   * @param from that place, m
   * @param horizon so far ahead, s
   */
  public Worst worst(Now now, Habits then, double rest, double from, double horizon) {
    double end = end(now, horizon);
    if (end - now.place() < SHORTEST) {
      return new Worst(
          Fluid.COOLANT,
          Double.POSITIVE_INFINITY,
          Double.NaN,
          now.place(),
          now.speed(),
          now.gear());
    }
    Trip trip = of.trip().always(h -> now.driving()).between(now.place(), end, now.time());
    double begin = Math.max(now.place(), Math.min(from, end - SHORTEST / 2));
    trip = trip.acting(begin, end, then);
    if (rest > 0) {
      trip = trip.resting(begin, rest);
    }
    try {
      Outcome o = new HaulCase(of.setup(), trip, now.state(), of.limits()).outcomeRoughly(rig);
      Worst worst = null;
      for (Fluid fluid : Fluid.values()) {
        Outcome.Peak peak = o.of(fluid);
        if (worst == null || peak.headroom() < worst.headroom) {
          worst =
              new Worst(
                  fluid,
                  peak.headroom(),
                  peak.value(),
                  peak.at().distance(),
                  peak.at().speed(),
                  peak.at().gear());
        }
      }
      return worst;
    } catch (RefusedException e) {
      return new Worst(
          Fluid.COOLANT,
          Double.NEGATIVE_INFINITY,
          Double.NaN,
          now.place(),
          now.speed(),
          now.gear());
    }
  }
}
