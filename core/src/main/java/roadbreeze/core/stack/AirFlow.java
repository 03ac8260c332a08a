package roadbreeze.core.stack;

import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.FinSurface;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.problem.Problem;

/**
 * Air through a pack: face velocity of each path and working point of each fan.
 *
 * @param velocity face velocity per path, m/s
 * @param frontVelocity face velocity through the first core of each path, m/s: below {@code
 *     velocity} where air gets round that core through an open gap behind it
 * @param fanFlow per fan, m³/s
 * @param fanPressure per fan, Pa; negative where it only resists
 */
public record AirFlow(
    double[] velocity, double[] frontVelocity, double[] fanFlow, double[] fanPressure) {
  private static final double PRESSURE_TOLERANCE = 1e-9;
  private static final int MAX_SWEEPS = 200;

  /**
   * Solves {@code p_drive = ΣΔp_layer(u) + K·½ρu²} in each path, all paths of one fan sharing its
   * curve.
   *
   * <p>One fan is a single bracketed root. Fans that share cells are swept in turn until none
   * moves, which converges because more pressure from one never raises what another adds.
   *
   * @param speed road speed, m/s, ≥ 0
   * @param speedRatio per fan, over its curve's reference speed
   * @param ramFactor on ram pressure, 1 nominal
   * @param fanPressureFactor on every fan's pressure, 1 nominal
   */
  public static AirFlow solve(
      Stack stack,
      Air air,
      double speed,
      double[] speedRatio,
      double ramFactor,
      double fanPressureFactor) {
    Duct[] ducts = ducts(stack, air, speed, ramFactor);
    int fanCount = stack.fans().size();
    double[] fanPressure = new double[fanCount];
    double[] fanFlow = new double[fanCount];
    double ram = stack.ramPressure(speed, air.density(), ramFactor);
    BracketingNthOrderBrentSolver solver =
        new BracketingNthOrderBrentSolver(1e-12, PRESSURE_TOLERANCE, 1e-12, 5);
    double change = fanCount > 0 ? Double.POSITIVE_INFINITY : 0;
    int sweeps = 0;
    while (change > 1e-7) {
      if (++sweeps > MAX_SWEEPS) {
        throw Problem.FAN_SWEEPS.unsettled();
      }
      change = 0;
      for (int f = 0; f < fanCount; f++) {
        int fan = f;
        double before = fanPressure[f];
        double share = stack.fans().get(f).mount().pressureShare * fanPressureFactor;
        FanCurve curve = stack.fans().get(f).curve();
        double shutoff = share * curve.pressure(0, speedRatio[f], air.density());
        double others = 0;
        for (int g = 0; g < fanCount; g++) {
          others += g == f ? 0 : Math.max(0, fanPressure[g]);
        }
        double low = -ram - others;
        if (shutoff - low < PRESSURE_TOLERANCE) {
          fanPressure[f] = 0; // nothing drives: no ram, fan at rest
        } else {
          fanPressure[f] =
              solver.solve(
                  200,
                  pressure -> {
                    fanPressure[fan] = pressure;
                    return pressure
                        - share
                            * curve.pressure(
                                flow(ducts, fan, fanPressure), speedRatio[fan], air.density());
                  },
                  low,
                  shutoff);
        }
        change = Math.max(change, Math.abs(fanPressure[f] - before));
      }
      // Fans that serve no common air do not move each other.
      if (fanCount == 1 || !shared(ducts)) {
        change = 0;
      }
    }
    double[] velocity = new double[ducts.length];
    double[] frontVelocity = new double[ducts.length];
    for (int p = 0; p < ducts.length; p++) {
      velocity[p] = ducts[p].velocity(fanPressure);
      frontVelocity[p] = ducts[p].throughFront(velocity[p]);
      for (int fan : ducts[p].fans) {
        fanFlow[fan] += ducts[p].area * velocity[p];
      }
    }
    return new AirFlow(velocity, frontVelocity, fanFlow, fanPressure);
  }

  /**
   * What the pack asks of one fan: the flow through its face at a pressure it would add, the other
   * fans at rest and out of the way. With several pressures this is the pack's resistance curve.
   *
   * @return m³/s
   */
  public static double demand(Stack stack, Air air, double speed, int fan, double pressure) {
    double[] fanPressure = new double[stack.fans().size()];
    fanPressure[fan] = pressure;
    return flow(ducts(stack, air, speed, 1), fan, fanPressure);
  }

  private static double flow(Duct[] ducts, int fan, double[] fanPressure) {
    double flow = 0;
    for (Duct duct : ducts) {
      if (contains(duct.fans, fan)) {
        flow += duct.area * duct.velocity(fanPressure);
      }
    }
    return flow;
  }

  private static boolean shared(Duct[] ducts) {
    for (Duct duct : ducts) {
      if (duct.fans.length > 1) {
        return true;
      }
    }
    return false;
  }

  private static Duct[] ducts(Stack stack, Air air, double speed, double ramFactor) {
    double ram = stack.ramPressure(speed, air.density(), ramFactor);
    Duct[] ducts = new Duct[stack.paths().size()];
    for (int p = 0; p < ducts.length; p++) {
      ducts[p] = new Duct(stack, p, air, ram);
    }
    return ducts;
  }

  /**
   * One path reduced to coefficients: {@code Δp = a·u^1.51 + b·u²}, apart for a front core that air
   * can get round. That leak is an orifice along the core's rim, {@code q = Cd·A·√(2Δp/ρ)} with the
   * core's own drop across it, spread over the core's face.
   */
  private static final class Duct {
    private static final double ORIFICE = 0.6; // sharp-edged slot

    private final double area;
    private final int[] fans;
    private final double ram;
    private final double friction;
    private final double inertia;
    private final double frontFriction;
    private final double frontInertia;

    /** Velocity that leaks in behind the front core per root of its pressure drop, m/s/√Pa. */
    private final double leak;

    Duct(Stack stack, int index, Air air, double ramPressure) {
      AirPath path = stack.paths().get(index);
      int[] through = stack.layersOf(index);
      area = path.area();
      fans = stack.fansOf(index);
      ram = path.ram() ? ramPressure : 0;
      double a = 0;
      double b = Stack.SYSTEM_LOSS * air.density() / 2;
      double frontA = 0;
      double frontB = 0;
      double leaking = 0;
      for (int i = 0; i < through.length; i++) {
        Layer layer = stack.layers().get(through[i]);
        double open = 1 - layer.blockedFraction();
        double layerA =
            layer.fin().frictionCoefficient(air) / Math.pow(open, FinSurface.FRICTION_EXPONENT);
        double layerB = layer.fin().inertiaCoefficient(air) / (open * open);
        if (i == 0 && layer.openGap() > 0) {
          frontA = layerA;
          frontB = layerB;
          double rim = 2 * (layer.outline().width() + layer.outline().height());
          leaking =
              ORIFICE
                  * rim
                  * layer.openGap()
                  / layer.outline().area()
                  * Math.sqrt(2 / air.density());
        } else {
          a += layerA;
          b += layerB;
        }
      }
      friction = a;
      inertia = b;
      frontFriction = frontA;
      frontInertia = frontB;
      leak = leaking;
    }

    private double drive(double[] fanPressure) {
      double drive = ram;
      for (int fan : fans) {
        drive += fanPressure[fan];
      }
      return drive;
    }

    /** Velocity behind the front core, which is that of the whole path. */
    double velocity(double[] fanPressure) {
      double drive = drive(fanPressure);
      if (leak == 0 || drive <= 0) {
        return velocityFor(drive, friction + frontFriction, inertia + frontInertia);
      }
      double front = frontFor(drive);
      return front + leak * Math.sqrt(frontDrop(front));
    }

    double throughFront(double velocity) {
      if (leak == 0 || velocity == 0) {
        return velocity;
      }
      return frontWhere(velocity, velocity, false);
    }

    /** Velocity through the front core at which the whole path takes up the drive. */
    private double frontFor(double drive) {
      double unleaked = velocityFor(drive, friction + frontFriction, inertia + frontInertia);
      return frontWhere(drive, unleaked, true);
    }

    /**
     * Velocity through the front core at which the path's pressure drop, or else its velocity, has
     * a value; both rise with it. Newton's method, halved into its bracket where it leaves that.
     */
    private double frontWhere(double wanted, double highest, boolean drop) {
      double low = 0;
      double high = highest;
      double u = highest;
      for (int i = 0; i < 60; i++) {
        double power = frontFriction * Math.pow(u, FinSurface.FRICTION_EXPONENT);
        double square = frontInertia * u * u;
        double frontDrop = power + square;
        double frontSlope = (FinSurface.FRICTION_EXPONENT * power + 2 * square) / u;
        double leaking = leak * Math.sqrt(frontDrop);
        double behind = u + leaking;
        double behindSlope = 1 + leaking * frontSlope / (2 * frontDrop);
        double value = behind;
        double slope = behindSlope;
        if (drop) {
          double behindPower = friction * Math.pow(behind, FinSurface.FRICTION_EXPONENT);
          double behindSquare = inertia * behind * behind;
          value = frontDrop + behindPower + behindSquare;
          slope =
              frontSlope
                  + (FinSurface.FRICTION_EXPONENT * behindPower + 2 * behindSquare)
                      / behind
                      * behindSlope;
        }
        if (value > wanted) {
          high = u;
        } else {
          low = u;
        }
        double next = u - (value - wanted) / slope;
        if (!(next > low && next < high)) {
          next = (low + high) / 2;
        }
        if (Math.abs(next - u) <= 1e-13 * u) {
          return next;
        }
        u = next;
      }
      return u;
    }

    private double frontDrop(double u) {
      return frontFriction * Math.pow(u, FinSurface.FRICTION_EXPONENT) + frontInertia * u * u;
    }
  }

  /**
   * Root of {@code a·u^1.51 + b·u² = p}. The left side is convex and rising, so Newton's method
   * from above falls to the root without overshoot; a library bracketing solver was five times
   * slower in this innermost loop.
   */
  static double velocityFor(double drive, double friction, double inertia) {
    if (drive <= 0) {
      return 0;
    }
    double u = Math.sqrt(drive / inertia);
    for (int i = 0; i < 60; i++) {
      double frictionDrop = friction * Math.pow(u, FinSurface.FRICTION_EXPONENT);
      double inertiaDrop = inertia * u * u;
      double step =
          (frictionDrop + inertiaDrop - drive)
              * u
              / (FinSurface.FRICTION_EXPONENT * frictionDrop + 2 * inertiaDrop);
      u -= step;
      if (Math.abs(step) <= 1e-13 * u) {
        return u;
      }
    }
    return u;
  }

  private static boolean contains(int[] values, int wanted) {
    for (int value : values) {
      if (value == wanted) {
        return true;
      }
    }
    return false;
  }

  /** Face velocity through a core, by its place in its path, m/s. */
  public double velocityAt(int path, int place) {
    return place == 0 ? frontVelocity[path] : velocity[path];
  }

  /** Volume flow through the pack's face, m³/s, without what stands apart from it. */
  public double totalFlow(Stack stack) {
    double flow = 0;
    for (int p = 0; p < velocity.length; p++) {
      flow += stack.apart(p) ? 0 : velocity[p] * stack.paths().get(p).area();
    }
    return flow;
  }

  /**
   * The air at work, with what went in.
   *
   * @param rise recirculated warmth, K
   * @param fanSpeed of the main fan, share of its proper one
   * @param freeFlow of the main fan, m³/s
   * @param ramCoefficient of the bare front
   */
  public Step explain(
      Stack stack, double rise, double fanSpeed, double freeFlow, double ramCoefficient) {
    return new Step(
        "ram + fan = Σ(f·a/σ + 1)·G²/2ρ + 4·½ρu² in each cell",
        Result.AIR.with(totalFlow(stack), fanFlow[0]),
        List.of(
            Step.given(Term.RAM_COEFFICIENT, ramCoefficient),
            Step.computed(Term.RAM_LEFT, stack.ramCoefficient()),
            Step.given(Term.FAN_SPEED, fanSpeed),
            Step.given(Term.FREE_AIR_FLOW, freeFlow),
            Step.computed(Term.RECIRCULATED_WARMTH, rise)),
        "Chang and Wang (1997); j/f = 0.25, Shah and Sekulić (2003)");
  }
}
