package roadbreeze.core.exchanger;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Air side of a core with louvred fins, louvre pitch as the length scale, mass flux in the minimum
 * free area. Friction was fitted for Reynolds numbers of 100 to 600 and a fin pitch of 1.0 to 1.4
 * mm at a louvre pitch of 1.7 mm; these fins' pitch over louvre pitch lies outside that, so ±20 %
 * in nine cases of ten.
 *
 * @see "Chang and Wang (1997), Int. J. Heat Mass Transfer 40, 533–544: heat"
 * @see "Kim and Bullard (2002), Int. J. Refrigeration 25, 390–400: friction"
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
  private static final double LOUVRE_LENGTH = 0.85 * FIN_HEIGHT;
  private static final double PRANDTL_TERM = Math.pow(Air.PRANDTL, 2.0 / 3);
  private static final double J_EXPONENT = -0.49;
  private static final double F_EXPONENT = FRICTION_EXPONENT - 2;

  /** Friction was measured on cores of 16 to 24 mm; deeper ones have the factor of the deepest. */
  private static final double DEEPEST_MEASURED = 24e-3;

  private final FinMetal metal;
  private final double freeAreaRatio;
  private final double finArea;
  private final double tubeArea;
  private final double jFactor;
  private final double fFactor;

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
            * Math.pow(LOUVRE_LENGTH / lp, 0.68)
            * Math.pow(tubePitch / lp, -0.28)
            * Math.pow(thickness / lp, -0.05);
    fFactor =
        Math.pow(LOUVRE_ANGLE_DEGREES / 90, 0.444)
            * Math.pow(finPitch / lp, -1.682)
            * Math.pow(FIN_HEIGHT / lp, -1.22)
            * Math.pow(Math.min(depth, DEEPEST_MEASURED) / lp, 0.818)
            * Math.pow(LOUVRE_LENGTH / lp, 1.97);
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
  public double reynolds(double massFlux, Air mean) {
    return massFlux / freeAreaRatio * LOUVRE_PITCH / mean.viscosity();
  }

  /** Fanning friction factor (-). */
  public double friction(double massFlux, Air mean) {
    return fFactor * Math.pow(reynolds(massFlux, mean), F_EXPONENT);
  }

  @Override
  public double conductance(double massFlux, Air mean) {
    if (massFlux <= 0) {
      return 0;
    }
    double g = massFlux / freeAreaRatio;
    double j = jFactor * Math.pow(reynolds(massFlux, mean), J_EXPONENT);
    double h = j * g * Air.SPECIFIC_HEAT / PRANDTL_TERM;
    double efficiency = FinEfficiency.of(h, metal.conductivity, metal.thickness, FIN_HEIGHT / 2);
    return h * (tubeArea + efficiency * finArea);
  }

  @Override
  public double frictionCoefficient(Air mean) {
    double perArea = surfacePerFace() / freeAreaRatio / (freeAreaRatio * freeAreaRatio);
    return friction(1, mean) * perArea / (2 * mean.density());
  }
}
