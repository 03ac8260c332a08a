package roadbreeze.server.longrun;

import com.github.kagkarlsson.scheduler.SchedulerName;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Works one part of a run and keeps its progress where every server sees it. */
@Component
class LongRunWorker {
  private static final Logger LOG = LoggerFactory.getLogger(LongRunWorker.class);
  private static final long TELL_EVERY_NS = 400_000_000;

  private final LongRunRepository runs;
  private final LongRunPartRepository parts;
  private final List<LongRunKind> kinds;
  private final SchedulerName serverName;
  private final TransactionTemplate transaction;

  LongRunWorker(
      LongRunRepository runs,
      LongRunPartRepository parts,
      List<LongRunKind> kinds,
      SchedulerName serverName,
      PlatformTransactionManager transactions) {
    this.runs = runs;
    this.parts = parts;
    this.kinds = kinds;
    this.serverName = serverName;
    transaction = new TransactionTemplate(transactions);
  }

  /**
   * @param which run and part, as in {@code 3f0e…/4}
   */
  void work(String which) {
    int slash = which.indexOf('/');
    UUID id = UUID.fromString(which.substring(0, slash));
    int part = Integer.parseInt(which.substring(slash + 1));
    LongRun run = runs.findById(id).orElse(null);
    if (run == null || run.cancelled()) {
      return; // removed or given up in the meantime
    }
    LongRunKind kind =
        kinds.stream().filter(k -> k.name().equals(run.kind())).findFirst().orElseThrow();
    String result = kind.work(run.request(), part, new Teller(id, part));
    if (Thread.currentThread().isInterrupted()) {
      throw new IllegalStateException("this server is stopping; another takes part " + which);
    }
    Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
    transaction.executeWithoutResult(
        status ->
            parts
                .findById(new LongRunPart.Key(id, part))
                .ifPresent(p -> p.finish(result, now, serverName.getName())));
  }

  /** A part that fails again and again ends its run, in words rather than in silence. */
  void giveUp(String which) {
    UUID id = UUID.fromString(which.substring(0, which.indexOf('/')));
    LOG.error("run {} is given up: part {} failed again and again", id, which);
    transaction.executeWithoutResult(status -> runs.findById(id).ifPresent(LongRun::fail));
  }

  /** Writes progress down, not too often, and hears whether the run is still wanted. */
  private final class Teller implements LongRunKind.Progress {
    private final UUID id;
    private final int part;
    private long told = System.nanoTime();
    private boolean unwanted;

    Teller(UUID id, int part) {
      this.id = id;
      this.part = part;
    }

    @Override
    public boolean tell(long tried, double share) {
      if (share >= 1 || System.nanoTime() - told > TELL_EVERY_NS) {
        told = System.nanoTime();
        unwanted = Boolean.TRUE.equals(transaction.execute(status -> write(tried, share)));
      }
      return unwanted || Thread.currentThread().isInterrupted();
    }

    private boolean write(long tried, double share) {
      parts.findById(new LongRunPart.Key(id, part)).ifPresent(p -> p.progress(tried, share));
      return runs.findById(id).map(LongRun::cancelled).orElse(true);
    }
  }
}
