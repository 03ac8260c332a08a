package roadbreeze.server.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * A job and one of its builds.
 *
 * @param build index into the job's builds
 */
public record BuildRequest(@NotNull @Valid JobContent job, @Within(min = 0, max = 5) int build) {}
