package roadbreeze.core.circuit;

import roadbreeze.core.problem.Range;

/**
 * What the belts drive beside the fan, and the heat of the air conditioning.
 *
 * @param basePower alternator, steering and the like, W
 * @param airConditioningPower compressor, W, when it runs
 * @param condenserHeat W, when it runs; usually 5–9 kW
 */
public record Accessories(double basePower, double airConditioningPower, double condenserHeat) {
  public Accessories {
    new Range("accessory power", 0, 30e3, "W").require(basePower);
    new Range("air conditioning power", 0, 15e3, "W").require(airConditioningPower);
    new Range("condenser heat", 0, 25e3, "W").require(condenserHeat);
  }
}
