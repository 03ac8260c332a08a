package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A fan where it stands.
 *
 * @param leftMm of its shroud, or of the square round its blades without one
 * @param speedPercent share of its proper speed that it reaches
 * @param held its driver's switch holds a controlled clutch fully gripped
 * @param switchPoints null where nothing switches it
 * @param seat how it is set in its shroud
 */
@RecordBuilder
public record FittedFan(
    @Id String id,
    @NotNull @Valid FanPart part,
    @NotNull Mount mount,
    boolean shrouded,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double leftMm,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double bottomMm,
    @Within(min = 50, max = 2000, kind = Kind.SIZE) double widthMm,
    @Within(min = 50, max = 1500, kind = Kind.SIZE) double heightMm,
    @Within(min = 0, max = 100, kind = Kind.PERCENT) double speedPercent,
    boolean held,
    @Nullable @Valid SwitchPoints switchPoints,
    @NotNull @Valid FanSeatData seat)
    implements Row, FittedFanBuilder.With {

  /** The same place with another fan, held by its driver or not. */
  public FittedFan with(FanPart other, boolean heldNow) {
    return withPart(other).withHeld(heldNow).withSeat(FanSeatData.AS_IT_WAS);
  }

  /** On which side of the pack it stands. */
  public enum Mount {
    PULLER,
    PUSHER
  }
}
