package roadbreeze.server.space;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.problem.Within;

/**
 * A nose as a file of its own, described by {@code nose-layout.schema.json}.
 *
 * @param frame that it was laid out round
 */
public record NoseLayout(
    @NotBlank String format,
    int formatVersion,
    @NotBlank @Size(max = 80) String name,
    @NotNull @Valid Frame frame,
    @NotNull @Valid NoseSection nose) {
  public static final String NAME = "road-breeze-nose";
  public static final int CURRENT = 2;

  /** The opening seen from the front, and where the pack stands in depth. */
  public record Frame(
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double leftMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double bottomMm,
      @Within(min = 100, max = 3000, kind = Kind.SIZE) double widthMm,
      @Within(min = 100, max = 3000, kind = Kind.SIZE) double heightMm,
      @Within(min = 1, max = 3000, kind = Kind.SIZE) double packFrontMm,
      @Within(min = 1, max = 3000, kind = Kind.SIZE) double packBackMm) {}
}
