package roadbreeze.server.assess;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.job.JobContent;

/** Two builds of a job, by their ids. */
public record AgainstRequest(
    @NotNull @Valid JobContent job, @NotNull String build, @NotNull String other) {}
