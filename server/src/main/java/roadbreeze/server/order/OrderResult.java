package roadbreeze.server.order;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import roadbreeze.core.explain.Code;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.EngineState.States;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.Step;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.fill.FillResult.StageSaid;
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
   * @param stages of filling, in their order; none of other steps
   * @param drawings that belong to it
   * @param allBack it waits until all that was taken off is back: it closes the front, or the
   *     engine runs
   * @param mayLie ids of lines whose pieces may lie about even then: those of the open front
   * @param opens ids of lines that have opened what this one closes
   * @param pace how long the yard takes for such work, null where that was not measured often
   *     enough
   * @param because why it stands here
   */
  @RecordBuilder
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
      List<StageSaid> stages,
      List<String> photos,
      List<StepDrawing> drawings,
      boolean allBack,
      List<String> mayLie,
      List<String> opens,
      @Nullable String check,
      @Nullable String mistake,
      @Nullable YardPace.Pace pace,
      List<Said> because)
      implements OrderResultOrderedStepBuilder.With {}

  /**
   * A drawing of what a step makes or puts in.
   *
   * @param id by which it is asked for
   */
  public record StepDrawing(String id, String title) {}

  /**
   * A number to read.
   *
   * @param kind of quantity
   * @param goesTo code of where in the job it belongs, null where it only stands in the record
   */
  public record StepReading(
      String id,
      String title,
      String kind,
      @Nullable String goesTo,
      @Nullable Double low,
      @Nullable Double high) {
    static StepReading of(TaskReading r) {
      String goesTo = r.goesTo() == null ? null : r.goesTo().key();
      return new StepReading(r.id(), r.title(), r.kind().key(), goesTo, r.low(), r.high());
    }
  }

  /** A state along the day. */
  public record Band(String state, String title, List<DayPlan.Span> spans) {}

  /**
   * Something that cannot be kept together with the others.
   *
   * @param what code of how it binds them
   * @param state by its name, empty where it is none of the truck
   */
  public record ClashSaid(String what, String state, List<ClashStep> steps) {}

  /** A step of it, by its id. */
  public record ClashStep(String id, String title) {}

  static OrderResult of(JobContent job, Build build, Tasks tasks, OrderSolver.Patience patience) {
    return of(job, build, tasks, patience, Behind.NOTHING);
  }

  /**
   * What is left of the work, quickly: of what is done only those steps stand in it whose wait
   * lasts yet.
   */
  public static OrderResult rest(JobContent job, Build build, Tasks tasks, Behind behind) {
    return of(job, build, tasks, OrderSolver.Patience.QUICK, behind);
  }

  /** The whole of it, as a day is begun. */
  public static OrderResult whole(JobContent job, Build build, Tasks tasks) {
    return of(job, build, tasks, OrderSolver.Patience.THOROUGH, Behind.NOTHING);
  }

  private static OrderResult of(
      JobContent job, Build build, Tasks tasks, OrderSolver.Patience patience, Behind behind) {
    StepFacts facts = new StepFacts(job, build);
    OrderedBuild order = OrderedBuild.of(job, build, tasks, facts.joints()).after(behind);
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
        clash.what().key(),
        OrderedBuild.isOwn(clash.state()) ? "" : tasks.named(clash.state()),
        clash.steps().stream().map(id -> new ClashStep(id, order.line(id).title())).toList());
  }

  private static OrderedStep step(
      OrderedBuild order, DayPlan.Placed p, StepFacts facts, List<Said> because) {
    OrderedBuild.Planned line = order.line(p.step().id());
    Optional<TaskData> task = line.task();
    List<String> cautions = new ArrayList<>();
    if (p.step().engine() == EngineState.RUNNING) {
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
        task.map(t -> StageSaid.of(facts.stages(t))).orElse(List.of()),
        of(task, TaskData::photos),
        task.map(t -> facts.drawings(t, line.step().id())).orElse(List.of()),
        allBack(p.step()),
        allBack(p.step()) ? order.opens(Set.of(States.FRONT_OPEN)) : List.of(),
        order.opens(line.step().ends()),
        task.map(TaskData::check).orElse(null),
        task.map(TaskData::mistake).orElse(null),
        line.pace().orElse(null),
        because);
  }

  /** The front is not closed, and no engine run, while something lies about. */
  private static boolean allBack(Step step) {
    return step.engine() != EngineState.STOPPED || step.ends().contains(States.FRONT_OPEN);
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
}
