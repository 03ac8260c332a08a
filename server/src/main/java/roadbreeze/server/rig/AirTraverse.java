package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Readings of a hand anemometer on a grid, truck standing, one fan running.
 *
 * @param build id of the build as the truck stood
 * @param fan id of the fan's place in it
 * @param part the fan that ran there then
 * @param engineRpm null where it was not noted
 * @param volts at the fan, null for one on the engine or where it was not noted
 * @param airConditioning it was on, and with it the other electric fans
 * @param columns of the grid
 * @param readingsMs row by row from the upper left, m/s
 * @param factor on the fan's pressure that the model is corrected by, null while it is not
 */
public record AirTraverse(
    @Id String id,
    @NotNull Where where,
    @Id String build,
    @Id String fan,
    @NotNull @Valid FanPart part,
    @Nullable @Within(min = 400, max = 5000, kind = Kind.RPM) Double engineRpm,
    @Nullable @Within(min = 4, max = 60, kind = Kind.VOLTAGE) Double volts,
    boolean airConditioning,
    @Within(min = 1, max = 12, kind = Kind.COUNT) int columns,
    @NotNull @Size(min = 1, max = 120) @Within(min = 0, max = 30, kind = Kind.VELOCITY)
        List<Double> readingsMs,
    @Nullable @Within(min = 0.1, max = 3) Double factor)
    implements Row {

  /** Free air and through the core are different things. */
  public enum Where {
    /** Against the radiator's face, over all of it. */
    AT_CORE,
    /** Before the fan alone, no core in its way, over the fan's disc. */
    FREE_AIR
  }

  public double mean() {
    return readingsMs.stream().mapToDouble(Double::doubleValue).average().orElse(0);
  }
}
