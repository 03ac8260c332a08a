package roadbreeze.server.bay;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import roadbreeze.core.workorder.Step;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.message.FieldLabel;
import roadbreeze.server.order.Behind;
import roadbreeze.server.order.OrderResult;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.problem.Refusal;

/** Begins the work on a build, and puts the rest of it in order anew. */
@Component
class BayPlanner {
  private final BayService orders;
  private final JobService jobs;
  private final TaskShelf shelf;

  BayPlanner(BayService orders, JobService jobs, TaskShelf shelf) {
    this.orders = orders;
    this.jobs = jobs;
    this.shelf = shelf;
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it cannot be put in order
   */
  BayOrder begin(UUID job, String build, String by) {
    Optional<BayOrder> open = orders.open(job, build);
    if (open.isPresent()) {
      return open.get(); // somebody has begun it already
    }
    JobContent content = jobs.get(job).content();
    Build chosen = content.build(build);
    OrderResult order = OrderResult.whole(content, chosen, shelf.tasks());
    refuseClashes(order);
    BayPlan plan = BayPlan.of(1, now(), content, chosen, order, order.steps(), order.length());
    return orders.begin(job, build, content.about().name() + ": " + chosen.name(), by, plan);
  }

  /**
   * The rest of the work by what is known now: what was found is part of it.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it cannot be put in order; the
   *     work goes on by the plan that it has
   */
  BayPlan again(UUID id, String by) {
    BayOrder order = orders.order(id);
    if (order.signedAt() != null) {
      throw Refusal.ORDER_IS_SIGNED.refuse();
    }
    BayPlan before = orders.plan(id);
    BayState state = BayState.of(orders.after(id, 0));
    Tasks tasks = shelf.tasks();
    jobs.changeBuild(order.job(), order.build(), b -> withFound(b, state, tasks));
    JobContent job = jobs.get(order.job()).content();
    Build build = job.build(order.build());
    Instant now = now();
    int minutes = minutes(order.begunAt(), now, before.dayHours());
    Map<String, OrderedStep> done = done(before, state);
    OrderResult rest =
        OrderResult.rest(job, build, tasks, new Behind(waits(done, state, now), minutes));
    refuseClashes(rest);
    List<OrderedStep> steps = new ArrayList<>(done.values());
    rest.steps().stream()
        .filter(s -> !done.containsKey(s.id()))
        .map(s -> s.withStart(s.start() + minutes))
        .forEach(steps::add);
    BayPlan plan =
        BayPlan.of(before.number() + 1, now, job, build, rest, steps, rest.length() + minutes);
    return orders.replanned(id, plan, by);
  }

  private static void refuseClashes(OrderResult order) {
    if (!order.clashes().isEmpty()) {
      String steps =
          order.clashes().stream()
              .flatMap(c -> c.steps().stream())
              .map(OrderResult.ClashStep::title)
              .distinct()
              .collect(Collectors.joining("; "));
      throw Refusal.NO_ORDER.refuse(steps);
    }
  }

  /** As they stood in the plan, in the order in which they were ticked. */
  private static Map<String, OrderedStep> done(BayPlan plan, BayState state) {
    Map<String, OrderedStep> done = new LinkedHashMap<>();
    state.done().entrySet().stream()
        .sorted(Comparator.comparing(e -> e.getValue().at()))
        .forEach(e -> plan.step(e.getKey()).ifPresent(s -> done.put(s.id(), s)));
    return done;
  }

  /** What cures or cools yet. */
  private static Map<String, Integer> waits(
      Map<String, OrderedStep> done, BayState state, Instant now) {
    Map<String, Integer> left = new HashMap<>();
    done.forEach(
        (id, step) -> {
          long since = Duration.between(state.done().get(id).at(), now).toMinutes();
          left.put(id, (int) Math.max(0, step.waits() - since));
        });
    return left;
  }

  /** Minutes of work since an order was begun; nights count for nothing. */
  static int minutes(Instant begun, Instant now, double dayHours) {
    ZoneId zone = ZoneId.systemDefault();
    long days =
        ChronoUnit.DAYS.between(begun.atZone(zone).toLocalDate(), now.atZone(zone).toLocalDate());
    double day = dayHours * 60;
    long clock = Duration.between(begun, now).toMinutes() - days * 24 * 60;
    return (int) Math.max(0, days * day + Math.max(-day, Math.min(day, clock)));
  }

  /** What was found is part of the build's work from now on, each thing once. */
  private static Build withFound(Build build, BayState state, Tasks tasks) {
    WorkPlan work = build.work();
    List<String> added = new ArrayList<>(work.added());
    List<WorkPlan.OwnTask> own = new ArrayList<>(work.ownTasks());
    for (BayEvent found : state.found()) {
      if (found.item() != null && tasks.has(found.item())) {
        if (!added.contains(found.item())) {
          added.add(found.item());
        }
      } else if (own.stream().noneMatch(t -> t.id().equals(id(found)))) {
        double takes = found.value() == null ? 0 : found.value();
        int minutes = (int) Math.round(Math.max(0, Math.min(Step.LONGEST, takes)));
        String line = found.step().replaceAll("\\.\\d+$", ""); // whichever time it is done
        own.add(
            new WorkPlan.OwnTask(
                id(found),
                brief(found.text()),
                minutes,
                0,
                1,
                false,
                List.of(),
                state.done().containsKey(found.step()) ? List.of() : List.of(line)));
      }
    }
    if (added.size() > WorkPlan.MOST_ADDED || own.size() > WorkPlan.MOST_OWN) {
      throw Refusal.TOO_MANY.refuse(FieldLabel.of("ownTasks"), 0, WorkPlan.MOST_OWN);
    }
    return build.withWork(work.withAdded(added).withOwnTasks(own));
  }

  private static String brief(String text) {
    return text.substring(0, Math.min(text.length(), WorkPlan.LONGEST_TITLE));
  }

  private static String id(BayEvent found) {
    return "found-" + found.id().toString().substring(0, 8);
  }

  private static Instant now() {
    return Instant.now().truncatedTo(ChronoUnit.MILLIS);
  }
}
