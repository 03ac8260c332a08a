package roadbreeze.core.lookahead;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Factors;
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

  /** A limit is kept where so much is left, for what gauge and model are off by, K; own. */
  static final double SPARE = 1.5;

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
   * @param from place at which that is begun at the latest, m
   * @param keeps with it every limit is kept
   */
  public record Coming(Worst without, Optional<Act> act, double from, Worst with, boolean keeps) {}

  /**
   * The nearest limit.
   *
   * @param headroom K, below 0 where it is passed
   * @param value °C
   */
  public record Worst(Fluid fluid, double headroom, double value, double place) {}

  private static final Worst LOST =
      new Worst(Fluid.COOLANT, Double.NEGATIVE_INFINITY, Double.NaN, Double.NaN);

  public Coming coming(Now now) {
    Worst without = worst(now, Optional.empty(), now.place());
    if (without.headroom >= SPARE) {
      return new Coming(without, Optional.empty(), now.place(), without, true);
    }
    Act best = null;
    Worst bestWorst = without;
    for (Act act : Act.values()) {
      if (!act.can(now.driving(), of.setup().fansCanBeHeld(), now.gear())) {
        continue;
      }
      Worst with = worst(now, Optional.of(act), now.place());
      if (with.headroom >= SPARE) {
        return latest(now, act, without, with);
      }
      if (with.headroom > bestWorst.headroom) {
        best = act;
        bestWorst = with;
      }
    }
    return new Coming(without, Optional.ofNullable(best), now.place(), bestWorst, false);
  }

  /** Halves the way to where it is too late; a start is one of {@link #STARTS}. */
  private Coming latest(Now now, Act act, Worst without, Worst with) {
    double end = Math.min(end(now), without.place);
    int kept = 0;
    int late = STARTS;
    Worst keptWorst = with;
    while (late - kept > 1) {
      int middle = (kept + late) / 2;
      double from = now.place() + (end - now.place()) * middle / STARTS;
      Worst there = worst(now, Optional.of(act), from);
      if (there.headroom >= SPARE) {
        kept = middle;
        keptWorst = there;
      } else {
        late = middle;
      }
    }
    double from = now.place() + (end - now.place()) * kept / STARTS;
    return new Coming(without, Optional.of(act), from, keptWorst, true);
  }

  private double end(Now now) {
    List<Road.Point> points = of.trip().road().points();
    double last = points.get(points.size() - 1).distance();
    return Math.min(last, now.place() + HORIZON * Math.max(now.speed(), 5));
  }

  /** The nearest limit over the stretch with something done from a place on. */
  public Worst worst(Now now, Optional<Act> act, double from) {
    double end = end(now);
    if (end - now.place() < SHORTEST) {
      return new Worst(Fluid.COOLANT, Double.POSITIVE_INFINITY, Double.NaN, now.place());
    }
    Trip trip = of.trip().always(h -> now.driving()).between(now.place(), end, now.time());
    if (act.isPresent()) {
      Habits then = act.get().on(now.driving(), now.speed(), now.gear());
      double begin = Math.max(now.place(), Math.min(from, end - SHORTEST / 2));
      trip = trip.acting(begin, end, then);
      if (act.get().rest() > 0) {
        trip = trip.resting(begin, act.get().rest());
      }
    }
    try {
      Outcome o =
          new HaulCase(of.setup(), trip, now.state(), of.limits())
              .drive(rig, Factors.NOMINAL)
              .outcome();
      Worst worst = LOST;
      for (Fluid fluid : Fluid.values()) {
        Outcome.Peak peak = o.of(fluid);
        if (worst == LOST || peak.headroom() < worst.headroom) {
          worst = new Worst(fluid, peak.headroom(), peak.value(), peak.at().distance());
        }
      }
      return worst;
    } catch (RefusedException e) {
      return LOST;
    }
  }
}
