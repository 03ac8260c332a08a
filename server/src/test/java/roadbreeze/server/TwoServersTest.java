package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import roadbreeze.server.finder.FinderRequest;
import roadbreeze.server.finder.FinderService;
import roadbreeze.server.finder.FinderState;
import roadbreeze.server.longrun.LongRunKind;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;

/** Two servers on one database share a search, and the one left finishes what the other began. */
@TestInstance(Lifecycle.PER_CLASS)
class TwoServersTest {
  private TestServer first;
  private TestServer second;

  @BeforeAll
  void start() {
    first = new TestServer("two_servers_test");
    second = first.another();
  }

  @AfterAll
  void stop() {
    first.close();
    second.close();
  }

  private static FinderRequest request(boolean packs) {
    return new FinderRequest(Jobs.HIVE, Jobs.RESTORED, 1200, 30, 80, packs, packs, false, false);
  }

  private static FinderState await(TestServer server, UUID id, Predicate<FinderState> wanted)
      throws InterruptedException {
    for (int i = 0; i < 900; i++) {
      FinderState state = server.bean(FinderService.class).state(id);
      if (wanted.test(state)) {
        return state;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("the search does not come so far");
  }

  @Test
  void bothTakeTheirShareAndAnyAnswers() throws Exception {
    UUID id = first.bean(FinderService.class).start(request(true));
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.picks()).isNotEmpty();
    List<String> workers =
        second
            .bean(JdbcTemplate.class)
            .queryForList(
                "select distinct done_by from long_run_part where run_id = ?", String.class, id);
    assertThat(workers).hasSize(2);
  }

  @Test
  void whatOneLeavesUndoneTheOtherFinishes() throws Exception {
    TestServer leaving = first.another();
    UUID id = leaving.bean(FinderService.class).start(request(true));
    await(leaving, id, s -> s.tried() > 0);
    leaving.close();
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.share()).isEqualTo(1);
    assertThat(done.picks()).isNotEmpty();
  }

  @Test
  void aCancelledSearchStopsOnEveryServer() throws Exception {
    UUID id = first.bean(FinderService.class).start(request(true));
    await(first, id, s -> s.tried() > 0);
    second.bean(FinderService.class).cancel(id);
    long tried = first.bean(FinderService.class).state(id).tried();
    Thread.sleep(1500);
    FinderState later = first.bean(FinderService.class).state(id);
    assertThat(later.status()).isEqualTo(LongRuns.Status.CANCELLED);
    Thread.sleep(1000);
    assertThat(first.bean(FinderService.class).state(id).tried()).isEqualTo(later.tried());
    assertThat(later.tried()).isGreaterThanOrEqualTo(tried);
  }

  /** A part and the task that works it are written together, or not at all. */
  @Test
  void noRunIsLeftWithoutAnybodyToWorkIt() {
    JdbcTemplate db = first.bean(JdbcTemplate.class);
    int runs = rows(db, "long_run");
    int waiting = rows(db, "scheduled_tasks");
    TransactionTemplate transaction =
        new TransactionTemplate(first.bean(PlatformTransactionManager.class));
    int tasks =
        transaction.execute(
            status -> {
              first.bean(FinderService.class).start(request(false));
              status.setRollbackOnly(); // as if the server died before it said so
              return rows(db, "scheduled_tasks") - waiting;
            });
    assertThat(tasks).isEqualTo(first.bean("finderWork", LongRunKind.class).parts());
    assertThat(rows(db, "scheduled_tasks")).isEqualTo(waiting);
    assertThat(rows(db, "long_run")).isEqualTo(runs);
  }

  private static int rows(JdbcTemplate db, String table) {
    return db.queryForObject("select count(*) from " + table, Integer.class);
  }

  /** A search keeps the shelves it was asked with. */
  @Test
  void anImportDuringASearchDoesNotShiftIt() throws Exception {
    UUID quiet = first.bean(FinderService.class).start(request(false));
    FinderState before = await(first, quiet, s -> s.status() == LongRuns.Status.DONE);
    UUID id = first.bean(FinderService.class).start(request(true));
    await(first, id, s -> s.tried() > 0);
    first
        .bean(PartsService.class)
        .take(
            PartKind.OIL_COOLERS,
            ("code,name,family,width_mm,height_mm,depth_mm,fins_per_inch,tube_pitch_mm,passes,"
                    + "port_bore_mm,ports,bypass_opens_c,price\n"
                    + "AA-1,Too good,STACKED_PLATE,300,200,32,14,10.5,1,12.7,barb,,1\n")
                .getBytes(java.nio.charset.StandardCharsets.UTF_8));
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.picks().toString()).doesNotContain("AA-1");
    assertThat(first.bean(FinderService.class).state(quiet).picks()).isEqualTo(before.picks());
  }
}
