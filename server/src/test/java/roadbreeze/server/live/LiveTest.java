package roadbreeze.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import roadbreeze.gauge.Gauge;
import roadbreeze.server.Api;
import roadbreeze.server.Jobs;
import roadbreeze.server.RoadBreeze;
import roadbreeze.server.TestDatabase;
import roadbreeze.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A simulated truck drives, and what its gauge says is kept, shown and watched, come what may. */
class LiveTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String DATABASE = "live_test";

  private final List<Process> processes = new ArrayList<>();
  private TestServer server;
  private Gauge gauge;
  private Api api;
  private String job;

  @BeforeEach
  void start() throws Exception {
    server = new TestServer(DATABASE);
    gauge = new Gauge(0);
    api = new Api(server);
    job = api.ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  @AfterEach
  void stop() throws Exception {
    processes.forEach(Process::destroyForcibly);
    gauge.close();
    server.close();
  }

  private static String at(int port) {
    return "127.0.0.1:" + port;
  }

  private void setOut(int port, String build, double rate, double noise) throws Exception {
    api.ok(
        "POST",
        "/api/jobs/" + job + "/simulated-drive",
        Map.of("address", at(port), "build", build, "rate", rate, "noise", noise));
  }

  private String record(int port, String build) throws Exception {
    return api.ok(
            "POST",
            "/api/jobs/" + job + "/live",
            Map.of("build", build, "name", "a drive", "address", at(port), "fromKm", 0))
        .get("id")
        .asString();
  }

  private void ask(String drive, String line) throws Exception {
    api.ok("POST", "/api/live/" + drive + "/ask", Map.of("line", line));
  }

  /** How a drive stands, as it is told to a screen of some server. */
  private static final class Screen implements AutoCloseable {
    private final List<JsonNode> said = new CopyOnWriteArrayList<>();
    private final InputStream stream;

    Screen(int port, String drive) throws Exception {
      HttpResponse<InputStream> answer =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(
                          URI.create("http://127.0.0.1:" + port + "/api/live/" + drive + "/now"))
                      .build(),
                  HttpResponse.BodyHandlers.ofInputStream());
      stream = answer.body();
      Thread reads = new Thread(this::read, "screen");
      reads.setDaemon(true);
      reads.start();
    }

    private void read() {
      try (BufferedReader lines =
          new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
          if (line.startsWith("data:")) {
            said.add(JSON.readTree(line.substring("data:".length())));
          }
        }
      } catch (IOException e) {
        // it is closed
      }
    }

    JsonNode last() {
      return said.isEmpty() ? JSON.createObjectNode() : said.get(said.size() - 1);
    }

    /** Waits until something is said; fails with the last that was. */
    JsonNode until(String what, Predicate<JsonNode> is) throws InterruptedException {
      await(what + ": " + last(), () -> !said.isEmpty() && is.test(last()), 40);
      return last();
    }

    @Override
    public void close() throws IOException {
      stream.close();
    }
  }

  private static void await(String what, BooleanSupplier is, int seconds)
      throws InterruptedException {
    for (int i = 0; i < 20 * seconds; i++) {
      if (is.getAsBoolean()) {
        return;
      }
      Thread.sleep(50);
    }
    throw new AssertionError("never: " + what);
  }

  private static boolean alarms(JsonNode now, String code) {
    for (JsonNode a : now.get("alarms")) {
      if (a.get("code").asString().equals(code)) {
        return true;
      }
    }
    return false;
  }

  private static double t(JsonNode now) {
    return now.path("t").asDouble();
  }

  /** Times of the rows that are kept of a drive's tracks, each from its beginning. */
  private List<List<Double>> kept(JdbcTemplate sql, String run) {
    List<List<Double>> tracks = new ArrayList<>();
    String rows = "run_row_" + run.replace("-", "");
    int count =
        sql.queryForObject(
            "select count(*) from run_track where run_id = ?", Integer.class, UUID.fromString(run));
    for (int track = 0; track < count; track++) {
      tracks.add(
          sql.queryForList(
              "select t from " + rows + " where track = ? order by t", Double.class, track));
    }
    return tracks;
  }

  private JdbcTemplate sql(TestServer of) {
    return new JdbcTemplate(of.bean(javax.sql.DataSource.class));
  }

  /** No row is there twice, and none is more than so far behind the one before, s. */
  private static void whole(List<Double> rows, double step) {
    assertThat(new TreeSet<>(rows)).hasSameSizeAs(rows);
    for (int i = 1; i < rows.size(); i++) {
      assertThat(rows.get(i) - rows.get(i - 1)).isLessThan(step);
    }
  }

  @Test
  void aDriveIsShownKeptLookedAheadFromAndEnded() throws Exception {
    setOut(gauge.port(), "found", 20, 0.2);
    String drive = record(gauge.port(), "found");
    assertThat(
            api.refused(
                "POST",
                "/api/jobs/" + job + "/live",
                Map.of("build", "found", "name", "b", "address", "10.0.0.1:7077", "fromKm", 0)))
        .contains("address");
    assertThat(
            api.refused(
                "POST",
                "/api/jobs/" + job + "/live",
                Map.of("build", "found", "name", "b", "address", at(gauge.port()), "fromKm", 0)))
        .contains("recorded already");
    try (Screen screen = new Screen(server.port(), drive)) {
      JsonNode now = screen.until("it drives", n -> t(n) > 60);
      assertThat(now.get("simulated").asBoolean()).isTrue();
      assertThat(now.get("coolantC").asDouble()).isBetween(70.0, 120.0);
      assertThat(now.get("placeKm").asDouble()).isBetween(0.5, 3.0);
      // This truck has not enough for that road: it is said before the climb, at its limit it is
      // alarmed.
      JsonNode said =
          screen.until(
              "advice", n -> !n.path("advice").isMissingNode() && !n.get("advice").isNull());
      assertThat(said.get("headroomK").asDouble()).isPositive();
      assertThat(said.get("aheadK").asDouble()).isNegative();
      screen.until("over", n -> alarms(n, "alarmSays.overItsLimit"));
      // Ten times a second, but for what a slow machine leaves out.
      int before = screen.said.size();
      Thread.sleep(2000);
      assertThat(screen.said.size() - before).isBetween(6, 40);
      api.ok("DELETE", "/api/live/" + drive, null);
      screen.until("ended", n -> n.get("link").asString().equals("ENDED"));
    }
    JsonNode live = api.get("/api/live/" + drive).get("drive");
    await("ended", () -> ended(drive), 10);
    JsonNode run = api.get("/api/runs/" + live.get("run").asString());
    List<Double> rows = kept(sql(server), live.get("run").asString()).get(0);
    assertThat(run.at("/tracks/0/rows").asInt()).isEqualTo(rows.size()).isGreaterThan(100);
    whole(rows, 3);
    // It is a run like any other: drawn, read, and used up oil.
    JsonNode picture =
        api.get("/api/runs/" + live.get("run").asString() + "/picture?from=0&to=3000&most=40");
    assertThat(picture.at("/tracks/0/t").size()).isBetween(3, 40);
    JsonNode score = api.get("/api/live/" + drive + "/score");
    assertThat(score.at("/driven/overS").asDouble()).isPositive();
    assertThat(score.at("/best/headroomK").asDouble())
        .isGreaterThanOrEqualTo(score.at("/usual/headroomK").asDouble());
    assertThat(score.get("kmDriven").asDouble()).isLessThan(score.get("roadKm").asDouble());
  }

  private boolean ended(String drive) {
    try {
      return !api.get("/api/live/" + drive).at("/drive/endedAt").isNull();
    } catch (IOException e) {
      return false;
    }
  }

  @Test
  void whatIsWrongWithAGaugeIsSaidAndNotShown() throws Exception {
    setOut(gauge.port(), "plan-3", 10, 0);
    String drive = record(gauge.port(), "plan-3");
    try (Screen screen = new Screen(server.port(), drive)) {
      JsonNode well = screen.until("it drives", n -> t(n) > 60);
      double pan = well.get("panC").asDouble();
      ask(drive, "fault units");
      JsonNode units = screen.until("units", n -> alarms(n, "alarmSays.unitChanged"));
      assertThat(units.get("panC").isNull() ? pan : units.get("panC").asDouble())
          .isBetween(pan - 10, pan + 10);
      screen.until("stale", n -> n.get("stale").toString().contains("pan"));
      ask(drive, "fault none");
      for (String nonsense : List.of("wheel fan=abc", "wheel fan", "drive {}", "wheel fan=1\ngo")) {
        assertThat(api.refused("POST", "/api/live/" + drive + "/ask", Map.of("line", nonsense)))
            .contains("line");
      }
      screen.until("well again", n -> n.get("alarms").isEmpty() && n.get("stale").isEmpty());
      // Chaff over the cores: the gauge is hotter than this truck should be.
      ask(drive, "fault core 0.35");
      screen.until("parts", n -> alarms(n, "alarmSays.hotterThanItShould"));
      ask(drive, "fault none");
      ask(drive, "fault dropout 0.5");
      double before = t(screen.last());
      screen.until("goes on", n -> t(n) > before + 20);
      ask(drive, "hold");
      screen.until("silent", n -> n.get("link").asString().equals("SILENT"));
      api.ok("DELETE", "/api/live/" + drive, null);
    }
    await("ended", () -> ended(drive), 10);
    String run = api.get("/api/live/" + drive).at("/drive/run").asString();
    JsonNode marks = api.get("/api/runs/" + run).at("/tracks/0/body/marks");
    assertThat(marks.toString()).contains("IMPOSSIBLE");
  }

  @Test
  void whatHappensToGaugeAndDatabaseLosesNothingThatWasSaid() throws Exception {
    setOut(gauge.port(), "plan-3", 5, 0);
    String drive = record(gauge.port(), "plan-3");
    try (Screen screen = new Screen(server.port(), drive)) {
      screen.until("it drives", n -> t(n) > 10);
      // The line is cut: it connects again and asks for what it missed.
      ask(drive, "fault cut");
      double cut = t(screen.last());
      screen.until("goes on", n -> t(n) > cut + 15);
      assertThat(screen.last().get("lostS").asDouble()).isZero();
      // The database is away: it is shown on, and said.
      TestDatabase.shut(DATABASE);
      double shut = t(screen.last());
      JsonNode away = screen.until("not kept", n -> n.get("notKeptS").asDouble() > 3);
      assertThat(t(away)).isGreaterThan(shut);
      TestDatabase.open(DATABASE);
      screen.until("kept again", n -> n.get("notKeptS").asDouble() == 0);
      // The gauge itself dies: what comes after is a drive of its own, and what lies between is
      // said.
      int port = gauge.port();
      gauge.close();
      screen.until("away", n -> n.get("link").asString().equals("AWAY"));
      gauge = new Gauge(port);
      setOut(port, "plan-3", 5, 0);
      screen.until("lives again", n -> n.get("link").asString().equals("LIVE") && t(n) > 5);
      assertThat(screen.last().get("lostS").asDouble()).isPositive();
      api.ok("DELETE", "/api/live/" + drive, null);
    }
    await("ended", () -> ended(drive), 20);
    String run = api.get("/api/live/" + drive).at("/drive/run").asString();
    List<List<Double>> tracks = kept(sql(server), run);
    assertThat(tracks).hasSize(2);
    tracks.forEach(rows -> whole(rows, 0.75));
    JsonNode kept = api.get("/api/runs/" + run).get("tracks");
    assertThat(kept.get(1).get("offsetS").asDouble())
        .isGreaterThanOrEqualTo(kept.get(0).get("seconds").asDouble());
  }

  @Test
  void anotherServerGoesOnWithWhatADeadOneHeld() throws Exception {
    setOut(gauge.port(), "plan-3", 5, 0);
    // A server of its own process holds the drive: the one of this test is told to let it.
    Process other = process(RoadBreeze.class.getName(), "--server.port=0");
    String drive;
    try (Screen screen = begun(other)) {
      drive = screen.last().get("drive").asString();
      screen.until("seen from here", n -> t(n) > 10);
      other.destroyForcibly().waitFor(); // SIGKILL
      double died = t(screen.last());
      JsonNode on = screen.until("gone on with", n -> t(n) > died + 5);
      assertThat(on.get("lostS").asDouble()).isLessThanOrEqualTo(1);
      api.ok("DELETE", "/api/live/" + drive, null);
    }
    await("ended", () -> ended(drive), 20);
    String run = api.get("/api/live/" + drive).at("/drive/run").asString();
    List<List<Double>> tracks = kept(sql(server), run);
    assertThat(tracks).hasSize(1);
    // The gauge still had what nobody had kept.
    whole(tracks.get(0), 0.75);
  }

  private Process process(String main, String... args) throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                new File(System.getProperty("java.home"), "bin/java").getPath(),
                "-Xmx300m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                main,
                "--spring.datasource.url=" + System.getenv("ROADBREEZE_TEST_DB") + "/" + DATABASE,
                "--spring.datasource.username=" + TestDatabase.USER,
                "--spring.datasource.password="));
    command.addAll(List.of(args));
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    processes.add(process);
    return process;
  }

  /** A drive that the other process holds, seen from the server of this test. */
  private Screen begun(Process other) throws Exception {
    JdbcTemplate sql = sql(server);
    // Whoever asks first holds it: this server stands back until the other one does.
    LiveKeeper here = server.bean(LiveKeeper.class);
    here.stop();
    String drive =
        server
            .bean(LiveDrives.class)
            .begin(UUID.fromString(job), "plan-3", "a drive", at(gauge.port()), 0)
            .id()
            .toString();
    await(
        "the other server holds it",
        () ->
            other.isAlive()
                && sql.queryForObject(
                        "select gauge_row from live_drive where id = ?",
                        Long.class,
                        UUID.fromString(drive))
                    > 0,
        60);
    here.start();
    Screen screen = new Screen(server.port(), drive);
    screen.until("it is told here", n -> t(n) > 0);
    return screen;
  }
}
