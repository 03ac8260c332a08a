package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Foam or rubber that closes gaps round the pack.
 *
 * @param lengthM that it closes
 */
public record SealPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 0.2, max = 50, kind = Kind.LENGTH) double lengthM,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
