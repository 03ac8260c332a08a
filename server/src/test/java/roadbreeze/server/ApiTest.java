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
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import roadbreeze.server.job.JobContent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
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
        document.at(
            "/paths/~1api~1compute~1balance/post/requestBody/content/application~1json/example");
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

  /** A job with every optional part fitted and every list full. */
  private ObjectNode crowded() throws Exception {
    ObjectNode job = hive();
    ObjectNode cooling = (ObjectNode) job.at("/vehicle/cooling");
    ObjectNode charge = ((ObjectNode) cooling.get("condenser")).deepCopy().put("depthMm", 40.5);
    cooling.set("chargeAirCooler", charge);
    ((ObjectNode) job.at("/vehicle/engine")).put("kind", "BOOSTED_DIESEL").put("boostRatio", 2.2);
    withTraverse(job, "AT_CORE", 2.75);
    ObjectNode build = (ObjectNode) job.at("/builds/2");
    build.put("parallel", true).put("oilOrder", "TANK_BYPASSED");
    build
        .putObject("radiator")
        .put("code", "R-1")
        .put("name", "Radiator, ours")
        .put("widthMm", 740)
        .put("heightMm", 500)
        .put("depthMm", 42.5)
        .put("finsPerInch", 15.5)
        .put("metal", "COPPER")
        .put("tanks", "METAL")
        .putNull("inTankWattsPerKelvin")
        .put("price", 310.25);
    ArrayNode coolers = (ArrayNode) build.get("coolers");
    ObjectNode second = ((ObjectNode) coolers.get(0)).deepCopy();
    second.put("place", "ELSEWHERE").put("ownFanM3s", 0.41).put("sealed", false);
    ((ObjectNode) second.get("part")).put("bypassOpensC", 71.5).put("family", "TUBE_AND_FIN");
    coolers.add(second);
    ArrayNode fans = (ArrayNode) build.get("fans");
    ObjectNode helper = ((ObjectNode) fans.get(0)).deepCopy().put("mount", "PUSHER");
    ObjectNode part = (ObjectNode) helper.get("part");
    part.put("volts", 12.8).put("amps", 14).putNull("shutoffPa");
    part.putArray("curveM3s").add(0).add(0.35).add(0.7);
    part.putArray("curvePa").add(210).add(160.5).add(20);
    fans.add(helper);
    JsonNode obstacle = job.at("/obstacles/0");
    JsonNode hose = job.at("/hoses/0");
    JsonNode strip = job.at("/strips/0");
    for (int i = 0; i < 10; i++) {
      String name = "ß \u2013 no. " + i;
      ((ArrayNode) job.get("obstacles")).add(((ObjectNode) obstacle.deepCopy()).put("name", name));
      ((ArrayNode) job.get("hoses"))
          .add(((ObjectNode) hose.deepCopy()).put("lengthM", 1 + i / 8.0));
      ((ArrayNode) job.get("strips")).add(((ObjectNode) strip.deepCopy()).put("tabMm", 20 + i));
    }
    ((ArrayNode) job.get("builds")).add(build.deepCopy().put("name", "Plan B"));
    return job;
  }

  @Test
  void whatIsSavedComesBackAndSoDoesWhatIsTakenAway() throws Exception {
    ObjectNode full = crowded();
    JsonNode job = ok(post("/api/jobs"), full);
    String path = "/api/jobs/" + job.get("id").asString();
    assertThat(ok(get(path), null).get("content")).isEqualTo(job.get("content"));
    assertThat(mapper.writeValueAsString(job.get("content")))
        .isEqualTo(
            mapper.writeValueAsString(
                mapper.valueToTree(mapper.treeToValue(full, JobContent.class))));
    // Fewer of everything, in another order.
    ObjectNode less = hive();
    ArrayNode builds = (ArrayNode) less.get("builds");
    JsonNode first = builds.remove(0);
    builds.add(first);
    less.putArray("obstacles");
    less.putArray("hoses");
    less.putArray("origins");
    ObjectNode save = mapper.createObjectNode().put("version", job.get("version").asLong());
    save.set("content", less);
    JsonNode saved = ok(put(path), save);
    JsonNode again = ok(get(path), null).get("content");
    assertThat(again).isEqualTo(saved.get("content"));
    assertThat(again.at("/builds/2/name").asString()).isEqualTo("As found");
    assertThat(again.get("obstacles")).isEmpty();
    assertThat(again.get("traverse").isNull()).isTrue();
    assertThat(again.at("/vehicle/cooling/chargeAirCooler").isNull()).isTrue();
    ok(delete(path), null);
  }

  @Test
  void aCrowdedRigIsWorkedOutOnEveryScreen() throws Exception {
    ObjectNode full = crowded();
    JsonNode plan = ok(post("/api/compute/assessment"), full).at("/builds/2");
    assertThat(plan.get("problem").isNull()).isTrue();
    assertThat(plan.at("/balance/heat/coolers")).hasSize(2);
    assertThat(plan.at("/balance/heat/chargeAir").asDouble()).isPositive();
    for (String what : List.of("fans", "switching", "lines", "work-sheet", "settle")) {
      String answer = ok(post("/api/compute/" + what), request(full, 2)).toString();
      assertThat(answer).as(what).doesNotContain("NaN").doesNotContain("Infinity");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "PATCH, /api/jobs, 405",
    "GET, /api/compute/assessment, 405",
    "GET, /api/finder/nothing, 400",
    "GET, /api/parts/horns/csv, 404",
    "DELETE, /api/jobs/00000000-0000-0000-0000-000000000000, 404"
  })
  void whatIsNotThereIsSaidAsAProblem(String method, String path, int status) throws Exception {
    MockHttpServletResponse response =
        mvc.perform(MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path))
            .andReturn()
            .getResponse();
    assertThat(response.getStatus()).isEqualTo(status);
    assertThat(response.getContentType()).isEqualTo("application/problem+json");
    JsonNode problem = mapper.readTree(response.getContentAsString());
    assertThat(problem.get("status").asInt()).isEqualTo(status);
    assertThat(problem.get("detail").asString()).isNotBlank().doesNotContain("roadbreeze.");
  }

  @Test
  void whatIsSentAsSomethingElseIsRefused() throws Exception {
    MockHttpServletResponse form =
        mvc.perform(
                post("/api/jobs").contentType(MediaType.APPLICATION_FORM_URLENCODED).content("a=b"))
            .andReturn()
            .getResponse();
    assertThat(form.getStatus()).isEqualTo(415);
    assertThat(form.getContentType()).isEqualTo("application/problem+json");
  }

  @ParameterizedTest
  @CsvSource({
    "/trailer, massKg, 90000, trailer.massKg, 20000, kg",
    "/haul, ambientC, 80, haul.ambientC, 60, °C",
    "/haul, gradePercent, 60, haul.gradePercent, 30, %",
    "/haul, speedKmh, 0, haul.speedKmh, 130, km/h",
    "/haul, speedKmh, -5, haul.speedKmh, 130, km/h",
    "/builds/2/fans/0, speedPercent, 400, builds[2].fans[0].speedPercent, 100, %"
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
    JsonNode good =
        mapper
            .createObjectNode()
            .put("format", "road-breeze-job")
            .put("formatVersion", 1)
            .set("job", hive());
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
            text,
            missing,
            unknown,
            format,
            noBuilds,
            nothing,
            "{",
            "[]",
            "null",
            "\"x\"",
            "",
            "[".repeat(5000),
            good.toString().replace("\"gradePercent\":6.0", "\"gradePercent\":NaN"))) {
      Answer answer = send(post("/api/jobs/import"), bad);
      assertThat(answer.status()).as("%.60s", bad).isEqualTo(400);
      assertThat(answer.body().toString()).doesNotContain("roadbreeze.", "Exception", "\tat ");
    }
    assertThat(ok(get("/api/jobs"), null)).hasSize(before);
  }

  @Test
  void whatDoesNotFitIsSaidWithItsFixAndTheNumbersStand() throws Exception {
    ObjectNode job = hive();
    ((ObjectNode) job.at("/builds/2/coolers/0")).put("leftMm", 200);
    ((ObjectNode) job.at("/vehicle/cooling")).put("openingDepthMm", 40);
    JsonNode plan = ok(post("/api/compute/assessment"), job).at("/builds/2");
    assertThat(plan.at("/clearances/0/reason").asString()).contains("there are 40 mm in front");
    assertThat(plan.at("/clearances/1/fix").asString()).contains("move the cooler by");
    assertThat(plan.at("/coolant/peakC").asDouble()).isGreaterThan(100);
  }

  private ObjectNode mapRequest(String axes, double from, double to, double up, double upTo)
      throws Exception {
    ObjectNode request = request(hive(), 2).put("axes", axes);
    return request
        .put("acrossFrom", from)
        .put("acrossTo", to)
        .put("upFrom", up)
        .put("upTo", upTo)
        .put("steps", 41)
        .putNull("against");
  }

  @Test
  void everyMapGoesThroughTheBalance() throws Exception {
    double balance =
        ok(post("/api/compute/assessment"), hive()).at("/builds/2/coolant/peakC").asDouble();
    JsonNode grade = ok(post("/api/compute/map"), mapRequest("AMBIENT_GRADE", 8, 48, 0, 12));
    JsonNode mass = ok(post("/api/compute/map"), mapRequest("AMBIENT_MASS", 8, 48, 2100, 4100));
    JsonNode speed = ok(post("/api/compute/map"), mapRequest("SPEED_GRADE", 45, 85, 0, 12));
    assertThat(grade.at("/coolantC/30/20").asDouble())
        .isCloseTo(balance, within(1e-4)); // 38 °C, 6 %
    assertThat(mass.at("/coolantC/30/20").asDouble()).isCloseTo(balance, within(1e-4)); // 3100 kg
    assertThat(speed.at("/coolantC/30/20").asDouble()).isCloseTo(balance, within(1e-4)); // 75 km/h
    assertThat(grade.at("/sureK/30/20").asDouble())
        .isLessThan(grade.at("/worstK/30/20").asDouble());
    ObjectNode against = mapRequest("AMBIENT_GRADE", 8, 48, 0, 12).put("against", 1);
    assertThat(ok(post("/api/compute/map"), against).at("/gainK/30/20").asDouble())
        .isGreaterThan(5);
    assertThat(send(post("/api/compute/map"), mapRequest("AMBIENT_GRADE", 8, 48, 3, 0.5)).status())
        .isEqualTo(400);
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
  void measuringNarrowsTheBandAndTheAppSaysWhatToMeasure() throws Exception {
    ObjectNode job = hive();
    double sure = ok(post("/api/compute/assessment"), job).at("/builds/1/coolant/bandK").asDouble();
    for (String path :
        List.of(
            "vehicle.cooling.radiator.finsPerInch",
            "vehicle.cooling.pumpKgsAt4000",
            "trailer.massKg",
            "fan.freeFlowM3s")) {
      ((ArrayNode) job.get("origins")).addObject().put("path", path).put("kind", "DEFAULT");
    }
    JsonNode unsure = ok(post("/api/compute/assessment"), job).at("/builds/1");
    assertThat(unsure.at("/coolant/bandK").asDouble()).isGreaterThan(sure + 1);
    assertThat(unsure.get("measureNext")).hasSize(3);
    double first = unsure.at("/measureNext/0/coolantK").asDouble();
    assertThat(first).isPositive();
  }

  @Test
  void fansRatingsAndATraverseAreReadOnThisTruck() throws Exception {
    ObjectNode job = hive();
    JsonNode fan = ok(post("/api/compute/fans"), request(job, 2)).at("/fans/0");
    assertThat(fan.at("/at/0/flow").asDouble())
        .isLessThan(fan.at("/at/3/flow").asDouble())
        .isLessThan(fan.get("freeFlow").asDouble());
    // Readings of what the model itself passes at a standstill ask for no correction.
    double passes =
        ok(post("/api/compute/fans"), request(withTraverse(job, "AT_CORE", 3), 2))
            .at("/traverse/modelFlow")
            .asDouble();
    JsonNode traverse =
        ok(
                post("/api/compute/fans"),
                request(withTraverse(job, "AT_CORE", passes / (0.76 * 0.52)), 2))
            .get("traverse");
    assertThat(traverse.get("fanFactor").asDouble()).isCloseTo(1, within(1e-3));
    assertThat(
            ok(post("/api/compute/fans"), request(withTraverse(job, "AT_CORE", 25), 2))
                .at("/traverse/text")
                .asString())
        .contains("cannot come from");
    job.putNull("traverse");
    ObjectNode heat = request(job, 2).put("heatKw", 6.0).putNull("differenceK").putNull("massKg");
    JsonNode reading = ok(post("/api/compute/rating"), heat);
    assertThat(reading.get("claimedHereKw").asDouble())
        .isCloseTo(6.0 * (107 - 38) / 55, within(1e-9));
    assertThat(reading.get("reading").toString()).contains("does not say at which temperatures");
    JsonNode mass =
        ok(
            post("/api/compute/rating"),
            request(job, 2).putNull("heatKw").putNull("differenceK").put("massKg", 9000));
    assertThat(mass.get("enough").asBoolean()).isFalse();
    assertThat(mass.get("massHeldKg").asDouble()).isBetween(5900.0, 6500.0);
    assertThat(
            send(
                    post("/api/compute/rating"),
                    request(job, 2).putNull("heatKw").putNull("differenceK").putNull("massKg"))
                .status())
        .isEqualTo(400);
  }

  private ObjectNode withTraverse(ObjectNode job, String where, double reading) {
    ObjectNode traverse = job.putObject("traverse").put("where", where).put("columns", 2);
    traverse.putArray("readingsMs").add(reading).add(reading).add(reading).add(reading);
    return job;
  }

  private JsonNode search(ObjectNode request) throws Exception {
    String id = ok(post("/api/finder"), request).get("id").asString();
    for (int i = 0; i < 300; i++) {
      JsonNode state = ok(get("/api/finder/" + id), null);
      if (!state.get("status").asString().equals("RUNNING")) {
        return state;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("the search does not end");
  }

  private ObjectNode finderRequest(ObjectNode job, double budget) {
    return request(job, 1)
        .put("budget", budget)
        .put("hours", 12)
        .put("amps", 40)
        .put("fans", false)
        .put("radiators", false)
        .put("thermostats", true);
  }

  @Test
  void theFindersFirstAnswerEnteredByHandGivesTheSameNumbers() throws Exception {
    ObjectNode job = hive();
    JsonNode state = search(finderRequest(job, 400));
    assertThat(state.get("status").asString()).isEqualTo("DONE");
    assertThat(state.get("enough").asBoolean()).isTrue();
    JsonNode pick = state.at("/picks/0");
    ((ArrayNode) job.get("builds")).add(pick.get("build"));
    JsonNode byHand = ok(post("/api/compute/assessment"), job).at("/builds/3");
    assertThat(byHand.at("/coolant/peakC").asDouble())
        .isCloseTo(pick.at("/coolant/peakC").asDouble(), within(1e-6));
    assertThat(byHand.at("/pan/peakC").asDouble())
        .isCloseTo(pick.at("/pan/peakC").asDouble(), within(1e-6));
    assertThat(byHand.get("clearances")).isEmpty();
    assertThat(state.get("fallen").toString()).contains("OVER_BUDGET", "BEATEN");

    ((ObjectNode) job.get("haul")).put("gradePercent", 1).put("ambientC", 15);
    assertThat(search(finderRequest(job, 400)).at("/picks/0/merit").asString())
        .isEqualTo("NOTHING_BOUGHT");
    ((ObjectNode) job.get("haul")).put("gradePercent", 9).put("speedKmh", 35).put("ambientC", 42);
    JsonNode hopeless = search(finderRequest(job, 400));
    assertThat(hopeless.get("enough").asBoolean()).isFalse();
    assertThat(hopeless.get("instead").toString()).contains("instead of");
  }

  @Test
  void aSearchCanBeCancelledAndIsForgottenByNobody() throws Exception {
    ObjectNode limited = finderRequest(hive(), 5000).put("fans", true);
    assertThat(search(limited).get("fallen").toString()).contains("FAN_OVER_CURRENT");
    ObjectNode request = finderRequest(hive(), 5000).put("fans", true).put("radiators", true);
    String path = "/api/finder/" + ok(post("/api/finder"), request).get("id").asString();
    ok(delete(path), null);
    assertThat(ok(get(path), null).get("status").asString()).isEqualTo("CANCELLED");
    assertThat(send(get("/api/finder/00000000-0000-0000-0000-000000000000"), null).status())
        .isEqualTo(404);
  }

  private JsonNode dispute(ObjectNode job, int build, String about) throws Exception {
    for (JsonNode dispute : ok(post("/api/compute/settle"), request(job, build))) {
      if (dispute.get("question").asString().contains(about)) {
        return dispute;
      }
    }
    throw new AssertionError("no dispute about " + about);
  }

  @Test
  void recommendationsChangeWithTruckAndClimate() throws Exception {
    ObjectNode hot = hive();
    ObjectNode mild = hive();
    ((ObjectNode) mild.get("haul")).put("gradePercent", 2).put("ambientC", 12);
    assertThat(dispute(hot, 2, "Thermostat").get("recommended").asInt()).isZero();
    assertThat(dispute(mild, 2, "Thermostat").get("recommended").asInt()).isEqualTo(1);
    ObjectNode rough = hive();
    ((ObjectNode) rough.get("vehicle")).put("rollingCoefficient", 0.02);
    ((ObjectNode) rough.get("haul")).put("gradePercent", 4);
    assertThat(dispute(hot, 2, "metal").get("recommended").asInt()).isZero();
    assertThat(dispute(rough, 2, "metal").get("recommended").asInt()).isEqualTo(1);
    assertThat(ok(post("/api/compute/settle"), request(hot, 1))).hasSize(9);
  }

  @Test
  void everyDisputeIsSettledOnEveryRigWithAReason() throws Exception {
    for (JsonNode job : ok(get("/api/jobs"), null)) {
      ObjectNode content = (ObjectNode) job.get("content");
      for (JsonNode dispute : ok(post("/api/compute/settle"), request(content, 1))) {
        JsonNode schools = dispute.get("schools");
        assertThat(schools.size()).isBetween(2, 3);
        assertThat(dispute.get("recommended").asInt()).isBetween(0, schools.size() - 1);
        assertThat(dispute.get("reason").asString()).isNotBlank().doesNotContain("NaN");
        assertThat(dispute.get("otherwise").asString()).isNotBlank();
        for (JsonNode school : schools) {
          assertThat(school.get("effects").toString()).doesNotContain("NaN");
          assertThat(school.get("effects").isEmpty()).isFalse();
        }
      }
    }
  }

  @Test
  void eachDemoRigHasItsOwnTroubleAndTheAppNamesIt() throws Exception {
    int known = 0;
    for (JsonNode job : ok(get("/api/jobs"), null)) {
      known++;
      String advice =
          ok(post("/api/compute/assessment"), job.get("content")).at("/builds/1/advice").toString();
      switch (job.at("/content/name").asString()) {
        case "Tilt-tray" -> assertThat(advice).contains("charge-air cooler and condenser");
        case "Bucket truck" -> assertThat(advice).contains("is converter slip", "A lower gear");
        case "Plough pickup" -> assertThat(advice).contains("clutch grips only to");
        case "Hive utility" -> assertThat(advice).contains("an oil cooler is what is missing");
        default -> known--; // a job that another test has made
      }
    }
    assertThat(known).isEqualTo(4);
  }

  @Test
  void everyKindOfIntakeHasASteadyStateAndAsksToBeMeasured() throws Exception {
    JsonNode kinds = ok(get("/api/intake/kinds"), null);
    assertThat(kinds).hasSize(4);
    for (JsonNode kind : kinds) {
      JsonNode build = ok(post("/api/compute/assessment"), kind.get("job")).at("/builds/1");
      assertThat(build.get("problem").isNull()).isTrue();
      assertThat(build.get("measureNext")).hasSize(3);
      ok(post("/api/jobs"), kind.get("job"));
    }
    for (JsonNode job : ok(get("/api/jobs"), null)) {
      if (job.at("/content/name").asString().equals("New job")) {
        ok(delete("/api/jobs/" + job.get("id").asString()), null);
      }
    }
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
