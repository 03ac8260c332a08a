package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.radiator.FitRow;
import roadbreeze.core.radiator.Plate;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * What has been done to put another radiator in.
 *
 * @param ticks what was held against this truck with the part in hand
 * @param plates how far those that are welded in have come
 */
public record RadiatorPlan(
    @NotNull @Size(max = 20) @DistinctIds List<@NotNull @Valid OrderTick> ticks,
    @NotNull @Size(max = 8) @DistinctIds List<@NotNull @Valid PlateStage> plates) {
  public static final RadiatorPlan NONE = new RadiatorPlan(List.of(), List.of());

  /** Lines of the order check sheet that nobody has ticked. */
  public int open() {
    return FitRow.What.values().length - ticks.size();
  }

  /**
   * A line of the order check sheet.
   *
   * @param note what was read off the part
   */
  public record OrderTick(
      @Id String id, @NotNull FitRow.What what, @Nullable @Size(max = 120) String note)
      implements Row {}

  /** Nothing is final before it was tried. */
  public enum Stage {
    TACKED,
    TRIED,
    WELDED,
    FINISHED
  }

  /** How far a plate has come. */
  public record PlateStage(
      @Id String id, @NotNull Plate.What what, @NotNull Plate.Side side, @NotNull Stage stage)
      implements Row {}
}
