package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/** What hangs behind, with its load. */
@Embeddable
public record Trailer(
    @NotBlank @Size(max = 80) String name,
    @Within(min = 0, max = 20000, unit = "kg") double massKg) {}
