package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A photograph that the card with four marks is on.
 *
 * @param image the photograph's own id
 * @param backMm plane of the card behind the grille line
 * @param cardWidthMm between the marks
 * @param marks upper left, upper right, lower right, lower left, as far as they are clicked
 * @param left the opening's lower left corner, null until clicked
 * @param right its lower right corner
 */
public record NosePhoto(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @NotNull UUID image,
    @Within(min = 50, max = 12000, kind = Kind.COUNT) int widthPx,
    @Within(min = 50, max = 12000, kind = Kind.COUNT) int heightPx,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double backMm,
    @Within(min = 20, max = 1000, kind = Kind.SIZE) double cardWidthMm,
    @Within(min = 20, max = 1000, kind = Kind.SIZE) double cardHeightMm,
    @NotNull @Size(max = 4) @DistinctIds List<@NotNull @Valid PhotoMark> marks,
    @Nullable @Valid PhotoMark left,
    @Nullable @Valid PhotoMark right)
    implements Row {

  /** A place that is clicked, from the photograph's upper left corner. */
  public record PhotoMark(
      @Id String id,
      @Within(min = -100, max = 12100, kind = Kind.COUNT) double xPx,
      @Within(min = -100, max = 12100, kind = Kind.COUNT) double yPx)
      implements Row {}
}
