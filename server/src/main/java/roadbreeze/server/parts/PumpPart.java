package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A coolant pump.
 *
 * @param kgsAt4000 flow at 4000 engine rpm
 */
public record PumpPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 0.2, max = 15, kind = Kind.MASS_FLOW) double kgsAt4000,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
