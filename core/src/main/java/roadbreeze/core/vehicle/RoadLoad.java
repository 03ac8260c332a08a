package roadbreeze.core.vehicle;

import java.util.List;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Resistance of the whole combination.
 *
 * @param mass truck, load and trailer together, kg
 * @param rollingCoefficient asphalt 0.008–0.012, gravel 0.02–0.03, soft sand or deep snow 0.08–0.2
 * @param dragArea CdA of the combination, m²
 * @see "Gillespie (1992), Fundamentals of Vehicle Dynamics"
 */
public record RoadLoad(double mass, double rollingCoefficient, double dragArea) {
  public static final Range MASS = new Range(Quantity.COMBINED_MASS, 500, 60_000);
  public static final Range ROLLING = new Range(Quantity.ROLLING_COEFFICIENT, 0.004, 0.3);
  public static final Range DRAG_AREA = new Range(Quantity.DRAG_AREA, 0.3, 15);
  public static final Range GRADE = new Range(Quantity.GRADE, -0.3, 0.35);

  /** m/s² */
  public static final double GRAVITY = 9.80665;

  public RoadLoad {
    MASS.require(mass);
    ROLLING.require(rollingCoefficient);
    DRAG_AREA.require(dragArea);
  }

  /**
   * Force at the wheels, N; negative where the hill pushes.
   *
   * @param grade rise over run
   * @param speed m/s
   */
  public double force(double grade, double speed, double airDensity, double dragFactor) {
    return force(grade, speed, Surface.ASPHALT, airDensity, dragFactor);
  }

  /**
   * The same on some surface in some wind.
   *
   * @param airSpeed at which the air comes from ahead, m/s; negative from behind
   */
  public double force(
      double grade, double airSpeed, Surface surface, double airDensity, double dragFactor) {
    double cos = 1 / Math.sqrt(1 + grade * grade);
    double sin = grade * cos;
    return mass * GRAVITY * (sin + (rollingCoefficient + surface.added()) * cos)
        + 0.5 * airDensity * dragArea * dragFactor * airSpeed * Math.abs(airSpeed);
  }

  /** The force at work, with what went in. */
  public Step explain(double grade, double speed, double airDensity) {
    double force = force(grade, speed, airDensity, 1);
    return new Step(
        "F = m·g·(sin θ + Crr·cos θ) + ½·ρ·CdA·v²;  P = F·v",
        Result.ROAD_LOAD.with(force, Math.max(0, force * speed)),
        List.of(
            Step.given(Term.COMBINED_MASS, mass),
            Step.given(Term.GRADE, grade),
            Step.computed(Term.SPEED_HELD, speed),
            Step.given(Term.ROLLING_COEFFICIENT, rollingCoefficient),
            Step.given(Term.DRAG_AREA, dragArea),
            Step.computed(Term.AIR_DENSITY, airDensity)),
        "Gillespie (1992); ISA pressure, ideal gas");
  }
}
