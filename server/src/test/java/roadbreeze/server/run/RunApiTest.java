package roadbreeze.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import roadbreeze.server.Api;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Logs of drives over real PostgreSQL: in, drawn, laid over each other, out, and gone. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RunApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private TestServer server;
  private Api api;
  private String job;

  @BeforeAll
  void start() throws Exception {
    server = new TestServer("run_test");
    api = new Api(server);
    job = api.ok("POST", "/api/jobs", JSON.writeValueAsString(Jobs.HIVE)).get("id").asString();
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private JsonNode run(String name) throws Exception {
    Run.RunData data =
        new Run.RunData(name, Run.Sort.BEFORE, "found", null, null, null, null, List.of(), "");
    return api.ok("POST", "/api/jobs/" + job + "/runs", JSON.writeValueAsString(data));
  }

  private String shape(String file) throws Exception {
    String head = file.substring(0, Math.min(file.length(), 60_000));
    JsonNode look = api.ok("POST", "/api/logs/look?world=METRIC", head);
    return api.ok("POST", "/api/logs/plan", look.get("plan").toString()).get("shape").asString();
  }

  private JsonNode take(JsonNode run, String name, String file) throws Exception {
    String path = "/api/runs/" + run.get("id").asString() + "/tracks?name=" + name;
    return api.ok("POST", path + "&shape=" + shape(file), file);
  }

  private static final double[] SPEEDS = speeds();

  private static double[] speeds() {
    Random random = new Random(3);
    double[] speeds = new double[3000];
    double wanted = 60;
    for (int i = 1; i < speeds.length; i++) {
      wanted = i % 80 == 0 ? random.nextDouble() * 90 : wanted;
      speeds[i] = Math.max(0, speeds[i - 1] + 0.06 * (wanted - speeds[i - 1]));
    }
    return speeds;
  }

  private static double coolant(double t) {
    return 90 + 12 * Math.sin(t / 300);
  }

  /** Ten rows a second. */
  private static String log(int rows) {
    StringBuilder text = new StringBuilder("time (s),coolant (°C),speed (km/h),=cmd()\n");
    for (int i = 0; i < rows; i++) {
      double t = i / 10.0;
      text.append(
          String.format(Locale.ROOT, "%.1f,%.3f,%.3f,%d%n", t, coolant(t), SPEEDS[(int) t], i % 5));
    }
    return text.toString();
  }

  @Test
  void aLogGoesInIsDrawnAndComesOutAgain() throws Exception {
    String file = log(20_000);
    // One peak that a coarse picture must not lose, for one row.
    file =
        file.replace(
            "1234.5," + String.format(Locale.ROOT, "%.3f", coolant(1234.5)), "1234.5,131.5");
    JsonNode run = take(run("Before"), "a.csv", file);
    JsonNode track = run.get("tracks").get(0);
    assertThat(track.get("rows").asLong()).isEqualTo(20_000);
    assertThat(track.get("seconds").asDouble()).isCloseTo(1999.9, within(1e-9));
    assertThat(track.at("/body/marked/SPIKE").asInt()).isEqualTo(1);
    String picture = "/api/runs/" + run.get("id").asString() + "/picture?from=0&to=2000&most=";
    JsonNode coarse = api.ok("GET", picture + 200, "").get("tracks").get(0);
    assertThat(coarse.get("t").size()).isBetween(20, 200);
    double high = 0;
    for (JsonNode v : coarse.get("high").get(0)) {
      high = Math.max(high, v.asDouble());
    }
    assertThat(high).isCloseTo(131.5, within(1e-4));
    // Near by it is the rows themselves.
    JsonNode fine =
        api.ok("GET", picture.replace("from=0&to=2000", "from=100&to=101") + 200, "")
            .get("tracks")
            .get(0);
    assertThat(fine.get("t")).hasSize(11);
    assertThat(fine.get("mean").get(0).get(0).asDouble()).isCloseTo(coolant(100), within(1e-3));
    // Out again: SI values in the units of the reader's world, formulas harmless.
    String csv =
        api.send(
                "GET", "/api/runs/" + run.get("id").asString() + "/tracks/0/csv?world=IMPERIAL", "")
            .body();
    // By a reader that is none of what wrote it.
    List<CsvRecord> records = CsvReader.builder().ofCsvRecord(csv).stream().toList();
    assertThat(records).hasSize(20_001);
    assertThat(records.get(0).getFields())
        .containsExactly("time (s)", "coolant (°F)", "speed (mph)", "'=cmd()");
    assertThat(Double.parseDouble(records.get(1).getField(1))).isCloseTo(194, within(1e-3));
  }

  @Test
  void theNextFileOfALoggerIsReadAsItWasConfirmed() throws Exception {
    String file = "t,oil,v\n0,70,10\n1,71,12\n2,72,14\n";
    JsonNode look = api.ok("POST", "/api/logs/look?world=METRIC", file);
    assertThat(look.get("remembered").asBoolean()).isFalse();
    assertThat(look.at("/plan/columns/1/channel").asString()).isEqualTo("OTHER");
    String confirmed =
        look.get("plan")
            .toString()
            .replace(
                "{\"name\":\"oil\",\"channel\":\"OTHER\",\"unit\":\"\"",
                "{\"name\":\"oil\",\"channel\":\"PAN\",\"unit\":\"°F\"");
    api.ok("POST", "/api/logs/plan", confirmed);
    JsonNode again = api.ok("POST", "/api/logs/look?world=METRIC", "# later\n" + file);
    assertThat(again.get("remembered").asBoolean()).isTrue();
    assertThat(again.at("/plan/columns/1/channel").asString()).isEqualTo("PAN");
    assertThat(again.at("/plan/skip").asInt()).isEqualTo(2);
  }

  @Test
  void twoRecordingsOfOneDriveAreLaidOverEachOther() throws Exception {
    JsonNode run = take(run("Two boxes"), "engine.csv", log(25_000));
    StringBuilder other = new StringBuilder("seconds;GPS speed (mph);height (m)\n");
    for (int i = 400; i < 2200; i++) {
      other.append(i - 400).append(';').append(SPEEDS[i] / 1.609344).append(";120\n");
    }
    run = take(run, "road.csv", other.toString());
    String match = "/api/runs/" + run.get("id").asString() + "/tracks/1/match";
    JsonNode matched = api.ok("POST", match, "{}");
    assertThat(matched.get("offsetS").asDouble()).isCloseTo(400, within(1.0));
    assertThat(matched.at("/run/tracks/1/offsetS").asDouble()).isCloseTo(400, within(1.0));
    // One of another drive is not.
    JsonNode lone = run("One box");
    lone = take(lone, "alone.csv", log(3000));
    HttpResponse<String> no =
        api.send("POST", "/api/runs/" + lone.get("id").asString() + "/tracks/0/match", "{}");
    assertThat(no.statusCode()).isEqualTo(400);
    assertThat(no.body()).contains("refusal.clocksDiffer");
  }

  private static String dated(String clock, int rows) {
    StringBuilder text = new StringBuilder("date;coolant (°C)\n");
    for (int i = 0; i < rows; i++) {
      text.append("2026-11-28 ").append(clock).append(':').append(10 + i).append(";90\n");
    }
    return text.toString();
  }

  /** What somebody has moved stays where it was moved when another recording comes in. */
  @Test
  void recordingsWithADateLieWhereTheirClocksSay() throws Exception {
    JsonNode run = take(run("Dated"), "a", dated("10:00", 20));
    run = take(run, "b", dated("10:05", 20));
    assertThat(run.at("/tracks/1/offsetS").asDouble()).isEqualTo(300);
    String path = "/api/runs/" + run.get("id").asString();
    api.ok("PUT", path + "/tracks/1/offset", "{\"offsetS\":42}");
    run = take(run, "c", dated("09:59", 20));
    assertThat(run.at("/tracks/1/offsetS").asDouble()).isEqualTo(42);
    assertThat(run.at("/tracks/2/offsetS").asDouble()).isEqualTo(-60);
    assertThat(run.get("beganAt").asString()).startsWith("2026-11-28T10:00:10");
    // The answer's version is that of the next edit.
    String edit =
        "{\"version\":" + run.get("version") + ",\"data\":" + run.get("data").toString() + "}";
    assertThat(api.send("PUT", path, edit).statusCode()).isEqualTo(200);
  }

  @Test
  void twoRecordingsThatComeAtOnceAreTwoTracks() throws Exception {
    JsonNode run = run("At once");
    String file = log(4000);
    String path = "/api/runs/" + run.get("id").asString() + "/tracks?name=x&shape=" + shape(file);
    CompletableFuture<?>[] both = new CompletableFuture<?>[3];
    for (int i = 0; i < both.length; i++) {
      both[i] = CompletableFuture.runAsync(() -> assertThat(status(path, file)).isEqualTo(201));
    }
    CompletableFuture.allOf(both).join();
    JsonNode tracks = api.ok("GET", "/api/runs/" + run.get("id").asString(), "").get("tracks");
    assertThat(tracks).extracting(t -> t.get("number").asInt()).containsExactly(0, 1, 2);
    long rows =
        count("select count(*) from run_row where run_id = '" + run.get("id").asString() + "'");
    assertThat(rows).isEqualTo(12_000);
  }

  private int status(String path, String file) {
    try {
      return api.send("POST", path, file).statusCode();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /** An hour by the second, then a minute with a hundred thousand rows of it. */
  @Test
  void aPictureHasNoMoreStepsThanAsked() throws Exception {
    StringBuilder text = new StringBuilder("time (s),coolant (°C)\n");
    for (int i = 0; i < 3600; i++) {
      text.append(i).append(",90\n");
    }
    for (int i = 0; i < 60_000; i++) {
      text.append(String.format(Locale.ROOT, "%.3f,91%n", 3600 + i / 1000.0));
    }
    JsonNode run = take(run("Uneven"), "x", text.toString());
    for (String window : List.of("from=0&to=3660", "from=3600&to=3660", "from=3599&to=3602")) {
      String path = "/api/runs/" + run.get("id").asString() + "/picture?" + window + "&most=500";
      JsonNode t = api.ok("GET", path, "").at("/tracks/0/t");
      assertThat(t.size()).as(window).isBetween(10, 500);
    }
  }

  @Test
  void whatIsNoLogLeavesNothing() throws Exception {
    JsonNode run = run("Hostile");
    String shape = shape(log(10));
    String path = "/api/runs/" + run.get("id").asString() + "/tracks?name=x&shape=";
    Map<String, String> hostile =
        Map.of(
            "PK\u0003\u0004zip", "refusal.packed",
            "time (s),coolant (°C)\nno,rows\n", "refusal.noRowsOfNumbers",
            "time (s),coolant (°C),speed (km/h),=cmd()\n0,1,1,1\n1,\"never closed",
                "refusal.noRowsOfNumbers");
    for (Map.Entry<String, String> e : hostile.entrySet()) {
      HttpResponse<String> no = api.send("POST", path + shape, e.getKey());
      assertThat(no.statusCode()).as(e.getValue()).isEqualTo(400);
      assertThat(no.body()).contains(e.getValue());
    }
    assertThat(api.send("POST", path + "nobody", log(5)).statusCode()).isEqualTo(404);
    JsonNode after = api.ok("GET", "/api/runs/" + run.get("id").asString(), "");
    assertThat(after.get("tracks")).isEmpty();
    assertThat(
            count("select count(*) from run_row where run_id = '" + run.get("id").asString() + "'"))
        .isZero();
  }

  @Test
  void aRunGoesWithItsRowsAndAJobWithItsRuns() throws Exception {
    String own =
        api.ok("POST", "/api/jobs", JSON.writeValueAsString(Jobs.TILT_TRAY)).get("id").asString();
    String kept = job;
    job = own;
    JsonNode run = take(run("Gone"), "a.csv", log(100));
    JsonNode second = take(run("Gone with the job"), "a.csv", log(100));
    job = kept;
    assertThat(partitions(run)).isEqualTo(2);
    assertThat(api.send("DELETE", "/api/runs/" + run.get("id").asString(), "").statusCode())
        .isEqualTo(204);
    assertThat(partitions(run)).isZero();
    assertThat(partitions(second)).isEqualTo(2);
    assertThat(api.send("DELETE", "/api/jobs/" + own, "").statusCode()).isBetween(200, 299);
    assertThat(partitions(second)).isZero();
  }

  private long partitions(JsonNode run) throws Exception {
    String part = run.get("id").asString().replace("-", "");
    return count(
        "select count(*) from pg_class where relkind = 'r' and relname like '%" + part + "'");
  }

  private long count(String query) throws Exception {
    try (Connection connection = server.bean(DataSource.class).getConnection();
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(query)) {
      rows.next();
      return rows.getLong(1);
    }
  }

  @Test
  void anotherSaveIsNotWrittenOver() throws Exception {
    JsonNode run = run("Named");
    String path = "/api/runs/" + run.get("id").asString();
    String edit =
        "{\"version\":0,\"data\":" + run.get("data").toString().replace("Named", "Renamed") + "}";
    assertThat(api.ok("PUT", path, edit).at("/data/name").asString()).isEqualTo("Renamed");
    assertThat(api.send("PUT", path, edit).statusCode()).isEqualTo(409);
    byte[] long81 = "x".repeat(81).getBytes(StandardCharsets.UTF_8);
    HttpResponse<String> no =
        api.send("PUT", path, edit.replace("Renamed", new String(long81, StandardCharsets.UTF_8)));
    assertThat(no.body()).contains("refusal.tooLong");
  }

  private HttpResponse<String> gpx(JsonNode run, String text) throws Exception {
    return api.send("POST", "/api/runs/" + run.get("id").asString() + "/gpx?name=way.gpx", text);
  }

  /** A way recorded beside the log: place, height and speed; a bomb is none, nor is a plan. */
  @Test
  void aTrackOfAnotherDeviceIsARecordingToo() throws Exception {
    JsonNode run = run("With its way");
    StringBuilder text = new StringBuilder("<gpx><trk><trkseg>");
    for (int i = 0; i < 300; i++) {
      text.append(
          String.format(
              Locale.ROOT,
              "<trkpt lat=\"%.6f\" lon=\"0\"><ele>%d</ele><time>2026-07-18T12:%02d:%02dZ</time></trkpt>",
              i * 20 / 111_195.0,
              600 + i,
              i / 60,
              i % 60));
    }
    String whole = text + "</trkseg></trk></gpx>";
    JsonNode track = JSON.readTree(gpx(run, whole).body()).get("tracks").get(0);
    assertThat(track.get("rows").asLong()).isEqualTo(300);
    assertThat(track.at("/body/beganAt").asString()).isEqualTo("2026-07-18T12:00:00Z");
    String picture = "/api/runs/" + run.get("id").asString() + "/picture?from=0&to=299&most=400";
    JsonNode mean = api.ok("GET", picture, "").get("tracks").get(0).get("mean");
    assertThat(track.at("/body/columns/3/channel").asString()).isEqualTo("SPEED");
    assertThat(mean.get(3).get(150).asDouble()).isCloseTo(20, within(0.1));
    assertThat(gpx(run, whole.replaceAll("<time>[^<]*</time>", "")).body())
        .contains("gpxWithoutTimes");
    String bomb = "<!DOCTYPE g [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><gpx>&b;</gpx>";
    assertThat(gpx(run, bomb).body()).contains("notGpx");
    assertThat(gpx(run, "PK\u0003\u0004zip").body()).contains("notGpx");
  }
}
