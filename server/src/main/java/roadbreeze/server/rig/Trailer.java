package roadbreeze.server.rig;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** What hangs behind, with its load. */
public record Trailer(
    @NotBlank @Size(max = 80) String name,
    @Within(min = 0, max = 20000, kind = Kind.MASS) double massKg) {}
