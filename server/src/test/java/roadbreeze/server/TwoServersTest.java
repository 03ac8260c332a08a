package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import roadbreeze.server.finder.FinderRequest;
import roadbreeze.server.finder.FinderService;
import roadbreeze.server.finder.FinderState;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.LongRunKind;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;

/** Two servers on one database share a search, and the one left finishes what the other began. */
class TwoServersTest {
  private String url;
  private ConfigurableApplicationContext first;
  private ConfigurableApplicationContext second;

  @BeforeEach
  void start() {
    url = TestDatabase.create("two_servers_test");
    first = server();
    second = server();
  }

  @AfterEach
  void stop() {
    first.close();
    second.close();
  }

  private ConfigurableApplicationContext server() {
    return new SpringApplicationBuilder(RoadBreeze.class)
        .profiles("demo")
        .run(
            "--server.port=0",
            "--spring.datasource.url=" + url,
            "--spring.datasource.username=" + TestDatabase.USER,
            "--spring.datasource.password=");
  }

  private static FinderRequest request(ConfigurableApplicationContext server, boolean packs) {
    JobContent hive =
        Jobs.all(server.getBean(JobService.class)).stream()
            .map(job -> job.content())
            .filter(content -> content.about().name().equals("Hive utility"))
            .findFirst()
            .orElseThrow();
    return new FinderRequest(hive, Jobs.RESTORED, 1200, 30, 80, packs, packs, false, false);
  }

  private static FinderState await(
      ConfigurableApplicationContext server, UUID id, Predicate<FinderState> wanted)
      throws InterruptedException {
    for (int i = 0; i < 900; i++) {
      FinderState state = server.getBean(FinderService.class).state(id);
      if (wanted.test(state)) {
        return state;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("the search does not come so far");
  }

  @Test
  void bothTakeTheirShareAndAnyAnswers() throws Exception {
    UUID id = first.getBean(FinderService.class).start(request(first, true));
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.picks()).isNotEmpty();
    List<String> workers =
        second
            .getBean(JdbcTemplate.class)
            .queryForList("select distinct done_by from long_run_part", String.class);
    assertThat(workers).hasSize(2);
  }

  @Test
  void whatOneLeavesUndoneTheOtherFinishes() throws Exception {
    UUID id = first.getBean(FinderService.class).start(request(first, true));
    await(first, id, s -> s.tried() > 0);
    first.close();
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.share()).isEqualTo(1);
    assertThat(done.picks()).isNotEmpty();
  }

  @Test
  void aCancelledSearchStopsOnEveryServer() throws Exception {
    UUID id = first.getBean(FinderService.class).start(request(first, true));
    await(first, id, s -> s.tried() > 0);
    second.getBean(FinderService.class).cancel(id);
    long tried = first.getBean(FinderService.class).state(id).tried();
    Thread.sleep(1500);
    FinderState later = first.getBean(FinderService.class).state(id);
    assertThat(later.status()).isEqualTo(LongRuns.Status.CANCELLED);
    Thread.sleep(1000);
    assertThat(first.getBean(FinderService.class).state(id).tried()).isEqualTo(later.tried());
    assertThat(later.tried()).isGreaterThanOrEqualTo(tried);
  }

  /** A part and the task that works it are written together, or not at all. */
  @Test
  void noRunIsLeftWithoutAnybodyToWorkIt() {
    JdbcTemplate db = first.getBean(JdbcTemplate.class);
    TransactionTemplate transaction =
        new TransactionTemplate(first.getBean(PlatformTransactionManager.class));
    Integer tasks =
        transaction.execute(
            status -> {
              first.getBean(FinderService.class).start(request(first, false));
              status.setRollbackOnly(); // as if the server died before it said so
              return db.queryForObject("select count(*) from scheduled_tasks", Integer.class);
            });
    assertThat(tasks).isEqualTo(first.getBean("finderWork", LongRunKind.class).parts());
    assertThat(db.queryForObject("select count(*) from scheduled_tasks", Integer.class)).isZero();
    assertThat(db.queryForObject("select count(*) from long_run", Integer.class)).isZero();
  }

  /** A search keeps the shelves it was asked with. */
  @Test
  void anImportDuringASearchDoesNotShiftIt() throws Exception {
    UUID quiet = first.getBean(FinderService.class).start(request(first, false));
    FinderState before = await(first, quiet, s -> s.status() == LongRuns.Status.DONE);
    UUID id = first.getBean(FinderService.class).start(request(first, true));
    await(first, id, s -> s.tried() > 0);
    first
        .getBean(PartsService.class)
        .take(
            PartKind.OIL_COOLERS,
            ("code,name,family,width_mm,height_mm,depth_mm,fins_per_inch,tube_pitch_mm,passes,"
                    + "port_bore_mm,ports,bypass_opens_c,price\n"
                    + "AA-1,Too good,STACKED_PLATE,300,200,32,14,10.5,1,12.7,barb,,1\n")
                .getBytes(java.nio.charset.StandardCharsets.UTF_8));
    FinderState done = await(second, id, s -> s.status() == LongRuns.Status.DONE);
    assertThat(done.picks().toString()).doesNotContain("AA-1");
    assertThat(first.getBean(FinderService.class).state(quiet).picks()).isEqualTo(before.picks());
  }
}
