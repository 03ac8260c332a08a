package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Move;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Solid;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Something that stands in the nose.
 *
 * @param box it stands in, null for a tube
 * @param round the axis of a cylinder that fills its box, null for a box
 * @param tube a hose, pipe or cable, null for what stands in a box
 * @param takesAir no ram air reaches what stands right behind it
 * @param move what it takes to put it elsewhere, null where it must stay
 * @param plusMinusMm how well its place and size are known
 */
@OneShape
public record NoseSolid(
    @Id String id,
    @NotBlank @Size(max = 40) String name,
    @NotNull Solid.What what,
    @Nullable @Valid NoseBox box,
    @Nullable Axis round,
    @Nullable @Valid NoseTube tube,
    @NotNull Nature nature,
    boolean takesAir,
    @Nullable @Valid NoseMove move,
    @Within(min = 0, max = 100, kind = Kind.SIZE) double plusMinusMm)
    implements Row {

  /** An upright box; a sheet is a thin one. */
  public record NoseBox(
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double leftMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double bottomMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double frontMm,
      @Within(min = 1, max = 3000, kind = Kind.SIZE) double widthMm,
      @Within(min = 1, max = 3000, kind = Kind.SIZE) double heightMm,
      @Within(min = 1, max = 3000, kind = Kind.SIZE) double depthMm) {}

  /** Outside diameter, and the points of its middle line. */
  public record NoseTube(
      @Within(min = 1, max = 400, kind = Kind.SIZE) double diameterMm,
      @NotNull @Size(min = 2, max = 40) @DistinctIds List<@NotNull @Valid NosePoint> points) {}

  /** A place. */
  public record NosePoint(
      @Id String id,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double acrossMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double upMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm)
      implements Row {}

  /** What it takes to put a thing elsewhere. */
  public record NoseMove(
      @Within(min = 0, max = 600, kind = Kind.PERIOD) double minutes, @NotNull Move.Needs needs) {}

  public boolean movable() {
    return move != null;
  }
}
