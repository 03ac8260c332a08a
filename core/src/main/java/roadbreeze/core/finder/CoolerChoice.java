package roadbreeze.core.finder;

import roadbreeze.core.rig.OilCooler;

/**
 * An oil cooler that may be fitted.
 *
 * @param oilFlowShare share of the oil flow as found that its lines and core leave
 * @param cost in the yard's money
 * @param minutes of work to fit
 */
public record CoolerChoice(
    String id, OilCooler part, double oilFlowShare, double cost, double minutes) {}
