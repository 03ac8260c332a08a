package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * An oil filter for a line.
 *
 * @param dropKpa with clean hot oil at 10 L/min
 */
public record FilterPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 5, max = 25, kind = Kind.SIZE) double portBoreMm,
    @NotBlank @Size(max = 40) String ports,
    @Within(min = 0.1, max = 200, kind = Kind.PRESSURE) double dropKpa,
    @Within(min = 100, max = 4000, kind = Kind.PRESSURE) double mostKpa,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
