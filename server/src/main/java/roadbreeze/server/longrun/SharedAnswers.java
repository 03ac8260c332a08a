package roadbreeze.server.longrun;

import java.time.Duration;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Questions that were asked at one server and are asked again at another: when somebody asked last,
 * and the answer as soon as the first server has it. Without a database each server is on its own.
 */
@Component
class SharedAnswers {
  private static final Logger LOG = LoggerFactory.getLogger(SharedAnswers.class);

  private static final Duration LOOK_EACH = Duration.ofMillis(100);

  /** Answers that nobody has fetched are kept so long. */
  private static final int KEPT_S = 60;

  private final JdbcTemplate sql;
  private final JsonMapper json;

  SharedAnswers(DataSource database, JsonMapper json) {
    this.sql = new JdbcTemplate(database);
    this.json = json;
  }

  /**
   * What is known of a question of another server.
   *
   * @param answer as JSON; null where there is none yet
   */
  record Known(String answer, boolean failed) {}

  /** Others may be asked for it from now on. */
  void share(UUID id) {
    quietly(() -> sql.update("insert into question (id, asked_at) values (?, now())", id));
  }

  void answered(UUID id, Object answer) {
    quietly(
        () ->
            sql.update(
                "update question set answer = ? where id = ?",
                json.writeValueAsString(answer),
                id));
  }

  /** Whoever asks for it asks it anew, and is told why where it is worked out. */
  void failed(UUID id) {
    quietly(() -> sql.update("update question set failed = true where id = ?", id));
  }

  void gone(UUID id) {
    quietly(() -> sql.update("delete from question where id = ?", id));
  }

  /** What is known of it after so long at most; empty if nobody knows it. */
  Optional<Known> look(UUID id, Duration patience) throws InterruptedException {
    long until = System.nanoTime() + patience.toNanos();
    try {
      while (true) {
        List<Known> known =
            sql.query(
                "update question set asked_at = now() where id = ? returning answer, failed",
                (row, i) -> new Known(row.getString(1), row.getBoolean(2)),
                id);
        if (known.isEmpty()) {
          return Optional.empty();
        }
        boolean done = known.get(0).answer() != null || known.get(0).failed();
        if (done || System.nanoTime() > until) {
          return Optional.of(known.get(0));
        }
        Thread.sleep(LOOK_EACH.toMillis());
      }
    } catch (DataAccessException e) {
      return Optional.empty();
    }
  }

  /** Those of these that somebody has asked another server for within so long. */
  Set<UUID> askedElsewhere(Collection<UUID> ids, Duration within) {
    Set<UUID> asked = new HashSet<>();
    quietly(
        () -> {
          asked.addAll(
              sql.queryForList(
                  "select id from question where id = any (?)"
                      + " and asked_at > now() - make_interval(secs => ?)",
                  UUID.class,
                  ids.toArray(new UUID[0]),
                  within.toMillis() / 1000.0));
        });
    return asked;
  }

  /** Also of servers that died, and of what nobody came back for. */
  @Scheduled(fixedDelay = KEPT_S, timeUnit = TimeUnit.SECONDS)
  void forget() {
    quietly(
        () ->
            sql.update(
                "delete from question where asked_at < now() - make_interval(secs => ?)", KEPT_S));
  }

  private static void quietly(Runnable work) {
    try {
      work.run();
    } catch (DataAccessException e) {
      LOG.debug("questions are not shared for a while: {}", e.getMessage());
    }
  }
}
