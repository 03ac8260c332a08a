package roadbreeze.core.stack;

import java.util.List;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;

/**
 * Air through a pack: face velocity of each path and working point of each fan. Velocities and
 * flows through the pack are at the density of ambient air: mass flux stays, density does not.
 *
 * @param velocity face velocity per path, m/s
 * @param frontVelocity face velocity through the first core of each path, m/s: below {@code
 *     velocity} where air gets round that core through an open gap behind it
 * @param fanFlow per fan, m³/s, as hot as it moves the air
 * @param fanPressure per fan, Pa; negative where it only resists
 */
public record AirFlow(
    double[] velocity, double[] frontVelocity, double[] fanFlow, double[] fanPressure) {
  /** Air of one temperature, without heat. */
  public static AirFlow cold(Stack stack, Air air, double speed, double[] speedRatio) {
    return cold(stack, air, speed, speedRatio, AirFactors.NOMINAL);
  }

  public static AirFlow cold(
      Stack stack, Air air, double speed, double[] speedRatio, AirFactors factors) {
    return new PackFlow(stack, air, speed, speedRatio, factors)
        .solve(Warmth.even(stack, air.temperature()));
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
   * @param fanFactor on the main fan's pressure, as measured in this truck
   * @param ramCoefficient of the bare front
   */
  public Step explain(
      Stack stack,
      double rise,
      double fanSpeed,
      double freeFlow,
      double fanFactor,
      double ramCoefficient) {
    return new Step(
        "ram + fan = Σ(f·a/σ + 1)·G²/2ρ_m + 4·½ρu²·(½ + ½·ρ/ρ_h) in each cell",
        Result.AIR.with(totalFlow(stack), fanFlow[0]),
        List.of(
            Step.given(Term.RAM_COEFFICIENT, ramCoefficient),
            Step.computed(Term.RAM_LEFT, stack.ramCoefficient()),
            Step.given(Term.FAN_SPEED, fanSpeed),
            Step.given(Term.FREE_AIR_FLOW, freeFlow),
            Step.given(Term.FAN_PRESSURE_FACTOR, fanFactor),
            Step.computed(Term.RECIRCULATED_WARMTH, rise)),
        "Kim and Bullard (2002); Kays and London (1984) for air that warms");
  }
}
