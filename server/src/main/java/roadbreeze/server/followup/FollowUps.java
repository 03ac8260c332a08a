package roadbreeze.server.followup;

import jakarta.persistence.EntityManager;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.bay.BayService;
import roadbreeze.server.bay.WorkSigned;
import roadbreeze.server.followup.TruckUse.OdometerRead;
import roadbreeze.server.job.JobCard;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.order.TaskReading;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.problem.StaleVersionException;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.run.RunUses;

/** Plans follow-ups from signed work, says what is due, and keeps what became of it. */
@Service
public class FollowUps {
  private static final int MOST_OPEN = 100;
  private static final double KILOMETRE = 1000;

  private final EntityManager database;
  private final JobService jobs;
  private final BayService orders;
  private final RunUses runs;

  FollowUps(EntityManager database, JobService jobs, BayService orders, RunUses runs) {
    this.database = database;
    this.jobs = jobs;
    this.orders = orders;
    this.runs = runs;
  }

  /** With the work it is planned when that is looked at again. */
  @EventListener
  @Transactional
  public void signed(WorkSigned work) {
    LocalDate day = LocalDate.ofInstant(work.at(), ZoneOffset.UTC);
    Set<String> done =
        orders.plan(work.order()).steps().stream()
            .map(OrderedStep::task)
            .filter(t -> t != null)
            .collect(Collectors.toSet());
    for (FollowUpKind kind : FollowUpKind.ALL) {
      if (kind.after().stream().anyMatch(done::contains)) {
        FollowUpData data =
            new FollowUpData(kind.id(), kind.title(), "", day, kind.every(), kind.again());
        supersede(work, kind.id());
        database.persist(new FollowUpRow(work.job(), work.order(), data));
      }
    }
    if (database.find(TruckUseRow.class, work.job()) == null) {
      JobContent job = jobs.get(work.job()).content();
      database.persist(new TruckUseRow(work.job(), asInTheModel(job, work.build())));
    }
  }

  /** Later work of the same truck begins to count anew. */
  private void supersede(WorkSigned work, String kind) {
    for (FollowUpRow row : rows(List.of(work.job()))) {
      if (kind.equals(row.data().kind()) && !work.order().equals(row.order())) {
        FollowUpEvent over =
            new FollowUpEvent(
                UUID.randomUUID(),
                FollowUpEvent.What.DROPPED,
                LocalDate.ofInstant(work.at(), ZoneOffset.UTC),
                work.by(),
                null,
                "It counts anew from later work.",
                Map.of(),
                null);
        database.persist(new FollowUpEventRow(row.id(), Instant.now(), over));
      }
    }
  }

  /** Signed work whose follow-ups nobody has planned: of before there were any. */
  @Transactional(readOnly = true)
  public List<WorkSigned> unplanned(UUID job) {
    Set<UUID> planned = new HashSet<>(rows(List.of(job)).stream().map(FollowUpRow::order).toList());
    return orders.of(job).stream()
        .filter(o -> o.signedAt() != null && !planned.contains(o.id()))
        .map(o -> new WorkSigned(o.job(), o.id(), o.build(), o.begunBy(), o.signedAt()))
        .toList();
  }

  /** One haul is the job's road as the model drives it. */
  private static TruckUse asInTheModel(JobContent job, String build) {
    TruckUse usual = TruckUse.ASSUMED;
    try {
      HaulCase haul = job.drivenSomehow(job.build(build));
      return usual
          .withHaulKm(haul.trip().road().length() / KILOMETRE)
          .withHaulOilLifeH(haul.drive().outcome().oilLife());
    } catch (RefusedException | RefusedRequestException e) {
      return usual; // it cannot be driven as it is entered
    }
  }

  /** Of all jobs that are not put away, the most urgent first. */
  @Transactional
  List<FollowUp> all(LocalDate today) {
    return board(
        jobs.cards().stream()
            .filter(c -> !Boolean.TRUE.equals(c.about().body().archived()))
            .toList(),
        today);
  }

  /** Of a job. */
  @Transactional
  List<FollowUp> of(UUID job, LocalDate today) {
    return board(jobs.cards().stream().filter(c -> c.id().equals(job)).toList(), today);
  }

  private List<FollowUp> board(List<JobCard> cards, LocalDate today) {
    Map<UUID, List<FollowUpRow>> byJob = new HashMap<>();
    rows(cards.stream().map(JobCard::id).toList())
        .forEach(r -> byJob.computeIfAbsent(r.job(), j -> new ArrayList<>()).add(r));
    Map<UUID, List<FollowUpEvent>> events = events(byJob.values());
    List<FollowUp> all = new ArrayList<>();
    for (JobCard card : cards) {
      List<FollowUpRow> rows = byJob.get(card.id());
      if (rows != null) {
        FollowUpModel model =
            new FollowUpModel(card, use(card.id()).use(), runs.of(card.id()), today);
        rows.forEach(r -> all.add(model.of(r, events.getOrDefault(r.id(), List.of()))));
      }
    }
    all.sort(FollowUpModel.BY_URGENCY);
    return all;
  }

  private FollowUp one(FollowUpRow row, LocalDate today) {
    database.flush(); // the answer carries the new version
    return of(row.job(), today).stream()
        .filter(f -> f.id().equals(row.id()))
        .findFirst()
        .orElseThrow();
  }

  private List<FollowUpRow> rows(List<UUID> ofJobs) {
    return database
        .createQuery("from FollowUpRow where jobId in :jobs", FollowUpRow.class)
        .setParameter("jobs", ofJobs)
        .getResultList();
  }

  /** The newest first. */
  private Map<UUID, List<FollowUpEvent>> events(Iterable<List<FollowUpRow>> of) {
    List<UUID> ids = new ArrayList<>();
    of.forEach(rows -> rows.forEach(r -> ids.add(r.id())));
    return database
        .createQuery(
            "from FollowUpEventRow where followUpId in :ids order by at desc",
            FollowUpEventRow.class)
        .setParameter("ids", ids)
        .getResultStream()
        .collect(
            Collectors.groupingBy(
                FollowUpEventRow::followUp,
                Collectors.mapping(FollowUpEventRow::event, Collectors.toList())));
  }

  /**
   * One that no signed work has brought: of a kind, or made up by the yard.
   *
   * @throws RefusedRequestException if nothing ever makes it due, or there are too many
   * @throws UnknownThingException if there is no such kind
   */
  @Transactional
  FollowUp add(UUID job, FollowUpData data, LocalDate today) {
    jobs.get(job);
    refuseNever(data);
    if (data.kind() != null && FollowUpKind.of(data.kind()).isEmpty()) {
      throw new UnknownThingException("there is no kind of follow-up " + data.kind());
    }
    if (rows(List.of(job)).size() >= MOST_OPEN) {
      throw Refusal.TOO_MANY_FOLLOW_UPS.refuse(MOST_OPEN);
    }
    FollowUpRow row = new FollowUpRow(job, null, data);
    database.persist(row);
    return one(row, today);
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   * @throws RefusedRequestException if nothing ever makes it due
   */
  @Transactional
  FollowUp save(UUID id, long version, FollowUpData data, LocalDate today) {
    FollowUpRow row = row(id);
    if (row.version() != version) {
      throw new StaleVersionException(one(row, today));
    }
    refuseNever(data);
    FollowUpData now = row.data();
    row.write(
        new FollowUpData(
            now.kind(), data.title(), data.note(), data.since(), data.every(), data.again()));
    return one(row, today);
  }

  private static void refuseNever(FollowUpData data) {
    if (data.every().from(data.since()).isEmpty()) {
      throw Refusal.NEVER_DUE.refuse();
    }
  }

  /**
   * Adds what became of one; what is there already is not added again.
   *
   * @throws RefusedRequestException if it is put off to no later day, or without a reason
   */
  @Transactional
  FollowUp add(UUID id, FollowUpEvent event, LocalDate today) {
    FollowUpRow row = row(id);
    boolean done = event.what() == FollowUpEvent.What.DONE;
    if (!done && event.note().isBlank()) {
      throw Refusal.WHY_PUT_OFF.refuse();
    }
    boolean snoozed = event.what() == FollowUpEvent.What.SNOOZED;
    if (snoozed && (event.until() == null || !event.until().isAfter(event.day()))) {
      throw Refusal.PUT_OFF_TO_WHEN.refuse();
    }
    if (event.day().isAfter(today)) {
      throw Refusal.DONE_TOMORROW.refuse();
    }
    refuseUnreadable(row.data(), event);
    if (database.find(FollowUpEventRow.class, event.id()) == null) {
      database.persist(new FollowUpEventRow(id, Instant.now(), event));
      if (event.odometerKm() != null) {
        readOdometer(row.job(), event.day(), event.odometerKm());
      }
    }
    return one(row, today);
  }

  /** Readings are those of its kind, and what a truck can read. */
  private static void refuseUnreadable(FollowUpData data, FollowUpEvent event) {
    List<TaskReading> asked =
        Optional.ofNullable(data.kind())
            .flatMap(FollowUpKind::of)
            .map(FollowUpKind::readings)
            .orElse(List.of());
    event
        .readings()
        .forEach(
            (id, value) -> {
              TaskReading reading =
                  asked.stream()
                      .filter(r -> r.id().equals(id))
                      .findFirst()
                      .orElseThrow(() -> new UnknownThingException("no such reading: " + id));
              boolean low = reading.low() != null && value < reading.low();
              if (low || reading.high() != null && value > reading.high()) {
                throw Refusal.NO_TRUCK_READS.refuse(reading.title());
              }
            });
  }

  private void readOdometer(UUID job, LocalDate day, double km) {
    TruckUseRow row = database.find(TruckUseRow.class, job);
    TruckUse use = row == null ? TruckUse.ASSUMED : row.use();
    List<OdometerRead> reads = new ArrayList<>(use.odometer());
    reads.removeIf(r -> r.day().equals(day));
    reads.add(new OdometerRead("on-" + day, day, km));
    TruckUse more = use.withOdometer(reads).forwards();
    if (row == null) {
      database.persist(new TruckUseRow(job, more));
    } else {
      row.write(more);
    }
  }

  /** A truck's use with its version; -1 where nobody has said anything yet. */
  record TruckUseEdit(long version, @NotNull @Valid TruckUse use) {}

  @Transactional(readOnly = true)
  TruckUseEdit use(UUID job) {
    return Optional.ofNullable(database.find(TruckUseRow.class, job))
        .map(r -> new TruckUseEdit(r.version(), r.use()))
        .orElse(new TruckUseEdit(-1, TruckUse.ASSUMED));
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   */
  @Transactional
  TruckUseEdit save(UUID job, TruckUseEdit edit) {
    jobs.get(job);
    TruckUseRow row = database.find(TruckUseRow.class, job);
    if (edit.version() != (row == null ? -1 : row.version())) {
      throw new StaleVersionException(use(job));
    }
    TruckUse use = edit.use().forwards();
    if (row == null) {
      database.persist(new TruckUseRow(job, use));
    } else {
      row.write(use);
    }
    database.flush();
    return use(job);
  }

  /**
   * A look that was done.
   *
   * @param readings how many were taken
   */
  public record DoneLook(LocalDate day, String title, String note, int readings) {}

  /** What was done of a job's follow-ups. */
  @Transactional(readOnly = true)
  public List<DoneLook> done(UUID job) {
    List<FollowUpRow> rows = rows(List.of(job));
    Map<UUID, List<FollowUpEvent>> events = events(List.of(rows));
    List<DoneLook> done = new ArrayList<>();
    for (FollowUpRow row : rows) {
      for (FollowUpEvent e : events.getOrDefault(row.id(), List.of())) {
        if (e.what() == FollowUpEvent.What.DONE) {
          done.add(new DoneLook(e.day(), row.data().title(), e.note(), e.readings().size()));
        }
      }
    }
    return done;
  }

  /** All that is kept of a job's follow-ups, as it is kept. */
  @Transactional(readOnly = true)
  public Map<String, Object> kept(UUID job) {
    List<FollowUpRow> rows = rows(List.of(job));
    Map<UUID, List<FollowUpEvent>> events = events(List.of(rows));
    List<Object> looks = new ArrayList<>();
    for (FollowUpRow row : rows) {
      looks.add(Map.of("what", row.data(), "became", events.getOrDefault(row.id(), List.of())));
    }
    return Map.of("followUps", looks, "use", use(job).use());
  }

  private FollowUpRow row(UUID id) {
    FollowUpRow row = database.find(FollowUpRow.class, id);
    if (row == null) {
      throw new UnknownThingException("there is no follow-up " + id);
    }
    return row;
  }
}
