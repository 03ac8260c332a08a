package roadbreeze.core.line;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * How elements side by side share a flow: each takes what its own drop lets through at the common
 * pressure.
 *
 * @param flows m³/s, one per element, adding up to the whole
 * @param pressureDrop over all of them, Pa
 */
public record ParallelFlow(double[] flows, double pressureDrop) {

  /**
   * @param drops pressure drop of each element, Pa, rising with its flow in m³/s
   * @param flow together, m³/s, > 0
   */
  public static ParallelFlow share(List<DoubleUnaryOperator> drops, double flow) {
    if (drops.size() == 1) {
      return new ParallelFlow(new double[] {flow}, drops.get(0).applyAsDouble(flow));
    }
    // The common pressure lies between none and what the freest element alone would need.
    double most = drops.stream().mapToDouble(d -> d.applyAsDouble(flow)).min().orElseThrow();
    double pressure =
        solver().solve(200, p -> Arrays.stream(flowsAt(drops, p, flow)).sum() - flow, 0, most);
    return new ParallelFlow(flowsAt(drops, pressure, flow), pressure);
  }

  private static double[] flowsAt(List<DoubleUnaryOperator> drops, double pressure, double most) {
    return drops.stream()
        .mapToDouble(
            drop ->
                drop.applyAsDouble(most) <= pressure
                    ? most
                    : pressure <= 0
                        ? 0
                        : solver().solve(200, q -> drop.applyAsDouble(q) - pressure, 0, most))
        .toArray();
  }

  private static BracketingNthOrderBrentSolver solver() {
    return new BracketingNthOrderBrentSolver(1e-14, 1e-16, 1e-9, 5);
  }
}
