package roadbreeze.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.springframework.jdbc.core.JdbcTemplate;
import roadbreeze.server.Api;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import roadbreeze.server.bay.FinishedWork;
import roadbreeze.server.demo.DemoDrives;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunIntake;
import tools.jackson.databind.JsonNode;

/**
 * The yard over years: whose truck, how far its job has come, its life, and all of it given away.
 */
@TestInstance(Lifecycle.PER_CLASS)
class BookApiTest {
  private static final String PLAN = Jobs.HIVE.builds().get(2).id();

  private TestServer server;
  private Api api;

  @BeforeAll
  void start() {
    server = new TestServer("book_test");
    api = new Api(server);
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private String add(String sort, String owner, String name) throws Exception {
    Map<String, Object> made = new HashMap<>();
    made.put("sort", sort);
    made.put("owner", owner);
    made.put("data", Map.of("name", name, "contact", "", "marking", "HM 12", "note", ""));
    return api.ok("POST", "/api/book", made).get("id").asString();
  }

  private String job() throws Exception {
    return api.ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  private String state(String job) throws Exception {
    for (JsonNode j : api.get("/api/book").get("jobs")) {
      if (j.get("job").asString().equals(job)) {
        return j.get("state").asString();
      }
    }
    return "gone";
  }

  private void put(String job, String truck) throws Exception {
    api.ok("PUT", "/api/jobs/" + job + "/book", Map.of("truck", truck));
  }

  private Run drive(String job, int which) throws Exception {
    DemoDrives.DemoDrive drive = DemoDrives.of(Jobs.HIVE).get(which);
    return server
        .bean(RunIntake.class)
        .take(UUID.fromString(job), drive.data(), "logger.csv", drive.file());
  }

  @Test
  void aJobComesFromIntakeToProvenAndItsTrucksLifeIsOneLine() throws Exception {
    String customer = add("CUSTOMER", null, "Brindle Farm");
    assertThat(
            api.refused(
                "POST",
                "/api/book",
                Map.of(
                    "sort",
                    "TRUCK",
                    "data",
                    Map.of("name", "x", "contact", "", "marking", "", "note", ""))))
        .contains("whose it is");
    String truck = add("TRUCK", customer, "Hive utility");
    String job = job();
    put(job, truck);
    assertThat(state(job)).isEqualTo("PLANNED");
    drive(job, 0);
    assertThat(state(job)).isEqualTo("PLANNED");
    server.bean(FinishedWork.class).on(UUID.fromString(job), PLAN);
    assertThat(state(job)).isEqualTo("DONE");
    drive(job, 1);
    assertThat(state(job)).isEqualTo("PROVEN");
    for (String at : List.of("2026-03-01T08:00Z", "2026-03-01T09:00Z", "2026-03-02T09:00Z")) {
      server
          .bean(JdbcTemplate.class)
          .update(
              "insert into photo values (gen_random_uuid(), ?::uuid, ?::timestamptz,"
                  + " 'image/png', 4, 3, '\\x00')",
              job,
              at);
    }
    JsonNode life = api.get("/api/book/" + truck + "/life");
    Map<String, JsonNode> by = new TreeMap<>();
    String before = "";
    for (JsonNode m : life) {
      by.put(m.get("what").asString(), m);
      assertThat(m.get("at").asString()).isGreaterThanOrEqualTo(before);
      before = m.get("at").asString();
    }
    // What was photographed on a day is one moment of it.
    assertThat(life.get(0).get("what").asString()).isEqualTo("PHOTOGRAPHED");
    assertThat(life.get(0).get("photos")).hasSize(2);
    assertThat(life.get(1).get("photos")).hasSize(1);
    assertThat(by.keySet()).contains("DRIVEN", "WORK_BEGUN", "WORK_SIGNED");
    // With the verdict that was signed.
    assertThat(by.get("WORK_SIGNED").get("headroomK").asDouble()).isBetween(-60.0, 60.0);
    assertThat(by.get("WORK_BEGUN").get("photos")).hasSize(1);
    assertThat(by.get("WORK_BEGUN").get("readings").asInt()).isPositive();
    // A truck that is taken out of the book leaves its job.
    api.ok("DELETE", "/api/book/" + truck, null);
    assertThat(api.get("/api/jobs/" + job).get("id").asString()).isEqualTo(job);
  }

  @Test
  void allAboutACustomerGoesOutAndIsTakenOutForGood() throws Exception {
    String customer = add("CUSTOMER", null, "Orrin Haulage");
    String truck = add("TRUCK", customer, "Tipper");
    String job = job();
    put(job, truck);
    server.bean(FinishedWork.class).on(UUID.fromString(job), PLAN);
    Run run = drive(job, 1);
    String other = job();
    Map<String, byte[]> files = zip("/api/book/" + customer + "/all");
    assertThat(files.keySet())
        .anyMatch(f -> f.equals("customer.json"))
        .anyMatch(f -> f.endsWith("/job.json"))
        .anyMatch(f -> f.contains("/papers/") && f.endsWith(".pdf"))
        .anyMatch(f -> f.contains("/bay/") && f.endsWith(".jpg"))
        .anyMatch(f -> f.contains("/drives/") && f.endsWith(".csv"))
        .anyMatch(f -> f.endsWith("/follow-ups.json"));
    files.forEach((name, content) -> assertThat(content).as(name).isNotEmpty());
    String erase = "/api/book/" + customer + "/erase";
    assertThat(api.refused("POST", erase, Map.of("name", "Orrin"))).contains("type their name");
    assertThat(api.refused("DELETE", "/api/book/" + customer, null)).contains("type their name");
    api.ok("POST", erase, Map.of("name", "Orrin Haulage"));
    assertThat(api.send("GET", "/api/jobs/" + job, null).statusCode()).isEqualTo(404);
    assertThat(state(other)).isNotEqualTo("gone");
    JdbcTemplate sql = new JdbcTemplate(server.bean(javax.sql.DataSource.class));
    for (String table : new String[] {"run", "signed_paper", "bay_order", "follow_up", "photo"}) {
      assertThat(
              sql.queryForObject(
                  "select count(*) from " + table + " where job_id = ?",
                  Integer.class,
                  UUID.fromString(job)))
          .as(table)
          .isZero();
    }
    assertThat(
            sql.queryForObject(
                "select count(*) from pg_tables where tablename = ?",
                Integer.class,
                "run_row_" + run.id().toString().replace("-", "")))
        .isZero();
  }

  private Map<String, byte[]> zip(String path) throws Exception {
    byte[] body =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + path))
                    .build(),
                HttpResponse.BodyHandlers.ofByteArray())
            .body();
    Map<String, byte[]> files = new TreeMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(body))) {
      for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        files.put(e.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  @Test
  void aSistersPlanIsTheSameAndItsNumbersAreToBeMeasured() throws Exception {
    JsonNode made =
        api.ok("POST", "/api/jobs/" + job() + "/sister", Map.of("name", "The second hive"));
    assertThat(made.at("/about/body/name").asString()).isEqualTo("The second hive");
    JobContent sister = SisterTruck.of(Jobs.HIVE, "The second hive");
    assertThat(sister.builds().get(2).coolers()).isEqualTo(Jobs.HIVE.builds().get(2).coolers());
    assertThat(sister.builds().get(2).lines()).isEqualTo(Jobs.HIVE.builds().get(2).lines());
    assertThat(sister.rig().marks().values()).isNotEmpty().doesNotContain(Mark.MEASURED);
    assertThat(sister.rig().marks()).containsEntry("vehicle.massKg", Mark.DEFAULT);
    assertThat(sister.checks().readings()).isEmpty();
    assertThat(sister.rig().calibrations()).isEmpty();
    // What is assumed is less sure: the same plan has less room in nine cases of ten.
    JobContent sure = Jobs.HIVE;
    double first = sure.margins(sure.builds().get(2)).sure();
    double second = sister.margins(sister.builds().get(2)).sure();
    assertThat(second).isLessThan(first);
  }

  @Test
  void aDriveTravelsByItsIdAndIsThereOnce() throws Exception {
    String cab = job();
    Run run = drive(cab, 1);
    String file = api.send("GET", "/api/runs/" + run.id() + "/file", null).body();
    // The same server plays the yard: there it is another job's.
    String yard = job();
    assertThat(upload(yard, file).body()).contains("another job");
    api.ok("DELETE", "/api/runs/" + run.id(), null);
    for (int twice = 0; twice < 2; twice++) {
      HttpResponse<String> answer = upload(yard, file);
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
    }
    assertThat(api.get("/api/jobs/" + yard + "/runs")).hasSize(1);
    assertThat(api.send("GET", "/api/runs/" + run.id() + "/file", null).body().lines().skip(1))
        .containsExactlyElementsOf(file.lines().skip(1).toList());
    JsonNode picture = api.get("/api/runs/" + run.id() + "/picture?from=0&to=5000&most=50");
    assertThat(picture.at("/tracks/0/t").size()).isBetween(5, 50);
    assertThat(upload(yard, "{\"format\":\"road-breeze-run\",\"formatVersion\":9}").body())
        .contains("newer");
    assertThat(upload(yard, "nonsense").statusCode()).isEqualTo(400);
  }

  private HttpResponse<String> upload(String job, String file) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(
                    URI.create(
                        "http://127.0.0.1:" + server.port() + "/api/jobs/" + job + "/runs/import"))
                .header("Content-Type", "application/jsonl")
                .POST(HttpRequest.BodyPublishers.ofString(file))
                .build(),
            HttpResponse.BodyHandlers.ofString());
  }
}
