package roadbreeze.server.build;

import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** The thermostat, as stamped. */
public record ThermostatData(
    @Within(min = 50, max = 115, kind = Kind.TEMPERATURE) double startC,
    @Within(min = 52, max = 130, kind = Kind.TEMPERATURE) double fullC) {}
