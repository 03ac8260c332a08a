package roadbreeze.core.finder;

import roadbreeze.core.rig.OilCooler;

/**
 * An oil cooler that may be fitted.
 *
 * @param cost in the yard's money
 * @param minutes of work to fit
 */
public record CoolerChoice(String id, OilCooler part, double cost, double minutes) {}
