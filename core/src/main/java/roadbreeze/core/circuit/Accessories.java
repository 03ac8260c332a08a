package roadbreeze.core.circuit;

import roadbreeze.core.problem.Quantity;
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
    new Range(Quantity.ACCESSORY_POWER, 0, 30e3).require(basePower);
    new Range(Quantity.AIR_CONDITIONING_POWER, 0, 15e3).require(airConditioningPower);
    new Range(Quantity.CONDENSER_HEAT, 0, 25e3).require(condenserHeat);
  }
}
