package roadbreeze.core.circuit;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.Problem;

/**
 * The state at which a heat exchange closes. After each round the coolant is moved to where it
 * alone would close, the sump by its slope and the air to what the round found; {@link Anderson}
 * shortens that way to some nine rounds. Where it wanders off, coolant and sump are bracketed, one
 * inside the other, with the air taken anew in between; where that swings, too, small parts of each
 * way lead to rest.
 */
final class HeatNetwork {
  /** Relative to the heat turned over; ten times closer than the balance is promised. */
  private static final double HEAT_TOLERANCE = 3e-7;

  /** Nothing may move more than this between the last two rounds, K. */
  private static final double STILL = 1e-4;

  private static final double LONGEST_STEP = 25;

  /** The coolant alone is closed to this share of what is left; the next round moves more. */
  private static final double ENOUGH = 0.03;

  /** With less than this share of the engine's heat left, the slope known is good enough. */
  private static final double SMALL = 0.01;

  private static final int MAX_PROBES = 40;

  /** Makes an engagement of the size of a temperature. */
  private static final double GRIP = 100;

  /** A clutch's wish answers its own cooling about so much too strongly. */
  private static final double TOWARDS_WANTED = 0.4;

  private static final int MAX_ROUNDS = 60;
  private static final int MAX_SMALL_ROUNDS = 3000;

  /** Of each way, where the whole of it does not come to rest; smaller as long as it does not. */
  private static final double FIRST_SHARE = 0.2;

  private static final int SHARE_KEPT = 100;

  private static final int MAX_EVALUATIONS = 300;
  private static final int MAX_AIR_PASSES = 60;

  /** From this pass on air that has not settled is taken to swing. */
  private static final int SWINGS_AFTER = 15;

  private static final double SHORTER = 0.3;

  private final HeatExchange exchange;
  private final double lowest;
  private final Slopes slopes;
  private final Thermostat thermostat;
  private double coolant;
  private double sump;
  private boolean clutched;

  /** Whether both balances closed after the last round. */
  private boolean closed;

  /** What the last answer taught: where it was, and how what the coolant has left falls (W/K). */
  static final class Slopes {
    double coolant;
    double sump;

    /** With the thermostat shut, regulating and wide open. */
    private final double[] fall = {-50, -10_000, -1000};

    Slopes(double coolant, double sump) {
      this.coolant = coolant;
      this.sump = sump;
    }

    void take(Slopes other) {
      coolant = other.coolant;
      sump = other.sump;
      System.arraycopy(other.fall, 0, fall, 0, fall.length);
    }

    private double coolant(int part) {
      return fall[part];
    }

    private void coolant(int part, double slope) {
      fall[part] = slope;
    }
  }

  /**
   * @param ambient °C
   */
  HeatNetwork(HeatExchange exchange, double ambient, Slopes slopes) {
    this.exchange = exchange;
    this.slopes = slopes;
    thermostat = exchange.thermostat();
    lowest = ambient - 1;
  }

  /**
   * The state with the clutched fan gripping as its own temperatures ask.
   *
   * @return false where no such state was found this way
   */
  boolean solveWithClutch() {
    clutched = true;
    start();
    boolean found = stepwise();
    clutched = false;
    if (found) {
      slopes.coolant = coolant;
      slopes.sump = sump;
    }
    return found;
  }

  /** Leaves the exchange at the state found. */
  void solve() {
    start();
    if (!stepwise()) {
      exchange.startAfresh();
      if (!bracketed()) {
        exchange.startAfresh();
        start();
        if (!patient()) {
          throw Problem.SHARED_AIR.unsettled();
        }
      }
    }
    slopes.coolant = coolant;
    slopes.sump = sump;
  }

  private void start() {
    exchange.takeDrive(exchange.spinThickness(slopes.sump));
    if (!exchange.hasAir()) {
      throw Problem.NO_AIR.unsettled(exchange.engineHeat() + exchange.oilInput());
    }
    coolant = slopes.coolant;
    sump = slopes.sump;
  }

  private void round(double nextCoolant, double nextSump) {
    coolant = nextCoolant;
    sump = nextSump;
    exchange.takeDrive(exchange.spinThickness(sump));
    exchange.round(coolant, sump);
  }

  private boolean closes() {
    return Math.abs(exchange.coolantLeft()) <= HEAT_TOLERANCE * exchange.engineHeat()
        && Math.abs(exchange.oilLeft()) <= HEAT_TOLERANCE * exchange.throughOil();
  }

  /**
   * @return false where it wanders off
   */
  private boolean stepwise() {
    try {
      return accelerated();
    } catch (NotConvergedException e) {
      return false; // a trial state that no driveline or pack can take
    }
  }

  private boolean accelerated() {
    round(coolant, sump);
    int clutch = 2 + exchange.size();
    int size = clutched ? clutch + 1 : clutch;
    Anderson path = new Anderson(size);
    double[] taken = new double[size];
    double[] off = new double[size];
    for (int i = 0; i < MAX_ROUNDS; i++) {
      double furthest = look(taken, off);
      if (furthest <= STILL && closed) {
        exchange.settleCoolant();
        return coolant < SteadyBalance.COOLANT_CEILING && sump < SteadyBalance.OIL_CEILING;
      }
      if (!(furthest < 1e6)) {
        return false;
      }
      double[] next = path.next(taken, off);
      exchange.take(next, 2);
      if (clutched) {
        exchange.grip(Math.max(0, Math.min(1, next[clutch] / GRIP)));
      }
      round(near(taken[0], next[0]), near(taken[1], next[1]));
    }
    return false;
  }

  /**
   * Writes what the last round took, and how far it found that off: coolant, sump, what the
   * exchange carries from round to round, and the grip of a clutch that is moved with them.
   *
   * @return the furthest of it, K
   */
  private double look(double[] taken, double[] off) {
    taken[0] = coolant;
    taken[1] = sump;
    double left = exchange.coolantLeft();
    double oilLeft = exchange.oilLeft();
    exchange.report(taken, off, 2);
    if (clutched) {
      int clutch = off.length - 1;
      taken[clutch] = GRIP * exchange.engagement();
      off[clutch] = TOWARDS_WANTED * GRIP * (exchange.wantedEngagement() - exchange.engagement());
    }
    closed = closes();
    off[0] = coolantAlone(left) - coolant;
    off[1] = -oilLeft / exchange.oilSlope();
    double furthest = 0;
    for (double o : off) {
      furthest = Math.max(furthest, Math.abs(o));
    }
    return furthest;
  }

  /**
   * A small part of each round's way again and again, as nature goes: it comes to rest where more
   * than one state closes and the longer steps jump between them.
   *
   * @return false where it does not rest
   */
  private boolean patient() {
    try {
      return smallSteps();
    } catch (NotConvergedException e) {
      return false;
    }
  }

  private boolean smallSteps() {
    int size = 2 + exchange.size();
    double[] taken = new double[size];
    double[] off = new double[size];
    double share = FIRST_SHARE;
    double before = Double.POSITIVE_INFINITY;
    for (int i = 0; i < MAX_SMALL_ROUNDS; i++) {
      round(coolant, sump);
      double furthest = look(taken, off);
      for (int k = 0; k < size; k++) {
        taken[k] += share * off[k];
      }
      if (furthest <= STILL && closed) {
        exchange.settleCoolant();
        return true;
      }
      if (i % SHARE_KEPT == 0) {
        share = furthest > before / 2 ? share / 2 : share;
        before = furthest;
      }
      exchange.take(taken, 2);
      coolant = near(coolant, taken[0]);
      sump = near(sump, taken[1]);
    }
    return false;
  }

  private double near(double from, double to) {
    return Math.max(lowest, from + Math.max(-LONGEST_STEP, Math.min(LONGEST_STEP, to - from)));
  }

  /**
   * Temperature at which the coolant alone would close, with air and oil as the last round left
   * them. The thermostat bends that balance where it starts to open and where it is wide open, so
   * no step crosses either without looking there.
   *
   * @param left heat left over where it stands, W
   */
  private double coolantAlone(double left) {
    double low = lowest;
    double high = SteadyBalance.COOLANT_CEILING;
    double nearby = coolant - left / slopes.coolant(thermostat.part(coolant));
    if (Math.abs(left) < SMALL * exchange.engineHeat()
        && thermostat.part(nearby) == thermostat.part(coolant)) {
      return nearby;
    }
    double enough = Math.max(HEAT_TOLERANCE * exchange.engineHeat(), ENOUGH * Math.abs(left));
    double t = coolant;
    double f = left;
    double before = Double.NaN;
    double leftBefore = Double.NaN;
    for (int i = 0; i < MAX_PROBES && Math.abs(f) > enough; i++) {
      if (f > 0) {
        low = t;
      } else {
        high = t;
      }
      int part = thermostat.part(t);
      double slope = (f - leftBefore) / (t - before);
      if (slope < 0 && part == thermostat.part(before)) {
        slopes.coolant(part, slope);
      }
      double next = t - f / slopes.coolant(part);
      if (!(next > low && next < high)) {
        next = (low + high) / 2;
      }
      next = thermostat.notPastKink(t, next);
      before = t;
      leftBefore = f;
      t = next;
      f = exchange.coolantLeftAt(t);
    }
    return t;
  }

  /**
   * Both temperatures bracketed for one air flow after another, until that moves no more.
   *
   * @return false where it never does
   * @throws NotConvergedException if the heat has nowhere to go
   */
  private boolean bracketed() {
    double before = Double.NaN;
    double sumpBefore = Double.NaN;
    for (int pass = 0; pass < MAX_AIR_PASSES; pass++) {
      exchange.takeDrive(exchange.spinThickness(Double.isNaN(sumpBefore) ? sump : sumpBefore));
      exchange.blow(pass < SWINGS_AFTER ? 1 : SHORTER);
      inStillAir();
      if (Math.abs(coolant - before) <= STILL && Math.abs(sump - sumpBefore) <= STILL && closes()) {
        return true;
      }
      before = coolant;
      sumpBefore = sump;
    }
    if (coolant > SteadyBalance.COOLANT_BEYOND) {
      throw unbound();
    }
    return false;
  }

  private void inStillAir() {
    if (coolantLeft(SteadyBalance.COOLANT_CEILING) > 0) {
      throw unbound();
    }
    double root =
        solver().solve(MAX_EVALUATIONS, this::coolantLeft, lowest, SteadyBalance.COOLANT_CEILING);
    coolantLeft(root);
    if (sump >= SteadyBalance.OIL_CEILING) {
      throw Problem.OIL_UNBOUND.unsettled(exchange.oilInput());
    }
  }

  private NotConvergedException unbound() {
    return Problem.COOLANT_UNBOUND.unsettled(SteadyBalance.COOLANT_CEILING, exchange.engineHeat());
  }

  private static BracketingNthOrderBrentSolver solver() {
    return new BracketingNthOrderBrentSolver(1e-14, 1e-11, HEAT_TOLERANCE / 100, 5);
  }

  private double coolantLeft(double trial) {
    coolant = trial;
    sump = sumpFor(trial);
    return exchange.coolantLeft() / exchange.engineHeat();
  }

  private double sumpFor(double trialCoolant) {
    if (oilLeft(trialCoolant, lowest) <= 0) {
      return lowest; // reached only by trial states far from the root
    }
    if (oilLeft(trialCoolant, SteadyBalance.OIL_CEILING) > 0) {
      return SteadyBalance.OIL_CEILING; // a trial state, or a rig that is refused
    }
    double root =
        solver()
            .solve(
                MAX_EVALUATIONS, t -> oilLeft(trialCoolant, t), lowest, SteadyBalance.OIL_CEILING);
    oilLeft(trialCoolant, root);
    return root;
  }

  private double oilLeft(double trialCoolant, double trialSump) {
    exchange.settleInStillAir(trialCoolant, trialSump);
    return exchange.oilLeft() / exchange.oilInput();
  }
}
