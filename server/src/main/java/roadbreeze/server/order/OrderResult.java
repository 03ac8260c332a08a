package roadbreeze.server.order;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.Rule;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.order.OrderSolver.Contradiction;
import roadbreeze.server.order.OrderSolver.Ordered;

/**
 * The work on a build in its order. All times are minutes of work from the beginning of the first
 * day.
 *
 * @param length until the last thing has ended
 * @param least no order is shorter
 * @param best none is, as the solver has proved
 * @param crawling from the first time that somebody lies under the truck to the last
 * @param hands minutes of hands of all of it
 * @param unplanned length of a day on which the first thing that can begin is begun, null where
 *     that way comes to an end before all is done
 * @param steps in the order in which they begin; where nothing can be ordered, as the library has
 *     them
 * @param bands states along the day
 * @param clashes what cannot be kept together, where there is no order
 * @param cautions codes of what holds for all of the work
 */
public record OrderResult(
    int people,
    int length,
    int least,
    boolean best,
    int crawling,
    int hands,
    @Nullable Integer unplanned,
    List<OrderedStep> steps,
    List<Band> bands,
    List<ClashSaid> clashes,
    OrderLists lists,
    List<String> cautions) {

  /**
   * A step in its place.
   *
   * @param line id that stays the same each time that it is done
   * @param task id in the library, null where it is the job's own
   * @param start null where nothing can be ordered
   * @param lanes who does it, from 0
   * @param usual hands' minutes that the library has
   * @param engine code of what the engine does meanwhile
   * @param shows what the plan has for it
   * @param cautions codes of what can hurt
   * @param because why it stands here
   */
  public record OrderedStep(
      String id,
      String line,
      @Nullable String task,
      String family,
      String title,
      String how,
      String why,
      @Nullable Integer start,
      int hands,
      int waits,
      int usual,
      int people,
      List<Integer> lanes,
      boolean under,
      String engine,
      List<String> cautions,
      List<Said> shows,
      List<String> tools,
      List<String> parts,
      List<String> carries,
      List<StepReading> readings,
      List<String> photos,
      @Nullable String check,
      @Nullable String mistake,
      List<Said> because) {}

  /**
   * A number to read.
   *
   * @param kind of quantity
   */
  public record StepReading(
      String id, String title, String kind, @Nullable Double low, @Nullable Double high) {
    static StepReading of(TaskReading r) {
      return new StepReading(r.id(), r.title(), r.kind().key(), r.low(), r.high());
    }
  }

  /** A state along the day. */
  public record Band(String state, String title, List<DayPlan.Span> spans) {}

  /** Something that cannot be kept together with the others. */
  public record ClashSaid(String what, String state, List<ClashStep> steps) {}

  /** A step of it, by its id. */
  public record ClashStep(String id, String title) {}

  static OrderResult of(JobContent job, Build build, Tasks tasks, OrderSolver.Patience patience) {
    StepFacts facts = new StepFacts(job, build);
    OrderedBuild order = OrderedBuild.of(job, build, tasks, facts.joints());
    int hands = order.steps().stream().mapToInt(s -> s.hands()).sum();
    Optional<Integer> unplanned =
        GreedyPlan.of(order.steps(), order.rules(), order.people()).map(DayPlan::length);
    OrderSolver.Solved answer = order.solved(patience);
    if (answer instanceof Ordered solved) {
      Reasons reasons = new Reasons(order, solved.plan(), tasks);
      List<OrderedStep> steps = new ArrayList<>();
      solved.plan().placed().stream()
          .sorted(Comparator.comparingInt(DayPlan.Placed::start))
          .forEach(p -> steps.add(step(order, p, facts, Said.of(reasons.of(p)))));
      return new OrderResult(
          order.people(),
          solved.plan().length(),
          solved.least(),
          solved.best(),
          solved.plan().crawling(),
          hands,
          unplanned.orElse(null),
          steps,
          bands(tasks, solved.plan(), build.work()),
          List.of(),
          OrderLists.of(steps),
          general());
    }
    Contradiction none = (Contradiction) answer;
    List<OrderedStep> steps =
        order.steps().stream()
            .map(s -> step(order, new DayPlan.Placed(s, -1, List.of()), facts, List.of()))
            .toList();
    return new OrderResult(
        order.people(),
        0,
        0,
        false,
        0,
        hands,
        null,
        steps,
        List.of(),
        none.between().stream().map(c -> said(c, order, tasks)).toList(),
        OrderLists.of(steps),
        general());
  }

  private static List<String> general() {
    return Caution.GENERAL.stream().map(Code::key).toList();
  }

  private static ClashSaid said(OrderSolver.Conflict clash, OrderedBuild order, Tasks tasks) {
    return new ClashSaid(
        clash.what().name(),
        clash.state().isEmpty() || clash.state().startsWith("done ")
            ? ""
            : tasks.named(clash.state()),
        clash.steps().stream().map(id -> new ClashStep(id, order.line(id).title())).toList());
  }

  private static OrderedStep step(
      OrderedBuild order, DayPlan.Placed p, StepFacts facts, List<Said> because) {
    OrderedBuild.Planned line = order.line(p.step().id());
    Optional<TaskData> task = line.task();
    List<String> cautions = new ArrayList<>();
    if (p.step().engine().runs()) {
      cautions.add(Caution.ENGINE_RUNS.key());
    }
    task.ifPresent(t -> t.cautions().forEach(c -> cautions.add(c.key())));
    return new OrderedStep(
        p.step().id(),
        line.step().id(),
        task.map(TaskData::id).orElse(null),
        task.map(TaskData::family).orElse("own"),
        line.title(),
        task.map(TaskData::how).orElse(""),
        task.map(TaskData::why).orElse(""),
        p.start() < 0 ? null : p.start(),
        p.step().hands(),
        p.step().waits(),
        line.usual(),
        p.step().people(),
        p.lanes(),
        p.step().under(),
        p.step().engine().key(),
        cautions,
        task.map(t -> Said.of(facts.of(t, line.step().id()))).orElse(List.of()),
        of(task, TaskData::tools),
        of(task, TaskData::parts),
        of(task, TaskData::carries),
        of(task, TaskData::readings).stream().map(StepReading::of).toList(),
        of(task, TaskData::photos),
        task.map(TaskData::check).orElse(null),
        task.map(TaskData::mistake).orElse(null),
        because);
  }

  private static <T> List<T> of(Optional<TaskData> task, Function<TaskData, List<T>> what) {
    return task.map(what).orElse(List.of());
  }

  private static List<Band> bands(Tasks tasks, DayPlan plan, WorkPlan work) {
    return tasks.states().values().stream()
        .filter(TaskFile.TaskState::band)
        .map(
            s ->
                new Band(
                    s.id(),
                    s.title(),
                    plan.spans(s.id(), s.atFirst() != null && work.is(s.atFirst()))))
        .filter(b -> !b.spans().isEmpty())
        .toList();
  }

  /** Why steps stand where they stand. */
  private record Reasons(OrderedBuild order, DayPlan plan, Tasks tasks) {
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
}
