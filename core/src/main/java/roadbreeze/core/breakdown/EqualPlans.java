package roadbreeze.core.breakdown;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToLongFunction;
import roadbreeze.core.breakdown.Breakdown.Ending;

/**
 * Plans that cool about as well, decided by how they fail: fewer parts that stop it come first,
 * then fewer that spoil its oil, that make it crawl, and that cost the air conditioning.
 *
 * @param alike ids of the plans
 * @param chosen the one that fails best; empty where they fail alike
 */
public record EqualPlans(List<String> alike, Optional<Plan> chosen) {
  /** Headrooms nearer than this are alike, K; our own, as in disputes. */
  public static final double ALIKE = 1;

  private static final Comparator<Plan> BETTER =
      Comparator.comparingLong(counting(Ending.STOPS))
          .thenComparingLong(counting(Ending.OIL_SUFFERS))
          .thenComparingLong(counting(Ending.CRAWLS))
          .thenComparingLong(counting(Ending.WITHOUT_AIR_CONDITIONING));

  /** A plan with each of its parts broken in turn, nothing first. */
  public record Plan(String id, List<Breakdown> breakdowns) {
    /** At the worst moment of the road with all whole, K; none where it does not go on so. */
    private double headroom() {
      Breakdown whole = breakdowns.get(0);
      return whole.ends() == Ending.GOES_ON
          ? whole.outcome().orElseThrow().worst().headroom()
          : Double.NEGATIVE_INFINITY;
    }

    /** How many parts end it so. */
    public long endings(Ending how) {
      return breakdowns.stream()
          .filter(b -> b.what() != Breakage.NOTHING && b.ends() == how)
          .count();
    }
  }

  private static ToLongFunction<Plan> counting(Ending how) {
    return plan -> plan.endings(how);
  }

  /** Empty where no two plans that keep every limit are alike with the best of them. */
  public static Optional<EqualPlans> of(List<Plan> plans) {
    double best = plans.stream().mapToDouble(Plan::headroom).max().orElse(Double.NEGATIVE_INFINITY);
    List<Plan> alike =
        plans.stream().filter(p -> p.headroom() >= 0 && p.headroom() >= best - ALIKE).toList();
    if (alike.size() < 2) {
      return Optional.empty();
    }
    List<Plan> ranked = alike.stream().sorted(BETTER).toList();
    boolean decided = BETTER.compare(ranked.get(0), ranked.get(1)) < 0;
    return Optional.of(
        new EqualPlans(
            alike.stream().map(Plan::id).toList(),
            decided ? Optional.of(ranked.get(0)) : Optional.empty()));
  }
}
