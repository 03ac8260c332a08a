package roadbreeze.core.finder;

import roadbreeze.core.circuit.Rig;

/**
 * The truck with one choice of fans and radiator and no auxiliary oil cooler.
 *
 * @param cost of what differs from the truck restored, in the yard's money
 * @param minutes of work it takes
 */
public record PackChoice(String id, Rig rig, double cost, double minutes) {}
