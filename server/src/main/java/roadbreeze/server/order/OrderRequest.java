package roadbreeze.server.order;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.row.Id;

/**
 * Work on a build to be put in order.
 *
 * @param build id
 * @param quick somebody is changing things: the first good day rather than the best
 */
record OrderRequest(@NotNull @Valid JobContent job, @Id String build, boolean quick) {
  Build chosen() {
    return job.build(build);
  }

  OrderSolver.Patience patience() {
    return quick ? OrderSolver.Patience.QUICK : OrderSolver.Patience.THOROUGH;
  }
}
