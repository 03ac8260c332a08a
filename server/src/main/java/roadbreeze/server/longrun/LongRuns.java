package roadbreeze.server.longrun;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.problem.UnknownThingException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Starts, watches and cancels long runs. */
@Service
public class LongRuns {
  /** Runs older than this are forgotten when a new one starts. */
  private static final Duration KEPT = Duration.ofDays(2);

  private final LongRunRepository runs;
  private final LongRunPartRepository parts;
  private final Scheduler scheduler;
  private final JsonMapper json;

  LongRuns(
      LongRunRepository runs, LongRunPartRepository parts, Scheduler scheduler, JsonMapper json) {
    this.runs = runs;
    this.parts = parts;
    this.scheduler = scheduler;
    this.json = json;
  }

  /** Where a run stands. */
  public enum Status {
    RUNNING,
    DONE,
    CANCELLED,
    FAILED
  }

  /**
   * A run as it stands.
   *
   * @param share of the work done, 0 to 1
   * @param results as JSON, of the parts that are done
   */
  public record RunState(
      String request,
      Status status,
      double share,
      long tried,
      double seconds,
      List<String> results) {}

  /**
   * Puts a run on the list; any server on the database may take its parts. Rows and tasks are of
   * one transaction: a server that dies in between leaves neither.
   */
  @Transactional
  public UUID start(LongRunKind kind, String request) {
    Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
    runs.findAll().stream()
        .filter(run -> run.startedAt().isBefore(now.minus(KEPT)))
        .forEach(runs::delete);
    UUID id = UUID.randomUUID();
    runs.save(new LongRun(id, kind.name(), request, kind.parts(), now));
    for (int part = 0; part < kind.parts(); part++) {
      parts.save(new LongRunPart(id, part));
      String which = id + "/" + part;
      scheduler.schedule(LongRunScheduler.PART.instance(which).data(which).scheduledTo(now));
    }
    return id;
  }

  /** The run of this kind that was asked the same, or else a new one. */
  @Transactional
  public UUID startOnce(LongRunKind kind, String request) {
    JsonNode asked = json.readTree(request);
    return runs.findAll().stream()
        .filter(run -> run.kind().equals(kind.name()) && !run.cancelled() && !run.failed())
        .filter(run -> json.readTree(run.request()).equals(asked))
        .map(LongRun::id)
        .findFirst()
        .orElseGet(() -> start(kind, request));
  }

  @Transactional
  public void cancel(UUID id) {
    find(id).cancel();
  }

  @Transactional(readOnly = true)
  public RunState state(UUID id) {
    LongRun run = find(id);
    List<LongRunPart> all = parts.findByKeyRunIdOrderByKeyNumber(id);
    boolean done = all.stream().allMatch(p -> p.doneAt() != null);
    Instant end =
        all.stream()
            .map(LongRunPart::doneAt)
            .filter(Objects::nonNull)
            .max(Comparator.naturalOrder())
            .filter(at -> done)
            .orElse(Instant.now());
    Status status =
        run.cancelled()
            ? Status.CANCELLED
            : run.failed() ? Status.FAILED : done ? Status.DONE : Status.RUNNING;
    return new RunState(
        run.request(),
        status,
        all.stream().mapToDouble(LongRunPart::share).average().orElse(0),
        all.stream().mapToLong(LongRunPart::tried).sum(),
        Duration.between(run.startedAt(), end).toMillis() / 1000.0,
        all.stream().map(LongRunPart::result).filter(Objects::nonNull).toList());
  }

  private LongRun find(UUID id) {
    return runs.findById(id).orElseThrow(() -> new UnknownThingException("there is no run " + id));
  }
}
