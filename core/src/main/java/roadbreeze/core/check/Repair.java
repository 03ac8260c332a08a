package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
  NO_PLAN_HOLDS,
  COMES_NEAREST("plan TEXT", "left DIFFERENCE", "fluid WORD", "price MONEY", "hours TIME");

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

  private record Driven(Plan plan, Margins margins) {
    /** What it leaves at the fluid that binds, and what it costs. */
    Finding says(Repair how) {
      Fluid nearest = margins.binding();
      return how.with(plan.name, margins.of(nearest).headroom(), nearest, plan.price, plan.work);
    }
  }

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
    Optional<Driven> cheapest = cheapest(plans);
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
    if (cheapest.isPresent()) {
      says.add(cheapest.get().says(PLAN_BUYS_THE_REST));
    } else {
      says.add(NO_PLAN_HOLDS.with());
      driven(plans)
          .max(Comparator.comparingDouble(h -> h.margins.sure()))
          .filter(h -> h.margins.sure() > repaired.sure() + FELT)
          .ifPresent(h -> says.add(h.says(COMES_NEAREST)));
    }
    return says;
  }

  /**
   * The cheapest plan that holds in nine of ten; the one with more in hand of equally dear ones.
   */
  private static Optional<Driven> cheapest(List<Plan> plans) {
    return driven(plans)
        .filter(h -> h.margins.standing() == Standing.HOLDS)
        .min(
            Comparator.<Driven>comparingDouble(h -> h.plan.price)
                .thenComparingDouble(h -> -h.margins.sure()));
  }

  private static Stream<Driven> driven(List<Plan> plans) {
    return plans.stream().flatMap(p -> p.margins.map(m -> new Driven(p, m)).stream());
  }
}
