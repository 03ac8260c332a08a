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
    double cost,
    double minutes) {}
