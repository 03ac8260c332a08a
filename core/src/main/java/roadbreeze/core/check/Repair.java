package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Standing;

/** What is wrong costs so much; repair alone leaves so much; an upgrade buys the rest. */
public enum Repair implements Code {
  NOTHING_WRONG_YET,
  COSTS("cost DIFFERENCE", "fluid WORD"),
  CLIMBS_NO_MORE,
  RESTORED_CLIMBS_NO_MORE,
  RESTORE_FIRST("left DIFFERENCE", "fluid WORD", "hours TIME"),
  RESTORED_MARGINAL("left DIFFERENCE", "fluid WORD", "band DIFFERENCE"),
  RESTORED_FALLS_SHORT("left DIFFERENCE", "fluid WORD"),
  NEED_NOT_BUY("plan TEXT", "price MONEY", "hours TIME", "more DIFFERENCE"),
  PLAN_BUYS_THE_REST("plan TEXT", "left DIFFERENCE", "fluid WORD", "price MONEY", "hours TIME"),
  NO_PLAN_HOLDS;

  /** Less than this is nothing, K. */
  private static final double FELT = 0.5;

  private final List<Parameter> parameters;

  Repair(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /**
   * A build that might be made.
   *
   * @param margins on the haul; empty if it cannot drive there
   * @param price of its new parts, in the yard's money
   * @param work hands, s
   */
  public record Plan(String name, Optional<Margins> margins, double price, double work) {}

  private record Held(Plan plan, Margins margins) {}

  /**
   * Of the truck as found, restored, and with each plan.
   *
   * @param found empty if it cannot drive there
   */
  public static List<Finding> of(Optional<Margins> found, Plan restored, List<Plan> plans) {
    if (restored.margins.isEmpty()) {
      return List.of(RESTORED_CLIMBS_NO_MORE.with());
    }
    Margins repaired = restored.margins.get();
    Fluid binding = repaired.binding();
    List<Finding> says = new ArrayList<>();
    if (found.isEmpty()) {
      says.add(CLIMBS_NO_MORE.with());
    } else {
      double cost = found.get().of(binding).peak() - repaired.of(binding).peak();
      says.add(cost > FELT ? COSTS.with(cost, binding) : NOTHING_WRONG_YET.with());
    }
    double left = repaired.of(binding).headroom();
    Optional<Held> cheapest = cheapest(plans);
    switch (repaired.standing()) {
      case HOLDS -> {
        says.add(RESTORE_FIRST.with(left, binding, restored.work()));
        cheapest.ifPresent(
            c ->
                says.add(
                    NEED_NOT_BUY.with(
                        c.plan.name,
                        c.plan.price,
                        c.plan.work,
                        c.margins.of(binding).headroom() - left)));
        return says;
      }
      case MARGINAL -> says.add(RESTORED_MARGINAL.with(left, binding, repaired.of(binding).band()));
      case OVER -> says.add(RESTORED_FALLS_SHORT.with(left, binding));
    }
    says.add(
        cheapest
            .map(
                c -> {
                  Fluid nearest = c.margins.binding();
                  return PLAN_BUYS_THE_REST.with(
                      c.plan.name,
                      c.margins.of(nearest).headroom(),
                      nearest,
                      c.plan.price,
                      c.plan.work);
                })
            .orElseGet(NO_PLAN_HOLDS::with));
    return says;
  }

  /**
   * The cheapest plan that holds in nine of ten; the one with more in hand of equally dear ones.
   */
  private static Optional<Held> cheapest(List<Plan> plans) {
    return plans.stream()
        .flatMap(p -> p.margins.map(m -> new Held(p, m)).stream())
        .filter(h -> h.margins.standing() == Standing.HOLDS)
        .min(
            Comparator.<Held>comparingDouble(h -> h.plan.price)
                .thenComparingDouble(h -> -h.margins.sure()));
  }
}
