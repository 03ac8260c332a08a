package roadbreeze.core.vehicle;

import java.util.List;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Gearbox and axle.
 *
 * @param gearRatios first gear first, falling
 * @param tyreRadius rolling, m
 * @param meshEfficiency of the gears
 * @param spinLossAt3000 W at an input speed of 3000 rpm, proportional to input speed
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

  /** Gearbox input speed over road speed, rad/m. */
  double inputPerMetre(int gear) {
    return gearRatios.get(gear - 1) * axleRatio / tyreRadius;
  }

  double spinLoss(double inputSpeed) {
    return spinLossAt3000 * Rpm.fromRadPerSecond(inputSpeed) / 3000;
  }

  /** The same with the selector held, so that no higher gear is taken. */
  public Driveline upTo(int gear) {
    return new Driveline(
        gearRatios.subList(0, Math.min(gear, gearRatios.size())),
        axleRatio,
        tyreRadius,
        meshEfficiency,
        axleEfficiency,
        spinLossAt3000,
        lockFromGear,
        lockAboveSpeed,
        luggingRpm,
        highestRpm);
  }
}
