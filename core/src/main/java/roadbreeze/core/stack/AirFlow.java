package roadbreeze.core.stack;

import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.problem.NotConvergedException;

/**
 * Air through a pack: face velocity of each path and working point of each fan.
 *
 * @param velocity face velocity per path, m/s
 * @param fanFlow per fan, m³/s
 * @param fanPressure per fan, Pa; negative where it only resists
 */
public record AirFlow(double[] velocity, double[] fanFlow, double[] fanPressure) {
  private static final double PRESSURE_TOLERANCE = 1e-9;
  private static final int MAX_SWEEPS = 200;

  /**
   * Solves {@code p_drive = ΣΔp_layer(u) + K·½ρu²} in each path, all paths of one fan sharing its
   * curve.
   *
   * <p>One fan is a single bracketed root. Fans that share cells are swept in turn until none moves,
   * which converges because more pressure from one never raises what another adds.
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
    List<AirPath> paths = stack.paths();
    int n = paths.size();
    int fanCount = stack.fans().size();
    double[] area = new double[n];
    double[] friction = new double[n];
    double[] inertia = new double[n];
    int[][] fansOf = new int[n][];
    for (int p = 0; p < n; p++) {
      AirPath path = paths.get(p);
      area[p] = path.area();
      inertia[p] = Stack.SYSTEM_LOSS * air.density() / 2;
      for (int index : path.layers()) {
        Layer layer = stack.layers().get(index);
        double open = 1 - layer.blockedFraction();
        friction[p] +=
            layer.fin().frictionCoefficient(air) / Math.pow(open, LouvredFin.FRICTION_EXPONENT);
        inertia[p] += layer.fin().inertiaCoefficient(air) / (open * open);
      }
      fansOf[p] = path.fans().stream().mapToInt(Integer::intValue).toArray();
    }
    double ram = stack.ramPressure(speed, air.density(), ramFactor);
    double[] fanPressure = new double[fanCount];
    double[] velocity = new double[n];
    double[] fanFlow = new double[fanCount];
    BracketingNthOrderBrentSolver solver =
        new BracketingNthOrderBrentSolver(1e-12, PRESSURE_TOLERANCE, 1e-12, 5);
    double change = fanCount > 0 ? Double.POSITIVE_INFINITY : 0;
    int sweeps = 0;
    while (change > 1e-7) {
      if (++sweeps > MAX_SWEEPS) {
        throw new NotConvergedException(
            "fan pressures still move by %.3g Pa after %d sweeps".formatted(change, MAX_SWEEPS));
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
                    double flow = 0;
                    for (int p = 0; p < n; p++) {
                      if (contains(fansOf[p], fan)) {
                        flow += area[p] * pathVelocity(p, ram, fanPressure, fansOf, friction, inertia);
                      }
                    }
                    return pressure - share * curve.pressure(flow, speedRatio[fan], air.density());
                  },
                  low,
                  shutoff);
        }
        change = Math.max(change, Math.abs(fanPressure[f] - before));
      }
      if (fanCount == 1) {
        change = 0;
      }
    }
    for (int p = 0; p < n; p++) {
      velocity[p] = pathVelocity(p, ram, fanPressure, fansOf, friction, inertia);
      for (int fan : fansOf[p]) {
        fanFlow[fan] += area[p] * velocity[p];
      }
    }
    return new AirFlow(velocity, fanFlow, fanPressure);
  }

  private static double pathVelocity(
      int p, double ram, double[] fanPressure, int[][] fansOf, double[] friction, double[] inertia) {
    double drive = ram;
    for (int fan : fansOf[p]) {
      drive += fanPressure[fan];
    }
    return velocityFor(drive, friction[p], inertia[p]);
  }

  /**
   * Root of {@code a·u^1.51 + b·u² = p}. The left side is convex and rising, so Newton's method from
   * above falls to the root without overshoot; a library bracketing solver was five times slower in
   * this innermost loop.
   */
  static double velocityFor(double drive, double friction, double inertia) {
    if (drive <= 0) {
      return 0;
    }
    double u = Math.sqrt(drive / inertia);
    for (int i = 0; i < 60; i++) {
      double frictionDrop = friction * Math.pow(u, LouvredFin.FRICTION_EXPONENT);
      double inertiaDrop = inertia * u * u;
      double step =
          (frictionDrop + inertiaDrop - drive)
              * u
              / (LouvredFin.FRICTION_EXPONENT * frictionDrop + 2 * inertiaDrop);
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

  /** Volume flow through the whole face, m³/s. */
  public double totalFlow(Stack stack) {
    double flow = 0;
    for (int p = 0; p < velocity.length; p++) {
      flow += velocity[p] * stack.paths().get(p).area();
    }
    return flow;
  }
}
