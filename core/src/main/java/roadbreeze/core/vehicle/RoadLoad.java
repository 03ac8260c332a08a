package roadbreeze.core.vehicle;

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
  public static final Range MASS = new Range("combined mass", 500, 60_000, "kg");
  public static final Range ROLLING = new Range("rolling coefficient", 0.004, 0.3, "");
  public static final Range DRAG_AREA = new Range("drag area", 0.3, 15, "m²");
  public static final Range GRADE = new Range("grade", -0.3, 0.35, "");

  private static final double GRAVITY = 9.80665;

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
    double cos = 1 / Math.sqrt(1 + grade * grade);
    double sin = grade * cos;
    return mass * GRAVITY * (sin + rollingCoefficient * cos)
        + 0.5 * airDensity * dragArea * dragFactor * speed * speed;
  }
}
