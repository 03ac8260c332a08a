package roadbreeze.server.finder;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import roadbreeze.core.finder.Result;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.sizing.Assessor;
import tools.jackson.databind.json.JsonMapper;

/** Starts, watches and cancels searches. */
@Service
public class FinderService {
  /** Parts a search is cut into, so that several servers have something to take. */
  private static final int PARTS = 8;

  /** Searches older than this are forgotten when a new one starts. */
  private static final Duration KEPT = Duration.ofDays(2);

  private final FinderRunRepository runs;
  private final FinderPartRepository parts;
  private final PartsService catalogue;
  private final Assessor assessor;
  private final Scheduler scheduler;
  private final JsonMapper json;

  FinderService(
      FinderRunRepository runs,
      FinderPartRepository parts,
      PartsService catalogue,
      Assessor assessor,
      Scheduler scheduler,
      JsonMapper json) {
    this.runs = runs;
    this.parts = parts;
    this.catalogue = catalogue;
    this.assessor = assessor;
    this.scheduler = scheduler;
    this.json = json;
  }

  /** Puts a search on the list; any server on the database may take its parts. */
  @Transactional
  public UUID start(FinderRequest request) {
    new SearchSpace(request).search(catalogue, assessor); // says at once what would stop it later
    Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
    runs.findAll().stream()
        .filter(run -> run.startedAt().isBefore(now.minus(KEPT)))
        .forEach(runs::delete);
    UUID id = UUID.randomUUID();
    runs.save(new FinderRun(id, json.writeValueAsString(request), PARTS, now));
    for (int part = 0; part < PARTS; part++) {
      parts.save(new FinderPart(id, part));
    }
    // Only once the rows are there may a worker look for them.
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            for (int part = 0; part < PARTS; part++) {
              String which = id + "/" + part;
              scheduler.schedule(
                  FinderScheduler.PART.instance(which).data(which).scheduledTo(Instant.now()));
            }
          }
        });
    return id;
  }

  @Transactional
  public void cancel(UUID id) {
    find(id).cancel();
  }

  @Transactional(readOnly = true)
  public FinderState state(UUID id) {
    FinderRun run = find(id);
    List<FinderPart> all = parts.findByKeyRunIdOrderByKeyNumber(id);
    long tried = all.stream().mapToLong(FinderPart::tried).sum();
    double share = all.stream().mapToDouble(FinderPart::share).average().orElse(0);
    boolean done = all.stream().allMatch(p -> p.doneAt() != null);
    Instant end =
        all.stream()
            .map(FinderPart::doneAt)
            .filter(Objects::nonNull)
            .max(Comparator.naturalOrder())
            .filter(at -> done)
            .orElse(Instant.now());
    double seconds = Duration.between(run.startedAt(), end).toMillis() / 1000.0;
    FinderState.Status status =
        run.cancelled()
            ? FinderState.Status.CANCELLED
            : run.failed()
                ? FinderState.Status.FAILED
                : done ? FinderState.Status.DONE : FinderState.Status.RUNNING;
    if (status != FinderState.Status.DONE) {
      return new FinderState(
          id, status, share, tried, seconds, null, List.of(), List.of(), List.of());
    }
    SearchSpace space = new SearchSpace(json.readValue(run.request(), FinderRequest.class));
    space.search(catalogue, assessor);
    Result result =
        Result.merge(all.stream().map(p -> json.readValue(p.result(), Result.class)).toList());
    return new FinderState(
        id,
        status,
        1,
        tried,
        seconds,
        result.enough(),
        result.shortList().stream()
            .map(p -> space.pick(p.merit().name(), p.found(), assessor))
            .toList(),
        fallen(space, result),
        result.enough()
            ? List.of()
            : result.best().map(b -> space.instead(b, assessor)).orElse(List.of()));
  }

  private FinderRun find(UUID id) {
    return runs.findById(id)
        .orElseThrow(() -> new UnknownThingException("there is no search " + id + " here"));
  }

  private static final Map<Result.Reason, String> REASONS = new EnumMap<>(Result.Reason.class);

  static {
    REASONS.put(Result.Reason.TOO_LARGE, "cooler too large or too deep for the opening");
    REASONS.put(Result.Reason.BLOCKED, "no place clear of what stands in the opening");
    REASONS.put(Result.Reason.OVER_BUDGET, "over the budget");
    REASONS.put(Result.Reason.OVER_HOURS, "more work than allowed");
    REASONS.put(Result.Reason.COOLANT_OVER, "coolant still over its limit");
    REASONS.put(Result.Reason.OIL_OVER, "oil still over its limit");
    REASONS.put(Result.Reason.NO_STEADY_STATE, "no steady state on this road");
    REASONS.put(Result.Reason.BEATEN, "another does as much for less");
  }

  private static List<FinderState.Fallen> fallen(SearchSpace space, Result result) {
    List<FinderState.Fallen> fallen = new ArrayList<>();
    result
        .fallen()
        .forEach(
            (reason, count) ->
                fallen.add(new FinderState.Fallen(reason.name(), count, REASONS.get(reason))));
    if (space.radiatorsTooLarge() > 0) {
      fallen.add(
          new FinderState.Fallen(
              "RADIATOR_TOO_LARGE",
              space.radiatorsTooLarge(),
              "radiator does not go in the mounts"));
    }
    if (space.fansTooLarge() > 0) {
      fallen.add(
          new FinderState.Fallen(
              "FAN_TOO_LARGE",
              space.fansTooLarge(),
              "fan wider than the core, or needs the engine's pulley"));
    }
    if (space.fansOverCurrent() > 0) {
      fallen.add(
          new FinderState.Fallen(
              "FAN_OVER_CURRENT", space.fansOverCurrent(), "fan draws more current than allowed"));
    }
    fallen.sort(Comparator.comparingLong(f -> -f.count()));
    return fallen;
  }
}
