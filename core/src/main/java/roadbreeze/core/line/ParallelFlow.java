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
  /** What parts comes together again, m³/s. */
  private static final double FLOW_CLOSES = 1e-12;

  /** All have one pressure over them, Pa. */
  private static final double PRESSURE_CLOSES = 1e-7;

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
    if (most <= 0) {
      return free(drops, flow);
    }
    double pressure =
        solver(FLOW_CLOSES)
            .solve(200, p -> Arrays.stream(flowsAt(drops, p, flow)).sum() - flow, 0, most);
    return new ParallelFlow(flowsAt(drops, pressure, flow), pressure);
  }

  /** What holds nothing up takes all of it: a cold cooler whose own bypass is open. */
  private static ParallelFlow free(List<DoubleUnaryOperator> drops, double flow) {
    double[] open = drops.stream().mapToDouble(d -> d.applyAsDouble(flow) <= 0 ? 1 : 0).toArray();
    double count = Arrays.stream(open).sum();
    return new ParallelFlow(Arrays.stream(open).map(o -> o * flow / count).toArray(), 0);
  }

  private static double[] flowsAt(List<DoubleUnaryOperator> drops, double pressure, double most) {
    return drops.stream()
        .mapToDouble(
            drop ->
                drop.applyAsDouble(most) <= pressure
                    ? most
                    : pressure <= 0
                        ? 0
                        : solver(PRESSURE_CLOSES)
                            .solve(200, q -> drop.applyAsDouble(q) - pressure, 0, most))
        .toArray();
  }

  /**
   * @param closes within which its function counts as zero
   */
  private static BracketingNthOrderBrentSolver solver(double closes) {
    return new BracketingNthOrderBrentSolver(1e-14, 1e-16, closes, 5);
  }
}
