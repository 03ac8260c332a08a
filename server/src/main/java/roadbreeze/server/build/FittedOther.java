package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.CoolerFit.Place;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.server.problem.Within;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Another cooler where it stands: of steering, engine oil, hydraulics or fuel.
 *
 * @param order to the oil coolers at the same place in depth
 * @param heatKw that it gives, null takes what is usual for its kind
 */
public record FittedOther(
    @Id String id,
    @NotNull OtherCooler.Kind kind,
    @NotNull @Valid CoreSize core,
    @NotNull Place place,
    @NotNull Order order,
    @Nullable @Within(min = 0, max = 60, kind = Kind.POWER) Double heatKw)
    implements Row {

  /** Before or behind the oil coolers. */
  public enum Order {
    BEFORE_OIL,
    BEHIND_OIL
  }
}
