package roadbreeze.core.stack;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/**
 * Readings of a hand anemometer against the model, truck standing, fans at full; flows m³/s.
 *
 * @param fanFactor that makes the model pass what was measured, empty if it is the fan that differs
 * @param speedShare of its proper speed that the main fan reaches, empty if read at the core
 */
public record AirTraverse(
    double measured,
    double model,
    OptionalDouble fanFactor,
    OptionalDouble speedShare,
    Finding finding) {
  private static final double LEAST_FACTOR = 0.1;
  private static final double MOST_FACTOR = 3;

  /** What the readings say. */
  public enum Reading implements Code {
    FREE_AIR("measured AIRFLOW", "figure AIRFLOW", "speed PERCENT"),
    AT_CORE("measured AIRFLOW", "model AIRFLOW", "factor RATIO"),
    IMPOSSIBLE("measured AIRFLOW", "model AIRFLOW");

    private final List<Parameter> parameters;

    Reading(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * Read before the fan alone, no core in its way.
   *
   * @param mean of the readings, m/s
   * @param count of blades' discs
   * @param diameter m
   * @param figure free-air flow by its sheet
   */
  public static AirTraverse inFreeAir(double mean, int count, double diameter, double figure) {
    double measured = mean * count * Math.PI / 4 * diameter * diameter;
    double share = Math.min(1, measured / figure);
    return new AirTraverse(
        measured,
        figure,
        OptionalDouble.empty(),
        OptionalDouble.of(share),
        Reading.FREE_AIR.with(measured, figure, share));
  }

  /**
   * Read against the radiator's face, over all of it.
   *
   * @param face m²
   * @param speedRatio of each fan
   * @param applied factor that the stack's fans are corrected by already
   */
  public static AirTraverse atCore(
      double mean, double face, Stack stack, Air air, double[] speedRatio, double applied) {
    double measured = mean * face;
    double now = flow(stack, air, speedRatio, 1);
    double least = LEAST_FACTOR / applied;
    double most = MOST_FACTOR / applied;
    if (flow(stack, air, speedRatio, least) >= measured
        || flow(stack, air, speedRatio, most) <= measured) {
      return new AirTraverse(
          measured,
          now,
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          Reading.IMPOSSIBLE.with(measured, now));
    }
    double factor =
        applied
            * new BracketingNthOrderBrentSolver(1e-9, 1e-9, 1e-9, 5)
                .solve(200, x -> flow(stack, air, speedRatio, x) - measured, least, most);
    return new AirTraverse(
        measured,
        now,
        OptionalDouble.of(factor),
        OptionalDouble.empty(),
        Reading.AT_CORE.with(measured, now, factor));
  }

  private static double flow(Stack stack, Air air, double[] ratio, double factor) {
    AirFactors factors = new AirFactors(1, factor, 1, 1);
    return AirFlow.cold(stack, air, 0, ratio, factors).totalFlow(stack);
  }
}
