package roadbreeze.core.stack;

import java.util.Arrays;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Problem;

/**
 * Finds the air through a pack, for one warmth of the air and one speed of its fans after another:
 * {@code p_drive = ΣΔp_layer(u, T_m) + K·½ρ_c u²·(½ + ½·ρ_c/ρ_h)} in each path, all paths of one
 * fan sharing its curve. Starts from what it found last; not thread-safe.
 */
public final class PackFlow {
  /** Pa */
  private static final double PRESSURE_TOLERANCE = 1e-6;

  private static final int MAX_STEPS = 100;

  /** Newton's method on all fans at once needs some four steps, or does not settle. */
  private static final int MAX_STEPS_TOGETHER = 20;

  /** The step after one so small would be smaller than {@link #PRESSURE_TOLERANCE}, Pa. */
  private static final double LAST_STEP = 1e-3;

  /** A step that must be shortened to less than this leads nowhere, share of itself. */
  private static final double SHORTEST_STEP = 0.05;

  private static final int MAX_SWEEPS = 200;

  private final Stack stack;
  private final Air air;
  private final AirFactors factors;
  private final Duct[] ducts;
  private double[] speedRatio;
  private double ram;
  private final boolean fansShareAir;
  private final double[] fanPressure;
  private final double[] airPerFan;

  /** Density of the air that each fan moves, kg/m³. */
  private final double[] fanDensity;

  private double flow;
  private double slope;

  /**
   * @param air ambient
   * @param speed road speed, m/s, ≥ 0
   * @param speedRatio per fan, over its curve's reference speed
   */
  public PackFlow(Stack stack, Air air, double speed, double[] speedRatio, AirFactors factors) {
    this.stack = stack;
    this.air = air;
    this.factors = factors;
    ducts = new Duct[stack.paths().size()];
    boolean shared = false;
    for (int p = 0; p < ducts.length; p++) {
      ducts[p] = new Duct(stack, p, air, factors);
      shared |= ducts[p].fans.length > 1;
    }
    fansShareAir = shared;
    fanPressure = new double[stack.fans().size()];
    airPerFan = new double[fanPressure.length];
    fanDensity = new double[fanPressure.length];
    drive(speed, speedRatio);
  }

  /** Takes up another road speed and other speeds of the fans. */
  public void drive(double speed, double[] newSpeedRatio) {
    ram = stack.ramPressure(speed, air.density(), factors.ram());
    speedRatio = newSpeedRatio;
  }

  /** Starts from what another has found in a pack with the same paths; its fans may be others. */
  public void startFrom(PackFlow other) {
    if (other.fanPressure.length == fanPressure.length) {
      System.arraycopy(other.fanPressure, 0, fanPressure, 0, fanPressure.length);
    }
    for (int p = 0; p < ducts.length; p++) {
      ducts[p].startFrom(other.ducts[p]);
    }
  }

  /**
   * @throws roadbreeze.core.problem.NotConvergedException if fans that share air do not settle
   */
  public AirFlow solve(Warmth warmth) {
    for (int p = 0; p < ducts.length; p++) {
      ducts[p].warm(warmth.core()[p], warmth.exit()[p]);
    }
    for (int f = 0; f < fanPressure.length; f++) {
      fanDensity[f] = air.warmedTo(warmth.fan()[f]).density();
    }
    // Fans that serve no common air do not move each other.
    boolean settled = fansShareAir && together();
    if (!settled) {
      inTurn();
    }
    double[] velocity = new double[ducts.length];
    double[] frontVelocity = new double[ducts.length];
    Arrays.fill(airPerFan, 0);
    for (int p = 0; p < ducts.length; p++) {
      Duct duct = ducts[p];
      if (!settled || duct.fans.length == 0) {
        duct.blow(ram, fanPressure);
      }
      velocity[p] = duct.velocity;
      frontVelocity[p] = duct.front;
      for (int fan : duct.fans) {
        airPerFan[fan] += duct.area * velocity[p] * air.density() / fanDensity[fan];
      }
    }
    return new AirFlow(velocity, frontVelocity, airPerFan.clone(), fanPressure.clone());
  }

  /**
   * One fan is a single root of a rising function. Fans that share cells are swept in turn until
   * none moves, which converges because more pressure from one never raises what another adds.
   */
  private void inTurn() {
    for (int sweeps = 1; ; sweeps++) {
      double change = 0;
      for (int f = 0; f < fanPressure.length; f++) {
        double before = fanPressure[f];
        fanPressure[f] = pressureOf(f);
        change = Math.max(change, Math.abs(fanPressure[f] - before));
      }
      if (!fansShareAir || change <= 1e-7) {
        return;
      }
      if (sweeps == MAX_SWEEPS) {
        throw Problem.FAN_SWEEPS.unsettled();
      }
    }
  }

  /**
   * The pressures of all fans at once by Newton's method: what each does to the air of the others
   * stands in its matrix. Steps are shortened where they would lead further off.
   *
   * @return false where it strays
   */
  private boolean together() {
    int fans = fanPressure.length;
    double[] off = new double[fans];
    double[][] rising = new double[fans][fans];
    double[] from = new double[fans];
    double furthest = off(off, rising);
    for (int i = 0; i < MAX_STEPS_TOGETHER; i++) {
      double[] step;
      try {
        step =
            new LUDecomposition(new Array2DRowRealMatrix(rising, false))
                .getSolver()
                .solve(new ArrayRealVector(off, false))
                .toArray();
      } catch (MathIllegalArgumentException e) {
        return false; // singular
      }
      System.arraycopy(fanPressure, 0, from, 0, fans);
      double longest = 0;
      for (double s : step) {
        longest = Math.max(longest, Math.abs(s));
      }
      double before = furthest;
      double share = 1;
      do {
        for (int f = 0; f < fans; f++) {
          fanPressure[f] = from[f] - share * step[f];
        }
        furthest = off(off, rising);
        if (longest <= LAST_STEP) {
          return true;
        }
        share /= 2;
      } while (furthest > before && share > SHORTEST_STEP);
      if (!(furthest < before)) {
        return false;
      }
    }
    return false;
  }

  /**
   * How far each fan's pressure is over what its curve gives, and how that rises with each.
   *
   * @return the furthest, Pa
   */
  private double off(double[] off, double[][] rising) {
    int fans = fanPressure.length;
    for (double[] row : rising) {
      Arrays.fill(row, 0);
    }
    Arrays.fill(airPerFan, 0);
    for (Duct duct : ducts) {
      if (duct.fans.length > 0) {
        duct.blow(ram, fanPressure);
        for (int f : duct.fans) {
          airPerFan[f] += duct.area * duct.velocity;
          for (int g : duct.fans) {
            rising[f][g] += duct.area * duct.slope;
          }
        }
      }
    }
    double furthest = 0;
    for (int f = 0; f < fans; f++) {
      double share = share(f);
      FanCurve curve = stack.fans().get(f).curve();
      double thinner = air.density() / fanDensity[f];
      double flow = airPerFan[f] * thinner;
      off[f] = fanPressure[f] - share * curve.pressure(flow, speedRatio[f], fanDensity[f]);
      double falling = share * curve.slope(flow, fanDensity[f]) * thinner;
      for (int g = 0; g < fans; g++) {
        rising[f][g] = (f == g ? 1 : 0) - falling * rising[f][g];
      }
      furthest = Math.max(furthest, Math.abs(off[f]));
    }
    return furthest;
  }

  /** Of a fan's pressure that reaches the face (-). */
  private double share(int fan) {
    return stack.fans().get(fan).mount().pressureShare * factors.fanPressure();
  }

  /** The air in one core of a path, as warm as it was last solved for. */
  public Air meanAir(int path, int place) {
    return ducts[path].means[place];
  }

  /**
   * What the pack asks of one fan: the flow it moves at a pressure it would add, the other fans at
   * rest and out of the way. With several pressures this is the pack's resistance curve.
   *
   * @return m³/s
   */
  public double demand(int fan, double pressure, Warmth warmth) {
    for (int p = 0; p < ducts.length; p++) {
      ducts[p].warm(warmth.core()[p], warmth.exit()[p]);
    }
    fanDensity[fan] = air.warmedTo(warmth.fan()[fan]).density();
    double[] kept = fanPressure.clone();
    Arrays.fill(fanPressure, 0);
    fanPressure[fan] = pressure;
    flowOf(fan);
    System.arraycopy(kept, 0, fanPressure, 0, kept.length);
    return flow;
  }

  /** Pressure at which a fan meets the pack, the others staying as they are, Pa. */
  private double pressureOf(int fan) {
    double share = share(fan);
    FanCurve curve = stack.fans().get(fan).curve();
    double high = share * curve.pressure(0, speedRatio[fan], fanDensity[fan]);
    double others = 0;
    for (int g = 0; g < fanPressure.length; g++) {
      others += g == fan ? 0 : Math.max(0, fanPressure[g]);
    }
    double low = -ram - others;
    if (high - low < PRESSURE_TOLERANCE) {
      return 0; // nothing drives: no ram, fan at rest
    }
    double p = fanPressure[fan];
    if (!(p > low && p < high)) {
      p = (low + high) / 2;
    }
    // Newton's method on a rising residual, halved into its bracket where it leaves that.
    for (int i = 0; i < MAX_STEPS; i++) {
      fanPressure[fan] = p;
      flowOf(fan);
      double residual = p - share * curve.pressure(flow, speedRatio[fan], fanDensity[fan]);
      if (residual > 0) {
        high = p;
      } else {
        low = p;
      }
      double rising = 1 - share * curve.slope(flow, fanDensity[fan]) * slope;
      double next = p - residual / rising;
      if (!(next > low && next < high)) {
        next = (low + high) / 2;
      }
      if (Math.abs(next - p) <= PRESSURE_TOLERANCE) {
        return next;
      }
      p = next;
    }
    return p;
  }

  /** Flow that a fan moves at the pressures as they stand, and how it rises with its own. */
  private void flowOf(int fan) {
    flow = 0;
    slope = 0;
    for (Duct duct : ducts) {
      if (contains(duct.fans, fan)) {
        duct.blow(ram, fanPressure);
        flow += duct.area * duct.velocity;
        slope += duct.area * duct.slope;
      }
    }
    double thinner = air.density() / fanDensity[fan];
    flow *= thinner;
    slope *= thinner;
  }

  private static boolean contains(int[] values, int wanted) {
    for (int value : values) {
      if (value == wanted) {
        return true;
      }
    }
    return false;
  }
}
