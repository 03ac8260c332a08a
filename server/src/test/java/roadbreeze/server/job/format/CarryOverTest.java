package roadbreeze.server.job.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.server.Jobs;
import roadbreeze.server.RoadBreeze;
import roadbreeze.server.TestDatabase;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.job.About;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.GearboxBypass;
import tools.jackson.databind.json.JsonMapper;

/** Databases that earlier releases have made open in this one with all that was in them. */
class CarryOverTest {
  private static ConfigurableApplicationContext open(String dump, String name) throws Exception {
    String url = TestDatabase.create(name);
    String sql =
        new ClassPathResource("formats/" + dump + ".sql")
            .getContentAsString(StandardCharsets.UTF_8);
    try (Connection db = DriverManager.getConnection(url, TestDatabase.USER, "");
        Statement statement = db.createStatement()) {
      statement.execute(sql);
    }
    return new SpringApplicationBuilder(RoadBreeze.class)
        .run(
            "--server.port=0",
            "--spring.datasource.url=" + url,
            "--spring.datasource.username=" + TestDatabase.USER,
            "--spring.datasource.password=");
  }

  private static JobContent named(List<Job> jobs, String name) {
    return jobs.stream()
        .map(Job::content)
        .filter(c -> c.about().name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aDatabaseOfTheReleaseBeforeIsTakenOverWhole() throws Exception {
    try (ConfigurableApplicationContext app = open("database-1", "carry_over_1_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(5);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.before(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.before(Jobs.TILT_TRAY));
      assertThat(named(jobs, "Bucket truck")).isEqualTo(Jobs.before(Jobs.BUCKET));
      // The crowded one is what its own file says.
      JobFormat format = app.getBean(JobFormat.class);
      JobContent file =
          format.read(
              JsonMapper.shared()
                  .readTree(new ClassPathResource("formats/crowded-1.json").getInputStream()));
      assertThat(named(jobs, "Crowded")).isEqualTo(file);
      assertThat(app.getBean(PartsService.class).all(PartKind.OIL_COOLERS)).hasSize(44);
    }
  }

  @Test
  void bodiesOfShapeTwoAreUpgradedWhereTheyStand() throws Exception {
    try (ConfigurableApplicationContext app = open("database-2", "carry_over_2_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(4);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.carried(Jobs.HIVE));
      JobContent tray = Jobs.carried(Jobs.TILT_TRAY);
      tray = Jobs.with(tray, "rig.vehicle.engine.idleRpm", 720);
      // Open before it started: that was taken to be at once.
      tray = Jobs.with(tray, "rig.vehicle.gearbox.bypass", new GearboxBypass(65, 66));
      tray = Jobs.with(tray, "builds.found.bypassPinned", true);
      tray = Jobs.with(tray, "builds.restored.bypassPinned", true);
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(tray);
    }
  }

  @Test
  void traversesOfShapeThreeNameTheirFan() throws Exception {
    try (ConfigurableApplicationContext app = open("database-3", "carry_over_3_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(3);
      assertThat(named(jobs, "Hive utility"))
          .isEqualTo(
              Jobs.with(noticed(Jobs.HIVE), "rig.traverses", List.of(FormatsTest.readBefore())));
      // Read in free air it corrects nothing; a factor without readings is dropped, and said.
      AirTraverse free = named(jobs, "Tilt-tray").rig().traverses().get(0);
      assertThat(free.part()).isEqualTo(Jobs.TILT_TRAY.build("restored").fans().get(0).part());
      assertThat(free.factor()).isNull();
      assertThat(named(jobs, "Plough pickup")).isEqualTo(noticed(Jobs.PLOUGH));
    }
  }

  private static JobContent noticed(JobContent job) {
    return Jobs.with(Jobs.held(job), "about.notices", List.of(About.Notice.TRAVERSES_NAME_FANS));
  }

  @Test
  void haulsOfShapeFourAreTheirWorstStretch() throws Exception {
    try (ConfigurableApplicationContext app = open("database-4", "carry_over_4_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(3);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.held(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.held(Jobs.TILT_TRAY));
    }
  }

  @Test
  void nosesOfShapeFiveAreOutlinesThroughTheOpening() throws Exception {
    try (ConfigurableApplicationContext app = open("database-5", "carry_over_5_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.flat(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.flat(Jobs.TILT_TRAY));
    }
  }

  @Test
  void hosesOfShapeSixHaveNoWay() throws Exception {
    try (ConfigurableApplicationContext app = open("database-6", "carry_over_6_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unrouted(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unrouted(Jobs.TILT_TRAY));
    }
  }

  @Test
  void fansOfShapeSevenStandAsTheyStood() throws Exception {
    try (ConfigurableApplicationContext app = open("database-7", "carry_over_7_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unseated(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unseated(Jobs.TILT_TRAY));
    }
  }

  @Test
  void soIsOneOfTheVeryFirstRelease() throws Exception {
    try (ConfigurableApplicationContext app = open("database-0", "carry_over_0_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      JobContent hive = named(jobs, "Hive utility");
      JobFormat format = app.getBean(JobFormat.class);
      JobContent file =
          format.read(
              JsonMapper.shared()
                  .readTree(new ClassPathResource("formats/hive-utility-0.json").getInputStream()));
      assertThat(hive).isEqualTo(file);
      assertThat(Verdict.of(hive, hive.builds().get(2)).coolant().peakC()).isBetween(121.3, 121.5);
      // Saved again it is a job like any other.
      app.getBean(JobService.class)
          .save(jobs.get(0).id(), jobs.get(0).haul().version(), jobs.get(0).haul().body());
    }
  }

  @Test
  void radiatorsOfShapeEightHaveNoSeat() throws Exception {
    try (ConfigurableApplicationContext app = open("database-8", "carry_over_8_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unmeasured(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unmeasured(Jobs.TILT_TRAY));
    }
  }

  @Test
  void mountingsOfShapeNineHaveNoChannel() throws Exception {
    try (ConfigurableApplicationContext app = open("database-9", "carry_over_9_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unwired(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unwired(Jobs.TILT_TRAY));
    }
  }

  @Test
  void buildsOfShapeTenAreWiredAsProposed() throws Exception {
    try (ConfigurableApplicationContext app = open("database-10", "carry_over_10_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unwired(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unwired(Jobs.TILT_TRAY));
    }
  }

  @Test
  void workOfShapeElevenIsGoneAboutAsUsual() throws Exception {
    try (ConfigurableApplicationContext app = open("database-11", "carry_over_11_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unordered(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unordered(Jobs.TILT_TRAY));
    }
  }

  @Test
  void ofJobsOfShapeTwelveNothingIsMeasuredThatCameOut() throws Exception {
    try (ConfigurableApplicationContext app = open("database-12", "carry_over_12_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unfilled(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unfilled(Jobs.TILT_TRAY));
    }
  }

  @Test
  void ofJobsOfShapeThirteenNoProbeIsHeld() throws Exception {
    try (ConfigurableApplicationContext app = open("database-13", "carry_over_13_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.unheld(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.unheld(Jobs.TILT_TRAY));
    }
  }

  @Test
  void jobsOfShapeFourteenAreTunedByNoDrive() throws Exception {
    try (ConfigurableApplicationContext app = open("database-14", "carry_over_14_test")) {
      List<Job> jobs = Jobs.all(app.getBean(JobService.class));
      assertThat(jobs).hasSize(2);
      assertThat(named(jobs, "Hive utility")).isEqualTo(Jobs.calledByUnits(Jobs.HIVE));
      assertThat(named(jobs, "Tilt-tray")).isEqualTo(Jobs.calledByUnits(Jobs.TILT_TRAY));
    }
  }
}
