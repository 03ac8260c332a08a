package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * How the coolers of a build are held.
 *
 * @param isolatorNmm stiffness of the rubber at each of the cooler's holes, null where there is
 *     none
 * @param standOffMm from the cooler's tab to the bracket's face, for rubber or spacer
 * @param roughGround the truck works off the road
 * @param radiator where the build has another
 */
@RecordBuilder
public record MountPlan(
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid Bracket> brackets,
    @Nullable @Within(min = 1, max = 10000, kind = Kind.STIFFNESS) Double isolatorNmm,
    @Within(min = 0, max = 60, kind = Kind.SIZE) double standOffMm,
    boolean roughGround,
    @NotNull @Valid RadiatorPlan radiator)
    implements MountPlanBuilder.With {

  /** Stiffness of the rubber at each ear, N/m; empty where there is none. */
  public OptionalDouble rubber() {
    return isolatorNmm == null ? OptionalDouble.empty() : OptionalDouble.of(isolatorNmm * 1000);
  }
}
