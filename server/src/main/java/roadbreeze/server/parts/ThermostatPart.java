package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A thermostat. */
public record ThermostatPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 50, max = 115, kind = Kind.TEMPERATURE) double startC,
    @Within(min = 52, max = 130, kind = Kind.TEMPERATURE) double fullC,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
