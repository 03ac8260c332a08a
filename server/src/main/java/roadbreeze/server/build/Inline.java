package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.parts.FilterPart;
import roadbreeze.server.parts.SensorPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Something in a hose.
 *
 * @param hose id of the hose that it is cut into
 * @param reversed its arrow points against the oil
 * @param filter that it is, null where none is chosen
 * @param sensor that sits in a tee, null where none is chosen
 * @param opensKpa drop at which a filter's own valve, or a bypass block, lets oil past; null where
 *     there is no such valve
 * @param opensC oil temperature at which a bypass block sends oil to the cooler, null where it has
 *     no such valve
 */
public record Inline(
    @Id String id,
    @NotNull What what,
    @Id String hose,
    boolean reversed,
    @Nullable @Valid FilterPart filter,
    @Nullable @Valid SensorPart sensor,
    @Nullable @Within(min = 10, max = 500, kind = Kind.PRESSURE) Double opensKpa,
    @Nullable @Within(min = 30, max = 100, kind = Kind.TEMPERATURE) Double opensC)
    implements Row {

  /** What can be in a hose. */
  public enum What {
    FILTER,
    SENSOR_TEE,
    /** A block between the hose to the cooler and the one back. */
    BYPASS
  }
}
