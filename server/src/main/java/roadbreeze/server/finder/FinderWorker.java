package roadbreeze.server.finder;

import com.github.kagkarlsson.scheduler.SchedulerName;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import roadbreeze.core.finder.Result;
import roadbreeze.core.finder.Search;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.sizing.Assessor;
import tools.jackson.databind.json.JsonMapper;

/** Works one part of a search and keeps its progress where every server sees it. */
@Component
class FinderWorker {
  private static final Logger LOG = LoggerFactory.getLogger(FinderWorker.class);
  private static final long TELL_EVERY_MS = 400;

  private final FinderRunRepository runs;
  private final FinderPartRepository parts;
  private final PartsService catalogue;
  private final Assessor assessor;
  private final SchedulerName serverName;
  private final JsonMapper json;
  private final TransactionTemplate transaction;

  FinderWorker(
      FinderRunRepository runs,
      FinderPartRepository parts,
      PartsService catalogue,
      Assessor assessor,
      SchedulerName serverName,
      JsonMapper json,
      PlatformTransactionManager transactions) {
    this.runs = runs;
    this.parts = parts;
    this.catalogue = catalogue;
    this.assessor = assessor;
    this.serverName = serverName;
    this.json = json;
    transaction = new TransactionTemplate(transactions);
  }

  /**
   * @param which run and part, as in {@code 3f0e…/4}
   */
  void work(String which) {
    int slash = which.indexOf('/');
    UUID id = UUID.fromString(which.substring(0, slash));
    int part = Integer.parseInt(which.substring(slash + 1));
    FinderRun run = runs.findById(id).orElse(null);
    if (run == null || run.cancelled()) {
      return; // removed or given up in the meantime
    }
    Search search =
        new SearchSpace(json.readValue(run.request(), FinderRequest.class))
            .search(catalogue, assessor)
            .part(part, run.parts());
    long steps = (long) search.packs().size() * (search.coolers().size() + 1);
    AtomicLong step = new AtomicLong();
    AtomicLong told = new AtomicLong(System.nanoTime());
    AtomicBoolean cancelled = new AtomicBoolean();
    Result result =
        search.run(
            tried -> {
              double share = Math.min(1, step.incrementAndGet() / (double) steps);
              if (System.nanoTime() - told.get() > TELL_EVERY_MS * 1_000_000) {
                told.set(System.nanoTime());
                cancelled.set(tell(id, part, tried, share));
              }
            },
            () -> cancelled.get() || Thread.currentThread().isInterrupted());
    if (Thread.currentThread().isInterrupted()) {
      throw new IllegalStateException("this server is stopping; another takes part " + which);
    }
    String found = json.writeValueAsString(result);
    Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
    transaction.executeWithoutResult(
        status ->
            parts
                .findById(new FinderPart.Key(id, part))
                .ifPresent(p -> p.finish(found, result.tried(), now, serverName.getName())));
    LOG.debug("part {} of search {}: {} candidates", part, id, result.tried());
  }

  /** A part that fails again and again ends its search, in words rather than in silence. */
  void giveUp(String which) {
    UUID id = UUID.fromString(which.substring(0, which.indexOf('/')));
    LOG.error("search {} is given up: part {} failed again and again", id, which);
    transaction.executeWithoutResult(status -> runs.findById(id).ifPresent(FinderRun::fail));
  }

  /** Writes progress down; true if nobody wants the search any more. */
  private boolean tell(UUID id, int part, long tried, double share) {
    return Boolean.TRUE.equals(
        transaction.execute(
            status -> {
              parts.findById(new FinderPart.Key(id, part)).ifPresent(p -> p.progress(tried, share));
              return runs.findById(id).map(FinderRun::cancelled).orElse(true);
            }));
  }
}
