package roadbreeze.core.fluid;

import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Ethylene glycol and water.
 *
 * @param glycolFraction by volume, 0.3 to 0.6
 */
public record Coolant(double glycolFraction) implements Liquid {
  public static final Range GLYCOL_FRACTION = new Range(Quantity.GLYCOL_SHARE, 0.3, 0.6);
  public static final Range CAP_PRESSURE = new Range(Quantity.CAP_PRESSURE, 0, 250_000);

  private static final double WATER_DENSITY = 998;
  private static final double GLYCOL_DENSITY = 1113;
  private static final double WATER_MOLAR_MASS = 18.015;
  private static final double GLYCOL_MOLAR_MASS = 62.068;
  private static final double PASCAL_PER_MMHG = 133.322368;
  private static final double LN_WATER = Math.log(2.414e-5);
  private static final double LN_GLYCOL = Math.log(0.0161);
  private static final double LN_10 = Math.log(10);

  // ASHRAE Handbook Fundamentals, freezing point of aqueous ethylene glycol: share by volume, °C.
  private static final double[] FREEZE_FRACTION = {0.277, 0.326, 0.375, 0.425, 0.475, 0.527, 0.578};
  private static final double[] FREEZE_TEMPERATURE = {
    -14.1, -17.9, -22.3, -27.5, -33.8, -41.1, -48.3
  };

  /** The table's first row: of weaker mixes no freezing point is given here. */
  public static final double WEAKEST_KNOWN = FREEZE_FRACTION[0];

  private static final PolynomialSplineFunction FREEZE =
      new LinearInterpolator().interpolate(FREEZE_FRACTION, FREEZE_TEMPERATURE);

  public Coolant {
    GLYCOL_FRACTION.require(glycolFraction);
  }

  @Override
  public double density(double t) {
    double v = glycolFraction;
    double d = t - 20;
    return (998 - 0.25 * d - 0.0022 * d * d) * (1 - v) + (1113 - 0.72 * d) * v;
  }

  @Override
  public double specificHeat(double t) {
    return 4190 * (1 - glycolFraction) + (2390 + 7.5 * (t - 20)) * glycolFraction;
  }

  @Override
  public double conductivity(double t) {
    return 0.60 * (1 - glycolFraction) + 0.26 * glycolFraction + 0.0002 * (t - 20);
  }

  @Override
  public double viscosity(double t) {
    double d = t - 20;
    double lnWater = LN_WATER + LN_10 * 247.8 / (t + Air.KELVIN - 140);
    double lnGlycol = LN_GLYCOL - 0.0337 * d + 9.3e-5 * d * d;
    return Math.exp((1 - glycolFraction) * lnWater + glycolFraction * lnGlycol);
  }

  /**
   * Boiling point under a pressure cap: {@code x_w · p_sat(t) = p(z) + p_cap}. Ideal mixture, good
   * to about ±2 K.
   *
   * @param capPressure gauge, Pa
   * @param altitude m
   * @return °C
   */
  public double boilingPoint(double capPressure, double altitude) {
    CAP_PRESSURE.require(capPressure);
    double pressure = Air.standardPressure(altitude) + capPressure;
    double water = (1 - glycolFraction) * WATER_DENSITY / WATER_MOLAR_MASS;
    double glycol = glycolFraction * GLYCOL_DENSITY / GLYCOL_MOLAR_MASS;
    double waterMoleFraction = water / (water + glycol);
    return new BracketingNthOrderBrentSolver(1e-9, 5)
        .solve(100, t -> waterMoleFraction * saturationPressure(t) - pressure, 50, 200);
  }

  /** Vapour pressure of water, Pa, by Antoine's equation (two ranges, joined at 100 °C). */
  static double saturationPressure(double t) {
    double exponent =
        t <= 100 ? 8.07131 - 1730.63 / (233.426 + t) : 8.14019 - 1810.94 / (244.485 + t);
    return Math.pow(10, exponent) * PASCAL_PER_MMHG;
  }

  /**
   * Temperature at which ice begins to form, °C, linear in the ASHRAE table; above a share of 0.578
   * the table's last row (−48.3 °C) is given, as richer mixes freeze no colder in practice.
   */
  public double freezingPoint() {
    return freezingPoint(glycolFraction);
  }

  /**
   * The same of any share by volume that the table has.
   *
   * @param glycolFraction {@link #WEAKEST_KNOWN} or more
   */
  public static double freezingPoint(double glycolFraction) {
    return FREEZE.value(Math.min(glycolFraction, FREEZE_FRACTION[FREEZE_FRACTION.length - 1]));
  }
}
