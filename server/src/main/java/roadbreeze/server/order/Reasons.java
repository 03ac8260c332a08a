package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.Rule;

/** Why steps stand where they stand. */
record Reasons(OrderedBuild order, DayPlan plan, Tasks tasks) {
  /** More than these nobody reads. */
  private static final int MOST = 4;

  List<Finding> of(DayPlan.Placed p) {
    List<Finding> reasons = new ArrayList<>();
    String line = order.line(p.step().id()).step().id();
    if (order.fixed().at().containsKey(line)) {
      reasons.add(Because.FIXED.with());
    } else if (order.fixed().earliest().getOrDefault(line, -1) == p.start()) {
      reasons.add(Because.NOT_BEFORE.with());
    }
    after(p, line, reasons);
    before(p, line, reasons);
    around(p, line, reasons);
    if (reasons.isEmpty()) {
      filler(p, reasons);
    }
    return reasons.stream().distinct().limit(MOST).toList();
  }

  private String title(String id) {
    return order.line(id).title();
  }

  /** What ended just when it begins, and had to. */
  private void after(DayPlan.Placed p, String line, List<Finding> reasons) {
    for (Rule r : order.rules().rules()) {
      if (r.after().equals(line)
          && plan.of(r.before()).filter(b -> b.end() == p.start()).isPresent()) {
        reasons.add(
            switch (r.kind()) {
              case MAKES -> Because.NEEDS_MADE.with(title(r.before()));
              case KEPT -> Because.AFTER_NEED.with(title(r.before()), tasks.named(r.what()));
              case HIDDEN -> Because.AFTER_HIDES.with(title(r.before()), tasks.named(r.what()));
              case OUTSIDE -> Because.NOT_WHILE.with(tasks.named(r.what()));
            });
      }
    }
  }

  /** What it must come before: what hides its place, and what ends what it needs right then. */
  private void before(DayPlan.Placed p, String line, List<Finding> reasons) {
    for (Rule r : order.rules().rules()) {
      if (r.before().equals(line) && r.kind() == Rule.Kind.HIDDEN) {
        reasons.add(Because.BEFORE_HIDDEN.with(title(r.after()), tasks.named(r.what())));
      } else if (r.before().equals(line)
          && r.kind() == Rule.Kind.KEPT
          && plan.of(r.after()).filter(a -> a.start() == p.end()).isPresent()) {
        reasons.add(Because.BEFORE_ENDED.with(title(r.after()), tasks.named(r.what())));
      }
    }
  }

  private void around(DayPlan.Placed p, String line, List<Finding> reasons) {
    Set<String> within = new TreeSet<>();
    Set<String> without = new TreeSet<>();
    for (Rule.Cycle c : order.rules().cycles()) {
      if (c.inside().contains(line)) {
        within.add(tasks.named(c.toggle().state()));
      }
      if (c.outside().contains(line) && !c.toggle().closes().isEmpty()) {
        without.add(tasks.named(c.toggle().state()));
      }
    }
    within.forEach(s -> reasons.add(Because.WHILE.with(s)));
    without.forEach(s -> reasons.add(Because.NOT_WHILE.with(s)));
  }

  /** Nothing binds it: it fills a wait, or begins when hands are free. */
  private void filler(DayPlan.Placed p, List<Finding> reasons) {
    TreeMap<Integer, DayPlan.Placed> waiting = new TreeMap<>();
    plan.placed().stream()
        .filter(o -> o != p && o.freed() <= p.start() && p.start() < o.end())
        .forEach(o -> waiting.put(o.end(), o));
    if (!waiting.isEmpty()) {
      DayPlan.Placed longest = waiting.lastEntry().getValue();
      reasons.add(Because.FILLS_WAIT.with(title(longest.step().id())));
      return;
    }
    plan.placed().stream()
        .filter(o -> o.freed() == p.start() && !o.lanes().isEmpty())
        .filter(o -> o.lanes().stream().anyMatch(p.lanes()::contains))
        .findFirst()
        .ifPresentOrElse(
            o -> reasons.add(Because.HANDS_FREE.with(title(o.step().id()))),
            () -> reasons.add(Because.FIRST.with()));
  }
}
