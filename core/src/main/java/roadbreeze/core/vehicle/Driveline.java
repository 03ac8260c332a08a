package roadbreeze.core.vehicle;

import java.util.List;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Gearbox and axle.
 *
 * @param gearRatios first gear first, falling
 * @param tyreRadius rolling, m
 * @param meshEfficiency of the gears
 * @param spinLossAt3000 W at 3000 rpm of the input with oil at 90 °C; proportional to its speed
 * @param lockFromGear the converter may lock from this gear up (1 = first)
 * @param lockAboveSpeed m/s
 * @param luggingRpm the engine is not pulled below this
 * @param highestRpm of a long climb
 */
public record Driveline(
    List<Double> gearRatios,
    double axleRatio,
    double tyreRadius,
    double meshEfficiency,
    double axleEfficiency,
    double spinLossAt3000,
    int lockFromGear,
    double lockAboveSpeed,
    double luggingRpm,
    double highestRpm) {
  /** Oil temperature that the spin loss is given at, °C. */
  private static final double SPIN_REFERENCE = 90;

  private static final double SPIN_EXPONENT = 0.35;
  private static final double THICKEST = 6;
  private static final Range RATIO = new Range(Quantity.GEAR_RATIO, 0.3, 20);

  public Driveline {
    gearRatios = List.copyOf(gearRatios);
    if (gearRatios.isEmpty()) {
      throw Problem.NO_GEARS.refuse();
    }
    for (int i = 0; i < gearRatios.size(); i++) {
      RATIO.require(gearRatios.get(i));
      if (i > 0 && !(gearRatios.get(i) < gearRatios.get(i - 1))) {
        throw Problem.GEARS_RISE.refuse();
      }
    }
    new Range(Quantity.AXLE_RATIO, 1, 10).require(axleRatio);
    new Range(Quantity.TYRE_RADIUS, 0.2, 0.8).require(tyreRadius);
    new Range(Quantity.MESH_EFFICIENCY, 0.8, 1).require(meshEfficiency);
    new Range(Quantity.AXLE_EFFICIENCY, 0.8, 1).require(axleEfficiency);
    new Range(Quantity.HIGHEST_RPM, luggingRpm, 9000).require(highestRpm);
  }

  /** How many gears it has. */
  public int gears() {
    return gearRatios.size();
  }

  /** Gearbox input speed over road speed, rad/m. */
  public double inputPerMetre(int gear) {
    return gearRatios.get(gear - 1) * axleRatio / tyreRadius;
  }

  /**
   * Churning and film drag, W.
   *
   * @param inputSpeed rad/s
   * @param thickness see {@link #spinThickness}
   */
  public double spinLoss(double inputSpeed, double thickness) {
    return spinLossAt3000 * Rpm.fromRadPerSecond(inputSpeed) / 3000 * thickness;
  }

  /**
   * How much more cold oil is to turn in than oil at 90 °C (-). The exponent is our own, between
   * churning (about 0.2) and film drag of open clutches (1); spread a factor 1.5.
   *
   * @see "Naunheimer et al. (2011), Automotive Transmissions, for the parts of the loss"
   */
  public static double spinThickness(TransmissionFluid oil, double sump) {
    if (sump >= SPIN_REFERENCE) {
      return 1;
    }
    double thicker =
        oil.kinematicViscosity(TransmissionFluid.held(sump))
            / oil.kinematicViscosity(SPIN_REFERENCE);
    return Math.min(THICKEST, Math.pow(thicker, SPIN_EXPONENT));
  }
}
