package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The API over real PostgreSQL. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("demo")
class ApiTest {
  @Autowired private MockMvc mvc;
  @Autowired private JsonMapper mapper;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry registry) {
    String url = TestDatabase.create("server_test");
    registry.add("spring.datasource.url", () -> url);
    registry.add("spring.datasource.username", () -> TestDatabase.USER);
    registry.add("spring.datasource.password", () -> "");
  }

  private record Answer(int status, JsonNode body) {}

  private Answer send(MockHttpServletRequestBuilder request, Object body) throws Exception {
    if (body != null) {
      request
          .contentType(MediaType.APPLICATION_JSON)
          .content(body instanceof String s ? s : mapper.writeValueAsString(body));
    }
    MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
    String text = response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    return new Answer(response.getStatus(), text.isEmpty() ? null : mapper.readTree(text));
  }

  private JsonNode ok(MockHttpServletRequestBuilder request, Object body) throws Exception {
    Answer answer = send(request, body);
    assertThat(answer.status()).as("%s", answer.body()).isBetween(200, 299);
    return answer.body();
  }

  /** A copy of the hive utility's content, free to be changed. */
  private ObjectNode hive() throws Exception {
    for (JsonNode job : ok(get("/api/jobs"), null)) {
      if (job.at("/content/name").asString().equals("Hive utility")) {
        return (ObjectNode) job.get("content");
      }
    }
    throw new AssertionError("the demo yard has no hive utility");
  }

  private ObjectNode request(ObjectNode job, int build) {
    ObjectNode request = mapper.createObjectNode();
    request.set("job", job);
    request.put("build", build);
    return request;
  }

  @Test
  void theDocumentsExampleIsTheWorkedCase() throws Exception {
    JsonNode document = ok(get("/api/openapi"), null);
    JsonNode example =
        document
            .at("/paths/~1api~1compute~1balance/post/requestBody/content/application~1json/example");
    JsonNode balance = ok(post("/api/compute/balance"), example);
    assertThat(balance.get("gear").asInt()).isEqualTo(3);
    assertThat(balance.get("engineRpm").asDouble()).isCloseTo(2854, within(1.0));
    assertThat(balance.get("coolantC").asDouble()).isCloseTo(110.0, within(1.0));
    assertThat(balance.get("sumpC").asDouble()).isCloseTo(88.1, within(1.0));
    assertThat(balance.at("/heat/tank").asDouble()).isCloseTo(-2.1, within(0.1));
    assertThat(balance.get("cells")).hasSizeGreaterThan(20);
  }

  @Test
  void theFrontEndsContractIsTheServersOwn() throws Exception {
    ObjectNode document = (ObjectNode) ok(get("/api/openapi"), null);
    document.putArray("servers");
    JsonNode kept = mapper.readTree(Files.readString(Path.of("../web/openapi.json")));
    assertThat(mapper.writeValueAsString(document))
        .as("web/openapi.json is out of date; write /api/openapi of a running server into it")
        .isEqualTo(mapper.writeValueAsString(kept));
  }

  @Test
  void theDemoTellsItsStory() throws Exception {
    ObjectNode hive = hive();
    JsonNode builds = ok(post("/api/compute/assessment"), hive).get("builds");
    assertThat(builds.at("/0/coolant/standing").asString()).isEqualTo("OVER");
    assertThat(builds.at("/0/pan/standing").asString()).isEqualTo("OVER");
    assertThat(builds.at("/1/coolant/standing").asString()).isEqualTo("MARGINAL");
    assertThat(builds.at("/1/pan/standing").asString()).isEqualTo("OVER");
    assertThat(builds.at("/2/coolant/standing").asString()).isEqualTo("MARGINAL");
    assertThat(builds.at("/2/pan/standing").asString()).isEqualTo("HOLDS");
    JsonNode stair = ok(get("/api/roads"), null).get(1).get("haul");
    hive.set("haul", stair);
    JsonNode plan = ok(post("/api/compute/assessment"), hive).at("/builds/2");
    assertThat(plan.at("/pan/standing").asString()).isEqualTo("HOLDS");
    assertThat(plan.at("/coolant/standing").asString()).isEqualTo("OVER");
    assertThat(plan.get("advice").toString()).contains("air is what is missing");
  }

  @Test
  void aStaleSaveOverwritesNothing() throws Exception {
    JsonNode job = ok(post("/api/jobs"), hive());
    String path = "/api/jobs/" + job.get("id").asString();
    ObjectNode first = mapper.createObjectNode();
    first.put("version", job.get("version").asLong());
    ObjectNode changed = (ObjectNode) job.get("content").deepCopy();
    ((ObjectNode) changed.get("haul")).put("gradePercent", 7.25);
    first.set("content", changed);
    JsonNode saved = ok(put(path), first);
    assertThat(saved.get("version").asLong()).isGreaterThan(job.get("version").asLong());

    ObjectNode late = first.deepCopy();
    ((ObjectNode) late.at("/content/trailer")).put("massKg", 1);
    Answer refused = send(put(path), late);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().at("/current/content/haul/gradePercent").asDouble()).isEqualTo(7.25);
    assertThat(ok(get(path), null).at("/content/trailer/massKg").asDouble()).isEqualTo(3100);

    assertThat(send(delete(path), null).status()).isEqualTo(204);
    assertThat(send(get(path), null).status()).isEqualTo(404);
  }

  @Test
  void ofSavesThatRaceExactlyOneWins() throws Exception {
    JsonNode job = ok(post("/api/jobs"), hive());
    String path = "/api/jobs/" + job.get("id").asString();
    ExecutorService pool = Executors.newFixedThreadPool(6);
    try {
      List<Callable<Integer>> saves =
          java.util.stream.IntStream.range(0, 6)
              .<Callable<Integer>>mapToObj(
                  i ->
                      () -> {
                        ObjectNode save = mapper.createObjectNode();
                        save.put("version", job.get("version").asLong());
                        ObjectNode content = (ObjectNode) job.get("content").deepCopy();
                        ((ObjectNode) content.get("trailer")).put("massKg", 1000 + i);
                        save.set("content", content);
                        return send(put(path), save).status();
                      })
              .toList();
      List<Integer> statuses = new java.util.ArrayList<>();
      for (Future<Integer> save : pool.invokeAll(saves)) {
        statuses.add(save.get());
      }
      assertThat(statuses).containsOnlyOnce(200).containsOnly(200, 409);
    } finally {
      pool.shutdown();
    }
    ok(delete(path), null);
  }

  @Test
  void exportAndImportGiveTheSameNumbers() throws Exception {
    JsonNode job = ok(get("/api/jobs"), null).get(0);
    JsonNode file = ok(get("/api/jobs/" + job.get("id").asString() + "/export"), null);
    JsonNode imported = ok(post("/api/jobs/import"), file);
    assertThat(imported.get("id")).isNotEqualTo(job.get("id"));
    assertThat(ok(post("/api/compute/assessment"), imported.get("content")))
        .isEqualTo(ok(post("/api/compute/assessment"), job.get("content")));
    ok(delete("/api/jobs/" + imported.get("id").asString()), null);
  }

  @ParameterizedTest
  @CsvSource({
    "/trailer, massKg, 90000, trailer.massKg, 20000, kg",
    "/haul, ambientC, 80, haul.ambientC, 60, °C",
    "/haul, gradePercent, 60, haul.gradePercent, 30, %",
    "/haul, speedKmh, 0, haul.speedKmh, 130, km/h",
    "/haul, speedKmh, -5, haul.speedKmh, 130, km/h",
    "/builds/2, fanSpeedPercent, 400, builds[2].fanSpeedPercent, 100, %"
  })
  void absurdValuesAreNamedWithLimitAndUnit(
      String parent, String property, double value, String field, double high, String unit)
      throws Exception {
    ObjectNode job = hive();
    ((ObjectNode) job.at(parent)).put(property, value);
    Answer answer = send(post("/api/compute/assessment"), job);
    assertThat(answer.status()).isEqualTo(400);
    JsonNode error = answer.body().at("/errors/0");
    assertThat(error.get("field").asString()).isEqualTo(field);
    assertThat(error.get("value").asDouble()).isEqualTo(value);
    assertThat(error.get("high").asDouble()).isEqualTo(high);
    assertThat(error.get("unit").asString()).isEqualTo(unit);
  }

  @Test
  void hostileFilesAreRefusedAndLeaveNothing() throws Exception {
    int before = ok(get("/api/jobs"), null).size();
    JsonNode good = mapper.createObjectNode().put("format", "road-breeze-job").put("formatVersion", 1).set("job", hive());
    ObjectNode text = (ObjectNode) good.deepCopy();
    ((ObjectNode) text.at("/job/haul")).put("gradePercent", "steep");
    ObjectNode missing = (ObjectNode) good.deepCopy();
    ((ObjectNode) missing.at("/job/haul")).remove("speedKmh");
    ObjectNode unknown = (ObjectNode) good.deepCopy();
    ((ObjectNode) unknown.get("job")).put("class", "java.lang.Runtime");
    ObjectNode format = ((ObjectNode) good.deepCopy()).put("format", "something-else");
    ObjectNode noBuilds = (ObjectNode) good.deepCopy();
    ((ObjectNode) noBuilds.get("job")).putArray("builds");
    ObjectNode nothing = (ObjectNode) good.deepCopy();
    ((ObjectNode) nothing.get("job")).putNull("vehicle");
    for (Object bad :
        List.of(
            text, missing, unknown, format, noBuilds, nothing, "{", "[]", "null", "\"x\"", "",
            "[".repeat(5000), good.toString().replace("\"gradePercent\":6.0", "\"gradePercent\":NaN"))) {
      Answer answer = send(post("/api/jobs/import"), bad);
      assertThat(answer.status()).as("%.60s", bad).isEqualTo(400);
      assertThat(answer.body().toString()).doesNotContain("roadbreeze.", "Exception", "\tat ");
    }
    assertThat(ok(get("/api/jobs"), null)).hasSize(before);
  }

  @Test
  void aPartTooLargeIsSaidAtItsBuildAndTheOthersStand() throws Exception {
    ObjectNode job = hive();
    ((ObjectNode) job.at("/builds/2/cooler")).put("depthMm", 80);
    ((ObjectNode) job.at("/vehicle/cooling")).put("openingDepthMm", 60);
    JsonNode builds = ok(post("/api/compute/assessment"), job).get("builds");
    assertThat(builds.at("/2/problem").asString()).contains("80 mm deep", "60 mm to the pack");
    assertThat(builds.at("/1/coolant/peakC").asDouble()).isGreaterThan(100);
  }

  @Test
  void theMapGoesThroughTheBalance() throws Exception {
    ObjectNode request = request(hive(), 2);
    request.put("gradeFrom", 0).put("gradeTo", 12).put("ambientFromC", 8).put("ambientToC", 48);
    request.put("steps", 41);
    JsonNode map = ok(post("/api/compute/map"), request);
    assertThat(map.get("coolantC")).hasSize(41);
    double onMap = map.at("/coolantC/30/20").asDouble(); // 38 °C, 6 %
    double balance =
        ok(post("/api/compute/assessment"), hive()).at("/builds/2/coolant/peakC").asDouble();
    assertThat(onMap).isCloseTo(balance, within(1e-6));
    request.put("gradeTo", 0.5).put("gradeFrom", 3);
    assertThat(send(post("/api/compute/map"), request).status()).isEqualTo(400);
  }

  @Test
  void theWorkSheetHoldsWhatTheBayNeeds() throws Exception {
    JsonNode sheet = ok(post("/api/compute/work-sheet"), request(hive(), 2));
    assertThat(sheet.get("parts").toString()).contains("Stacked plate 280", "Oil hose");
    assertThat(sheet.at("/lines/cuts/0/cutMm").asDouble()).isEqualTo(1060);
    assertThat(sheet.at("/strips/0/flatMm").asDouble()).isCloseTo(363.6, within(0.1));
    assertThat(sheet.get("steps").toString()).contains("Never open a hot cap");
    Answer noBuild = send(post("/api/compute/work-sheet"), request(hive(), 5));
    assertThat(noBuild.status()).isEqualTo(400);
    for (String quantity : List.of("COOLANT", "FEED", "PAN")) {
      JsonNode working = ok(post("/api/compute/working/" + quantity), request(hive(), 2));
      assertThat(working.get("steps")).hasSizeGreaterThan(3);
      assertThat(working.get("sureness").asString()).contains("±15 %");
    }
    assertThat(send(post("/api/compute/working/NOISE"), request(hive(), 2)).status())
        .isEqualTo(400);
  }

  @Test
  void theCatalogueHasEveryFamily() throws Exception {
    JsonNode parts = ok(get("/api/parts/oil-coolers"), null);
    assertThat(parts.size()).isGreaterThanOrEqualTo(18);
    assertThat(parts.toString()).contains("TUBE_AND_FIN", "PLATE_FIN", "STACKED_PLATE");
  }

  @Test
  void deepLinksOpenThePageAndUnknownPathsDoNot() throws Exception {
    MockHttpServletResponse page =
        mvc.perform(get("/jobs/abc/haul").accept(MediaType.TEXT_HTML)).andReturn().getResponse();
    assertThat(page.getStatus()).isEqualTo(200);
    assertThat(page.getContentAsString()).contains("<title>Road Breeze</title>");
    assertThat(send(get("/api/nothing"), null).status()).isEqualTo(404);
    assertThat(mvc.perform(get("/assets/none.js")).andReturn().getResponse().getStatus())
        .isEqualTo(404);
    assertThat(send(get("/api/jobs/not-an-id"), null).status()).isEqualTo(400);
  }
}
