package roadbreeze.server.longrun;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The scheduler that shares parts of long runs among the servers on one database. */
@Configuration
class LongRunScheduler {
  static final TaskDescriptor<String> PART = TaskDescriptor.of("long-run-part", String.class);

  /** A server silent for four of these is taken for dead and its parts are done again. */
  private static final Duration HEARTBEAT = Duration.ofSeconds(5);

  /** A database that was away for a moment is asked again; after these the run has failed. */
  private static final int RETRIES = 6;

  private static final Duration RETRY_AFTER = Duration.ofSeconds(5);

  private static final Duration POLL = Duration.ofMillis(500);

  /** Tells servers apart that share a database, even on one machine. */
  @Bean
  SchedulerName serverName() {
    return new SchedulerName.Fixed(UUID.randomUUID().toString());
  }

  @Bean(destroyMethod = "stop")
  Scheduler scheduler(
      DataSource source, SchedulerName serverName, ObjectProvider<LongRunWorker> worker) {
    OneTimeTask<String> part =
        Tasks.oneTime(PART)
            .onFailure(
                new FailureHandler.MaxRetriesFailureHandler<>(
                    RETRIES,
                    new FailureHandler.OnFailureRetryLater<>(RETRY_AFTER),
                    (complete, operations) ->
                        worker
                            .getObject()
                            .giveUp((String) complete.getExecution().taskInstance.getData())))
            .execute((instance, context) -> worker.getObject().work(instance.getData()));
    // Tasks are written in the transaction that writes the run they belong to.
    return Scheduler.create(new TransactionAwareDataSourceProxy(source), part)
        .schedulerName(serverName)
        .threads(Runtime.getRuntime().availableProcessors())
        .pollingInterval(POLL)
        .heartbeatInterval(HEARTBEAT)
        .shutdownMaxWait(Duration.ofSeconds(2))
        .enableImmediateExecution()
        .build();
  }

  @Bean
  ApplicationRunner startScheduler(Scheduler scheduler) {
    return (ApplicationArguments args) -> scheduler.start();
  }
}
