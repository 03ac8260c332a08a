package roadbreeze.server.parts;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/** A pressure cap. */
@Embeddable
public record CapPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 0, max = 200, unit = "kPa") double capKpa,
    @Within(min = 0, max = 100000) double price) {}
