package roadbreeze.server.trip;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * A moment of a build on its job's road.
 *
 * @param build its id
 * @param timeS since the start; past the end it is the end
 */
public record MomentRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @Within(min = 0, max = 100_000, kind = Kind.DURATION) double timeS) {}
