package roadbreeze.core.circuit;

import java.util.concurrent.CancellationException;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.NotConvergedException;

/**
 * The steady heat balance of one rig, at one operating point after another.
 *
 * <p>Driveline, air, heat and oil depend on each other; rounds of {@link HeatExchange} take them in
 * turn while {@link HeatNetwork} moves coolant and sump to where both balances close. A clutched
 * fan's engagement depends on the temperatures it causes and is moved with them; where that does
 * not settle it is bracketed round all of it: wanted minus actual engagement falls steadily, so it
 * rests at one place, or at an end.
 *
 * <p>Not thread-safe: it remembers the last temperatures and slopes, which neighbouring points
 * share. Make one per thread.
 */
public final class SteadyBalance {
  /** Coolant temperatures are sought up to here, °C. */
  public static final double COOLANT_CEILING = 400;

  /** Oil that only its case cools can come out very hot; sought up to here, °C. */
  public static final double OIL_CEILING = 1200;

  /** Past these a result is no temperature any more, °C. */
  public static final double OIL_BEYOND = 250;

  public static final double COOLANT_BEYOND = 180;

  /** Moves no temperature by more than a thousandth of a kelvin. */
  private static final double ENGAGEMENT_TOLERANCE = 1e-6;

  private static final double ENGAGEMENT_STEP = 0.05;
  private static final double FIRST_GRIP = 0.6;

  private static final int MAX_EVALUATIONS = 300;

  private final Rig rig;
  private final Factors factors;
  private final HeatNetwork.Slopes slopes;
  private final Guess engagementGuess;
  private double restedAt = Double.NaN;
  private HeatExchange settled;
  private boolean quiet;

  public SteadyBalance(Rig rig, Factors factors) {
    this.rig = rig;
    this.factors = factors;
    engagementGuess =
        new Guess(
            rig.clutchedFan() < 0
                ? 1
                : (rig.clutch().belt().released() + rig.clutch().belt().full()) / 2);
    // A hard climb ends a little past the open thermostat: the first guess of both.
    double first = rig.coolantLoop().thermostat().fullOpen() + 5;
    slopes = new HeatNetwork.Slopes(first, first);
  }

  public SteadyBalance(Rig rig) {
    this(rig, Factors.NOMINAL);
  }

  /** Leaves the warnings out, whose sentences cost a search more than its arithmetic. */
  public SteadyBalance quiet() {
    quiet = true;
    return this;
  }

  /** Another solver of the same that starts from what this one has found. */
  public SteadyBalance copy() {
    return continuedWith(rig, factors);
  }

  /** A solver for another rig that starts from what this one has found. */
  public SteadyBalance continuedWith(Rig next) {
    return continuedWith(next, factors);
  }

  /** A solver for the same rig with other factors that starts from what this one has found. */
  public SteadyBalance continuedWith(Factors others) {
    return continuedWith(rig, others);
  }

  private SteadyBalance continuedWith(Rig next, Factors others) {
    SteadyBalance other = new SteadyBalance(next, others);
    other.slopes.take(slopes);
    other.settled = settled;
    if (rig.clutchedFan() >= 0 && next.clutchedFan() >= 0) {
      other.engagementGuess.take(engagementGuess);
      other.restedAt = restedAt;
    }
    other.quiet = quiet;
    return other;
  }

  /**
   * @return the settled state; energy closes to 1e-6 of the heat turned over
   * @throws NotConvergedException if the truck cannot climb there or the heat cannot be shed
   * @throws CancellationException if the thread is interrupted
   */
  public Balance solve(OperatingPoint point) {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("nobody waits for this balance");
    }
    if (rig.clutchedFan() < 0) {
      settle(point, 1);
    } else if (!restsWithClutch(point)) {
      restOfClutch(point);
    }
    Balance balance = settled.result();
    return quiet ? balance : balance.withWarnings(Warnings.of(rig, point, balance));
  }

  /** The clutch moved together with all else, from where it last rested. */
  private boolean restsWithClutch(OperatingPoint point) {
    HeatExchange exchange = exchange(point, Double.isNaN(restedAt) ? FIRST_GRIP : restedAt);
    boolean rests = new HeatNetwork(exchange, point.ambient(), slopes).solveWithClutch();
    if (rests) {
      settled = exchange;
      restedAt = exchange.engagement();
      engagementGuess.moveTo(restedAt);
    }
    return rests;
  }

  /** Where the clutch rests as its own temperatures ask, by bracketing; leaves that settled. */
  private void restOfClutch(OperatingPoint point) {
    double released = rig.clutch().belt().released();
    double full = rig.clutch().belt().full();
    // Where it last came to rest is the likeliest place again.
    if (restedAt == full && surplus(point, full) >= 0
        || restedAt == released && surplus(point, released) <= 0) {
      return;
    }
    double near =
        engagementGuess.refined(
            e -> surplus(point, e), ENGAGEMENT_STEP, ENGAGEMENT_TOLERANCE, released, full);
    if (!Double.isNaN(near)) {
      restedAt = near;
    } else if (surplus(point, released) <= 0) {
      restedAt = released;
    } else if (surplus(point, full) >= 0) {
      restedAt = full;
    } else {
      restedAt =
          new BracketingNthOrderBrentSolver(1e-12, ENGAGEMENT_TOLERANCE, 1e-9, 5)
              .solve(MAX_EVALUATIONS, e -> surplus(point, e), released, full);
      engagementGuess.moveTo(restedAt);
      surplus(point, restedAt);
    }
  }

  /** Engagement wanted over a trial one; leaves its balance settled. */
  private double surplus(OperatingPoint point, double engagement) {
    settle(point, engagement);
    return settled.wantedEngagement() - engagement;
  }

  private void settle(OperatingPoint point, double engagement) {
    HeatExchange exchange = exchange(point, engagement);
    settled = exchange;
    new HeatNetwork(exchange, point.ambient(), slopes).solve();
  }

  private HeatExchange exchange(OperatingPoint point, double engagement) {
    Air air = Air.at(point.ambient(), point.altitude());
    HeatExchange exchange = new HeatExchange(rig, factors, point, air, engagement);
    if (settled != null) {
      exchange.startFrom(settled);
    }
    return exchange;
  }
}
