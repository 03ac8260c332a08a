package roadbreeze.server.job;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Code;

/**
 * What the job is called and why the truck came: a section.
 *
 * @param notices what a newer release changed about the job, until somebody has read it
 */
public record About(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(max = 2000) String complaint,
    @NotNull @Size(max = 10) List<@NotNull Notice> notices) {

  /** What a release changed about jobs of before. */
  public enum Notice implements Code {
    /** The second edition of the physics: numbers moved, and new inputs took their usual values. */
    PHYSICS_2
  }
}
