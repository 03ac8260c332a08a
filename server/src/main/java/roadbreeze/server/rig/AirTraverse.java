package roadbreeze.server.rig;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Readings of a hand anemometer on a grid, truck standing, fan at full.
 *
 * @param columns of the grid
 * @param readingsMs row by row from the upper left, m/s
 */
public record AirTraverse(
    @NotNull Where where,
    @Within(min = 1, max = 12, kind = Kind.COUNT) int columns,
    @NotNull @Size(min = 1, max = 120) @Within(min = 0, max = 30, kind = Kind.VELOCITY)
        List<Double> readingsMs) {

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
