package roadbreeze.server.trip;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * A build that stood overnight.
 *
 * @param build its id
 */
public record ColdRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @Within(min = -35, max = 10, kind = Kind.TEMPERATURE) double ambientC) {}
