package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A pressure cap. */
public record CapPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 0, max = 200, kind = Kind.PRESSURE) double capKpa,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
