package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import roadbreeze.server.problem.Within;

/**
 * Readings of a hand anemometer on a grid, truck standing, fan at full.
 *
 * @param columns of the grid
 * @param readingsMs row by row from the upper left, m/s
 */
@Embeddable
public record AirTraverse(
    @NotNull @Enumerated(EnumType.STRING) Where where,
    @Within(min = 1, max = 12) int columns,
    @NotNull
        @Size(min = 1, max = 120)
        @Within(min = 0, max = 30, unit = "m/s")
        @JdbcTypeCode(SqlTypes.ARRAY)
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
