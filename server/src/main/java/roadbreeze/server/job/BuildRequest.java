package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.build.Build;

/**
 * A job and one of its builds.
 *
 * @param build its id
 */
public record BuildRequest(@NotNull @Valid JobContent job, @NotNull String build) {
  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if there is none of this id
   */
  public Build chosen() {
    return job.build(build);
  }
}
