package roadbreeze.server.parts;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/** A thermostat. */
@Embeddable
public record ThermostatPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 50, max = 115, unit = "°C") double startC,
    @Within(min = 52, max = 130, unit = "°C") double fullC,
    @Within(min = 0, max = 100000) double price) {}
