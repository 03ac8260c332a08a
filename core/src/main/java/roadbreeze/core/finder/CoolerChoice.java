package roadbreeze.core.finder;

import roadbreeze.core.rig.OilCooler;

/**
 * A cooler that may be fitted.
 *
 * @param cost in the yard's money
 */
public record CoolerChoice(String id, OilCooler part, double cost) {}
