package roadbreeze.server.bay;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.signed.SignedPapers;
import tools.jackson.databind.json.JsonMapper;

/** Keeps work that was begun: its plans, and what happened, each once and in one order. */
@Service
public class BayService {
  private final EntityManager database;
  private final BayReadings readings;
  private final SignedPapers papers;
  private final JsonMapper json;
  private final ApplicationEventPublisher listeners;

  BayService(
      EntityManager database,
      BayReadings readings,
      SignedPapers papers,
      JsonMapper json,
      ApplicationEventPublisher listeners) {
    this.listeners = listeners;
    this.papers = papers;
    this.database = database;
    this.readings = readings;
    this.json = json;
  }

  /**
   * Begins an order.
   *
   * @param plan the first one
   */
  @Transactional
  BayOrder begin(UUID job, String build, String title, String by, BayPlan plan) {
    // Two who begin at once begin one order.
    database
        .createNativeQuery("select cast(pg_advisory_xact_lock(hashtext(:job)) as text)")
        .setParameter("job", job.toString())
        .getSingleResult();
    Optional<BayOrder> open = open(job, build);
    if (open.isPresent()) {
      return open.get();
    }
    BayOrderRow row = new BayOrderRow(job, build, title, plan.at(), by);
    database.persist(row);
    database.persist(
        new BayPlanRow(row.order().id(), plan.number(), json.writeValueAsString(plan)));
    return row.order();
  }

  /** Work on a build that goes on. */
  @Transactional(readOnly = true)
  public Optional<BayOrder> open(UUID job, String build) {
    return of(job).stream()
        .filter(o -> o.build().equals(build) && o.signedAt() == null)
        .findFirst();
  }

  /** Of a job, the newest first. */
  @Transactional(readOnly = true)
  public List<BayOrder> of(UUID job) {
    return database
        .createQuery(
            "select o from BayOrderRow o where o.jobId = :job order by o.begunAt desc",
            BayOrderRow.class)
        .setParameter("job", job)
        .getResultStream()
        .map(BayOrderRow::order)
        .toList();
  }

  /**
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional(readOnly = true)
  public BayOrder order(UUID id) {
    return row(id, LockModeType.NONE).order();
  }

  /** The plan that the work goes on by. */
  @Transactional(readOnly = true)
  public BayPlan plan(UUID order) {
    return database
        .createQuery(
            "select p from BayPlanRow p where p.key.orderId = :order order by p.key.number desc",
            BayPlanRow.class)
        .setParameter("order", order)
        .setMaxResults(1)
        .getResultStream()
        .findFirst()
        .map(p -> json.readValue(p.plan(), BayPlan.class))
        .orElseThrow(() -> new UnknownThingException("bay order " + order));
  }

  /** What has happened after a number. */
  @Transactional(readOnly = true)
  public List<BayEntry> after(UUID order, long seq) {
    return database
        .createQuery(
            "select e from BayEventRow e where e.orderId = :order and e.seq > :seq order by e.seq",
            BayEventRow.class)
        .setParameter("order", order)
        .setParameter("seq", seq)
        .getResultStream()
        .map(e -> new BayEntry(e.seq(), json.readValue(e.event(), BayEvent.class)))
        .toList();
  }

  /**
   * Adds what has happened on a device; what is there already is not added again.
   *
   * @return all of it with its numbers, in the order given
   * @throws roadbreeze.server.problem.RefusedRequestException if something does not say what it
   *     must, or the order is signed
   */
  @Transactional
  public List<BayEntry> add(UUID order, List<BayEvent> events) {
    BayOrderRow row = row(order, LockModeType.PESSIMISTIC_WRITE);
    List<BayEntry> kept = new ArrayList<>();
    BayPlan plan = plan(order);
    for (BayEvent e : events) {
      BayEventRow there = database.find(BayEventRow.class, e.id());
      if (there != null && there.orderId().equals(order)) {
        kept.add(new BayEntry(there.seq(), json.readValue(there.event(), BayEvent.class)));
        continue;
      }
      if (row.order().signedAt() != null) {
        throw Refusal.ORDER_IS_SIGNED.refuse();
      }
      if (there != null || !e.whole() || e.kind().ofServer()) {
        throw Refusal.EVENT_NOT_WHOLE.refuse();
      }
      kept.add(keep(row, e, plan));
    }
    told(order);
    return kept;
  }

  private BayEntry keep(BayOrderRow row, BayEvent e, BayPlan plan) {
    // PostgreSQL and devices keep the same digits.
    BayEvent event = e.withAt(e.at().truncatedTo(ChronoUnit.MILLIS));
    BayEventRow added =
        new BayEventRow(row.order().id(), row.next(), event, json.writeValueAsString(event));
    Optional<OrderedStep> step = e.step() == null ? Optional.empty() : plan.step(e.step());
    if (e.kind() == BayEvent.Kind.DONE) {
      step.ifPresent(s -> added.measures(s, e.value()));
    }
    if (e.kind() == BayEvent.Kind.READ) {
      step.ifPresent(s -> read(row.order(), s, event));
    }
    database.persist(added);
    return new BayEntry(added.seq(), event);
  }

  private void read(BayOrder order, OrderedStep step, BayEvent e) {
    int tilde = step.line().indexOf('~');
    String thing = tilde < 0 ? "" : step.line().substring(tilde + 1);
    step.readings().stream()
        .filter(r -> r.id().equals(e.item()) && r.goesTo() != null)
        .forEach(
            r ->
                readings.put(order.job(), order.build(), Tasks.goes(r.goesTo()), thing, e.value()));
  }

  /** Goes on by another plan. */
  @Transactional
  BayPlan replanned(UUID order, BayPlan plan, String by) {
    BayOrderRow row = row(order, LockModeType.PESSIMISTIC_WRITE);
    database.persist(new BayPlanRow(order, plan.number(), json.writeValueAsString(plan)));
    BayEvent said =
        BayEvent.said(BayEvent.Kind.PLANNED, plan.at(), by, String.valueOf(plan.number()));
    keep(row, said, plan);
    told(order);
    return plan;
  }

  /**
   * It is signed: nothing is added any more.
   *
   * @param seen number of the last thing that is in the paper
   * @throws roadbreeze.server.problem.RefusedRequestException if more has happened since, or
   *     somebody else has signed it
   */
  @Transactional
  void signed(UUID order, SignedPaper paper, String snapshot, byte[] pages, long seen) {
    BayOrderRow row = row(order, LockModeType.PESSIMISTIC_WRITE);
    if (row.order().signedAt() != null) {
      throw Refusal.ORDER_IS_SIGNED.refuse();
    }
    if (row.order().last() != seen) {
      throw Refusal.SAVED_ELSEWHERE.refuse();
    }
    papers.keep(row.order().job(), paper, snapshot, pages);
    Instant at = paper.signedAt().truncatedTo(ChronoUnit.MILLIS);
    keep(row, BayEvent.said(BayEvent.Kind.SIGNED, at, paper.signedBy(), null), plan(order));
    row.signed(at);
    told(order);
    listeners.publishEvent(
        new WorkSigned(
            row.order().job(), order, row.order().build(), paper.signedBy(), paper.signedAt()));
  }

  /** Every server that a device listens at hears of it once this is kept. */
  private void told(UUID order) {
    database.flush();
    database
        .createNativeQuery("select cast(pg_notify('" + BayLive.CHANNEL + "', :order) as text)")
        .setParameter("order", order.toString())
        .getSingleResult();
  }

  private BayOrderRow row(UUID id, LockModeType lock) {
    BayOrderRow row = database.find(BayOrderRow.class, id, lock);
    if (row == null) {
      throw new UnknownThingException("bay order " + id);
    }
    return row;
  }
}
