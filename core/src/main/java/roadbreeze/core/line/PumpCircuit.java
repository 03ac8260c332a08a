package roadbreeze.core.line;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
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
    return new BracketingNthOrderBrentSolver(1e-14, 1e-15, 1e-12, 5)
        .solve(
            300,
            q -> {
              double left = 1 - drop.applyAsDouble(q) / maxPressure;
              return freeFlow * Math.sqrt(Math.max(0, left)) - q;
            },
            0,
            freeFlow);
  }
}
