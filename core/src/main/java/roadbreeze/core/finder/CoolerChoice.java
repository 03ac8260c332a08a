package roadbreeze.core.finder;

import roadbreeze.core.circuit.Bypass;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.OilChannels;

/**
 * An oil cooler that may be fitted.
 *
 * @param width m
 * @param height m
 * @param depth m
 * @param oilFlowShare share of the oil flow as found that its lines and core leave
 * @param cost in the yard's money
 * @param minutes of work to fit
 */
public record CoolerChoice(
    String id,
    LouvredFin fin,
    OilChannels channels,
    double width,
    double height,
    double depth,
    Bypass bypass,
    double oilFlowShare,
    double cost,
    double minutes) {}
