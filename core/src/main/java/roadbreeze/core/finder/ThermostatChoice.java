package roadbreeze.core.finder;

import roadbreeze.core.circuit.Thermostat;

/**
 * A thermostat that may be fitted; the one that is there costs nothing and takes no work.
 *
 * @param cost in the yard's money
 */
public record ThermostatChoice(String id, Thermostat thermostat, boolean kept, double cost) {}
