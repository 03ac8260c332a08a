package roadbreeze.core.exchanger;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Air side of a core with louvred fins, louvre pitch as the length scale, velocity in the minimum
 * free area.
 *
 * @see "Chang and Wang (1997), Int. J. Heat Mass Transfer 40, 533–544"
 */
public final class LouvredFin implements FinSurface {
  public static final Range DEPTH = new Range(Quantity.CORE_DEPTH, 0.008, 0.2);
  public static final Range FINS_PER_INCH = new Range(Quantity.FINS_PER_INCH, 5, 30);

  /** Louvre-pitch Reynolds number over which j was published. */
  public static final double REYNOLDS_LOW = 30;

  public static final double REYNOLDS_HIGH = 5000;

  private static final double LOUVRE_PITCH = 1.2e-3;
  private static final double LOUVRE_ANGLE_DEGREES = 28;
  private static final double FIN_HEIGHT = 8e-3;
  private static final double J_EXPONENT = -0.49;

  /** Friction of louvred surfaces from the near-constant ratio j/f (Shah and Sekulić 2003). */
  private static final double J_OVER_F = 0.25;

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

  @Override
  public double freeAreaRatio() {
    return freeAreaRatio;
  }

  @Override
  public double surfacePerFace() {
    return finArea + tubeArea;
  }

  @Override
  public boolean published(double reynoldsNumber) {
    return reynoldsNumber >= REYNOLDS_LOW && reynoldsNumber <= REYNOLDS_HIGH;
  }

  @Override
  public double reynolds(double faceVelocity, Air air) {
    return air.density() * faceVelocity / freeAreaRatio * LOUVRE_PITCH / air.viscosity();
  }

  @Override
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

  @Override
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

  @Override
  public double inertiaCoefficient(Air air) {
    return air.density() / (2 * freeAreaRatio * freeAreaRatio);
  }
}
