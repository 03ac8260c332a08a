package roadbreeze.core.line;

import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * The gearbox pump's cooler feed: {@code q = q_free·√(1 − Δp/p_max)}.
 *
 * @param freeFlow with nothing to push against, m³/s
 * @param maxPressure at which nothing flows any more, Pa
 */
public record PumpCircuit(double freeFlow, double maxPressure) {
  public static final Range MAX_PRESSURE = new Range(Quantity.CIRCUIT_PRESSURE, 50e3, 2e6);

  /** Hot flow below this share of the flow as found is a warning. */
  public static final double HOT_SHARE = 0.85;

  /** Cold flow below this share of the flow as found is a warning. */
  public static final double COLD_SHARE = 0.30;

  private static final double FLOW_TOLERANCE = 1e-10;
  private static final int MAX_STEPS = 100;

  /** Between laminar and turbulent lines: where the first step of a search goes. */
  private static final double USUAL_EXPONENT = 1.3;

  public PumpCircuit {
    Range.requirePositive(Quantity.FREE_FLOW, freeFlow);
    MAX_PRESSURE.require(maxPressure);
  }

  /**
   * The circuit that gives a known flow against a known drop.
   *
   * @throws NotConvergedException if the drop alone already uses up the pump's pressure
   */
  public static PumpCircuit measured(double flow, double dropAtFlow, double maxPressure) {
    MAX_PRESSURE.require(maxPressure);
    if (dropAtFlow >= maxPressure) {
      throw Problem.LINES_STOP_FLOW.unsettled(dropAtFlow, maxPressure);
    }
    return new PumpCircuit(flow / Math.sqrt(1 - dropAtFlow / maxPressure), maxPressure);
  }

  /**
   * Flow left against a drop that grows with flow, m³/s.
   *
   * @param drop Pa as a function of m³/s, zero at zero
   */
  public double flowAgainst(DoubleUnaryOperator drop) {
    return flowAgainst(drop, Double.NaN);
  }

  /**
   * The same, sought from a flow that may be near; secants halved into their bracket, since a
   * library's solver cannot start from a guess.
   *
   * @param near m³/s, NaN if nothing is known
   */
  public double flowAgainst(DoubleUnaryOperator drop, double near) {
    double low = 0;
    double high = freeFlow;
    double q = near > 0 && near < freeFlow ? near : freeFlow / 2;
    double before = Double.NaN;
    double leftBefore = Double.NaN;
    for (int i = 0; i < MAX_STEPS; i++) {
      double used = drop.applyAsDouble(q) / maxPressure;
      double share = q / freeFlow;
      double left = 1 - used - share * share;
      if (Math.abs(left) <= FLOW_TOLERANCE) {
        return q;
      }
      if (left > 0) {
        low = q;
      } else {
        high = q;
      }
      double slope = (left - leftBefore) / (q - before);
      if (!(slope < 0)) {
        slope = -(USUAL_EXPONENT * used + 2 * share * share) / q;
      }
      double next = q - left / slope;
      if (!(next > low && next < high)) {
        next = (low + high) / 2;
      }
      before = q;
      leftBefore = left;
      q = next;
    }
    return q;
  }
}
