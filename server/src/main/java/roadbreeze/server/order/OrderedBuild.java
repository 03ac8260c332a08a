package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Words;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.route.Joints;

/**
 * The work on a build: its tasks with what the yard wants otherwise, and what they mean for their
 * order.
 *
 * @param lines by the id of their step, in the library's order, the yard's own last
 */
record OrderedBuild(Map<String, Planned> lines, Rule.Rules rules, int people, Fixed fixed) {
  /**
   * A line of the order.
   *
   * @param task of the library; empty where it is the job's own
   * @param title with what it is done to
   * @param usual hands' minutes that the library has for it
   * @param pace how long the yard takes for such work; empty where too little was measured
   */
  record Planned(
      Step step, Optional<TaskData> task, String title, int usual, Optional<YardPace.Pace> pace) {}

  /**
   * @param joints of its hoses, some of which must be tight before other things go in
   */
  static OrderedBuild of(JobContent job, Build build, Tasks tasks, List<Joints.JointRow> joints) {
    WorkScope scope = BuildScope.of(job, build);
    WorkPlan plan = build.work();
    Map<String, WorkPlan.StepMinutes> minutes = new HashMap<>();
    plan.minutes().forEach(m -> minutes.put(m.id(), m));
    List<TaskLibrary.Picked> picked =
        tasks.library().picked(scope, new TreeSet<>(plan.added()), new HashSet<>(plan.leftOut()));
    Map<String, Planned> lines = new LinkedHashMap<>();
    for (TaskLibrary.Picked p : picked) {
      if (!plan.leftOut().contains(p.step().id())) {
        TaskData task = tasks.byId().get(p.task().id());
        String title =
            p.thing().map(name -> task.title() + ": " + Words.of(name)).orElse(task.title());
        Optional<YardPace.Pace> pace = tasks.pace(task.family());
        Step paced =
            pace.map(y -> p.step().withHands((int) Math.round(p.step().hands() * y.ratio())))
                .orElse(p.step());
        Step step = timed(paced, minutes);
        lines.put(step.id(), new Planned(step, Optional.of(task), title, p.step().hands(), pace));
      }
    }
    own(plan, minutes, lines);
    tightFirst(joints, lines);
    List<TaskLibrary.Picked> there =
        picked.stream().filter(p -> lines.containsKey(p.step().id())).toList();
    Rule.Rules rules =
        tasks.library().rules(there, scope, lines.values().stream().map(Planned::step).toList());
    return new OrderedBuild(lines, rules, plan.people(), fixed(plan, lines.keySet()));
  }

  private static Step timed(Step step, Map<String, WorkPlan.StepMinutes> minutes) {
    WorkPlan.StepMinutes own = minutes.get(step.id());
    if (own == null) {
      return step;
    }
    Step timed = step.withHands(own.hands());
    return own.waits() == null ? timed : timed.withWaits(own.waits());
  }

  /**
   * What comes before and after a task of the job's own is a state that one makes for the other.
   */
  private static void own(
      WorkPlan plan, Map<String, WorkPlan.StepMinutes> minutes, Map<String, Planned> lines) {
    for (WorkPlan.OwnTask own : plan.ownTasks()) {
      Step step =
          new Step(
              own.id(),
              Set.of(),
              Set.of(),
              Set.of(done(own.id())),
              Set.of(),
              Set.of(),
              Set.of(),
              own.hands(),
              own.waits(),
              own.people(),
              own.under(),
              EngineState.STOPPED);
      lines.put(
          own.id(),
          new Planned(
              timed(step, minutes), Optional.empty(), own.title(), own.hands(), Optional.empty()));
    }
    for (WorkPlan.OwnTask own : plan.ownTasks()) {
      for (String before : own.comesAfter()) {
        binds(lines, before, own.id());
      }
      for (String after : own.comesBefore()) {
        binds(lines, own.id(), after);
      }
    }
  }

  private static void binds(Map<String, Planned> lines, String before, String after) {
    if (lines.containsKey(before) && lines.containsKey(after)) {
      lines.computeIfPresent(
          before, (id, l) -> with(l, l.step().withMakes(and(l.step().makes(), done(id)))));
      lines.computeIfPresent(
          after, (id, l) -> with(l, l.step().withNeeds(and(l.step().needs(), done(before)))));
    }
  }

  /** A clamp that nothing reaches once a thing is in is tightened before that goes in. */
  private static void tightFirst(List<Joints.JointRow> joints, Map<String, Planned> lines) {
    for (Joints.JointRow j : joints) {
      if (j.clamp() != null
          && j.clamp().before() != null
          && !j.clamp().before().id().equals(j.port().id())) {
        for (String puts : PUTS_IN) {
          binds(lines, "join-hose~" + j.hose(), puts + "~" + j.clamp().before().id());
        }
      }
    }
  }

  /** Tasks that put a thing in its place. */
  private static final List<String> PUTS_IN = List.of("hang-cooler", "fan-puller", "fan-pusher");

  private static final String DONE = "done ";

  private static String done(String id) {
    return DONE + id;
  }

  /** It is no state of the truck, but what binds a task of the job's own to others. */
  static boolean isOwn(String state) {
    return state.startsWith(DONE);
  }

  private static Planned with(Planned line, Step step) {
    return new Planned(step, line.task(), line.title(), line.usual(), line.pace());
  }

  private static Set<String> and(Set<String> some, String one) {
    Set<String> all = new TreeSet<>(some);
    all.add(one);
    return all;
  }

  private static Fixed fixed(WorkPlan plan, Set<String> there) {
    Map<String, Integer> earliest = new HashMap<>();
    Map<String, Integer> at = new HashMap<>();
    for (WorkPlan.StepTime t : plan.fixed()) {
      if (there.contains(t.id())) {
        (t.exactly() ? at : earliest).put(t.id(), t.minute());
      }
    }
    return new Fixed(earliest, at, Map.of());
  }

  List<Step> steps() {
    return new ArrayList<>(lines.values().stream().map(Planned::step).toList());
  }

  OrderSolver.Solved solved(OrderSolver.Patience patience) {
    return OrderSolver.solve(steps(), rules, people, fixed, patience);
  }

  /** What is left of it while the work goes on. */
  OrderedBuild after(Behind behind) {
    Set<String> there = lines.keySet();
    Map<String, Integer> done = new HashMap<>(behind.done());
    done.keySet().removeIf(id -> !there.contains(first(id)));
    Map<String, Integer> earliest = new HashMap<>();
    fixed.earliest().forEach((id, at) -> earliest.put(id, Math.max(0, at - behind.minutes())));
    Map<String, Integer> at = new HashMap<>();
    fixed.at().forEach((id, minute) -> at.put(id, minute - behind.minutes()));
    at.values().removeIf(minute -> minute < 0);
    done.keySet().forEach(id -> Stream.of(earliest, at).forEach(times -> times.remove(id)));
    return new OrderedBuild(lines, rules, people, new Fixed(earliest, at, done));
  }

  /** Ids of the lines that open any of these states. */
  List<String> opens(Set<String> states) {
    return lines.values().stream()
        .map(Planned::step)
        .filter(s -> s.makes().stream().anyMatch(states::contains))
        .map(Step::id)
        .toList();
  }

  /** The line of a step, the same for each time that it is done. */
  Planned line(String id) {
    return lines.get(first(id));
  }

  private static String first(String id) {
    int again = id.indexOf('.');
    return again < 0 ? id : id.substring(0, again);
  }
}
