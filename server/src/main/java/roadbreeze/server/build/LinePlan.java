package roadbreeze.server.build;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * Hoses of a build.
 *
 * @param spareMm left on each hose end to be cut when offered up
 * @param tankCapped ports of an in-tank cooler that the oil goes past are capped
 */
public record LinePlan(
    @Within(min = 0, max = 500, kind = Kind.SIZE) double spareMm,
    boolean tankCapped,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid Hose> hoses) {
  /** What is cut for a hose of so much from port to port, mm. */
  public double cutMm(double fittedMm) {
    return fittedMm + 2 * spareMm;
  }

  public LinePlan withHoses(List<Hose> other) {
    return new LinePlan(spareMm, tankCapped, other);
  }
}
