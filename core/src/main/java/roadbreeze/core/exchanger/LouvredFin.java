package roadbreeze.core.exchanger;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Range;

/**
 * Air side of a core with louvred fins, louvre pitch as the length scale, velocity in the minimum
 * free area.
 *
 * @see "Chang and Wang (1997), Int. J. Heat Mass Transfer 40, 533–544"
 */
public final class LouvredFin {
  public static final Range DEPTH = new Range("core depth", 0.008, 0.2, "m");
  public static final Range FINS_PER_INCH = new Range("fins per inch", 5, 30, "1/in");

  /** Louvre-pitch Reynolds number over which j was published. */
  public static final double REYNOLDS_LOW = 30;

  public static final double REYNOLDS_HIGH = 5000;

  private static final double LOUVRE_PITCH = 1.2e-3;
  private static final double LOUVRE_ANGLE_DEGREES = 28;
  private static final double FIN_HEIGHT = 8e-3;
  private static final double J_EXPONENT = -0.49;

  /** Friction of louvred surfaces from the near-constant ratio j/f (Shah and Sekulić 2003). */
  private static final double J_OVER_F = 0.25;

  private final double tubePitch;
  private final FinMetal metal;
  private final double freeAreaRatio;
  private final double finArea;
  private final double tubeArea;
  private final double jFactor;

  /**
   * @param depth air flow depth, m
   * @param finsPerInch 5 to 30
   * @param tubePitch m, above the 8 mm fin height
   */
  public LouvredFin(double depth, double finsPerInch, double tubePitch, FinMetal metal) {
    DEPTH.require(depth);
    FINS_PER_INCH.require(finsPerInch);
    this.tubePitch = tubePitch;
    this.metal = metal;
    double finPitch = 25.4e-3 / finsPerInch;
    double thickness = metal.thickness;
    freeAreaRatio = FIN_HEIGHT / tubePitch * (1 - thickness / finPitch);
    finArea = 2 * depth * FIN_HEIGHT / (tubePitch * finPitch);
    tubeArea = 2 * depth * (finPitch - thickness) / (tubePitch * finPitch);
    double lp = LOUVRE_PITCH;
    jFactor =
        Math.pow(LOUVRE_ANGLE_DEGREES / 90, 0.27)
            * Math.pow(finPitch / lp, -0.14)
            * Math.pow(FIN_HEIGHT / lp, -0.29)
            * Math.pow(depth / lp, -0.23)
            * Math.pow(0.85 * FIN_HEIGHT / lp, 0.68)
            * Math.pow(tubePitch / lp, -0.28)
            * Math.pow(thickness / lp, -0.05);
  }

  /** Smallest free area over face area (-). */
  public double freeAreaRatio() {
    return freeAreaRatio;
  }

  /** Fin and tube surface per face area, m²/m². */
  public double surfacePerFace() {
    return finArea + tubeArea;
  }

  public double tubePitch() {
    return tubePitch;
  }

  /** Reynolds number on the louvre pitch (-). */
  public double reynolds(double faceVelocity, Air air) {
    return air.density() * faceVelocity / freeAreaRatio * LOUVRE_PITCH / air.viscosity();
  }

  /**
   * Air-side conductance with fin efficiency, W/(m²·K) of face.
   *
   * @param faceVelocity m/s, ≥ 0
   */
  public double conductance(double faceVelocity, Air air) {
    if (faceVelocity <= 0) {
      return 0;
    }
    double g = air.density() * faceVelocity / freeAreaRatio;
    double j = jFactor * Math.pow(reynolds(faceVelocity, air), J_EXPONENT);
    double h = j * g * Air.SPECIFIC_HEAT / Math.cbrt(Air.PRANDTL * Air.PRANDTL);
    double mL = Math.sqrt(2 * h / (metal.conductivity * metal.thickness)) * FIN_HEIGHT / 2;
    double finEfficiency = Math.tanh(mL) / mL;
    return h * (tubeArea + finEfficiency * finArea);
  }

  /** Pressure drop across the core, Pa. */
  public double pressureDrop(double faceVelocity, Air air) {
    return frictionCoefficient(air) * Math.pow(faceVelocity, 2 + J_EXPONENT)
        + inertiaCoefficient(air) * faceVelocity * faceVelocity;
  }

  /** Exponent of face velocity in the friction part of the drop. */
  public static final double FRICTION_EXPONENT = 2 + J_EXPONENT;

  /** a in Δp = a·u^1.51 + b·u²: the fins' friction. */
  public double frictionCoefficient(Air air) {
    double massFluxPerVelocity = air.density() / freeAreaRatio;
    double frictionAtUnitVelocity = jFactor / J_OVER_F * Math.pow(reynolds(1, air), J_EXPONENT);
    return frictionAtUnitVelocity
        * surfacePerFace()
        / freeAreaRatio
        * massFluxPerVelocity
        * massFluxPerVelocity
        / (2 * air.density());
  }

  /** b in Δp = a·u^1.51 + b·u²: one velocity head of entrance and exit. */
  public double inertiaCoefficient(Air air) {
    return air.density() / (2 * freeAreaRatio * freeAreaRatio);
  }
}
