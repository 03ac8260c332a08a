package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.server.assess.BalanceResult;
import roadbreeze.server.build.Build;

/**
 * Driveline, air and heat of a build at a moment of its road.
 *
 * @param balance null with the engine off; heats that do not close are stored, or taken from the
 *     store
 */
public record MomentResult(double timeS, @Nullable BalanceResult balance) {

  /**
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive there
   */
  static MomentResult of(MomentRequest request) {
    Build build = request.job().build(request.build());
    HaulCase.Driven driven = request.job().driven(build).drive();
    return new MomentResult(
        request.timeS(),
        driven.balance(request.timeS()).map(b -> BalanceResult.of(driven.rig(), b)).orElse(null));
  }
}
