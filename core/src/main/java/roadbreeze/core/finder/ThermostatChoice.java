package roadbreeze.core.finder;

import roadbreeze.core.circuit.Thermostat;

/** A thermostat that may be fitted, with its cost in the yard's money and minutes of work. */
public record ThermostatChoice(String id, Thermostat thermostat, double cost, double minutes) {}
