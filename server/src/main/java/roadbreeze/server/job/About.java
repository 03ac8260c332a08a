package roadbreeze.server.job;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Code;

/**
 * What the job is called and why the truck came: a section.
 *
 * @param order ids of the builds as they were put in order; none yet where null
 * @param archived the job is out of the yard's sight; null where it never was
 * @param notices what a newer release changed about the job, until somebody has read it
 */
public record About(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(max = 2000) String complaint,
    @Nullable @Size(max = 60) List<@NotNull @Size(max = 40) String> order,
    @Nullable Boolean archived,
    @NotNull @Size(max = 10) List<@NotNull Notice> notices) {

  /** What a release changed about jobs of before. */
  public enum Notice implements Code {
    /** The second edition of the physics: numbers moved, and new inputs took their usual values. */
    PHYSICS_2,
    /** A correction by a traverse belongs to the fan that ran, no longer to all of the truck. */
    TRAVERSES_NAME_FANS
  }
}
