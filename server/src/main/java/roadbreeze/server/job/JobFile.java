package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import roadbreeze.server.problem.Within;

/**
 * A job as a file, to be imported elsewhere.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion 1
 */
public record JobFile(
    @NotNull @Pattern(regexp = FORMAT, message = "must be " + FORMAT) String format,
    @Within(min = 1, max = 1) int formatVersion,
    @NotNull @Valid JobContent job) {
  public static final String FORMAT = "road-breeze-job";
  public static final int VERSION = 1;
}
