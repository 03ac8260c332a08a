package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
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
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.rig.AirTraverse;
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
    JsonNode said = text.isEmpty() ? null : mapper.readTree(text);
    return response.getStatus() == 202 && said.has("question")
        ? send(get("/api/questions/" + said.get("question").asString()), null)
        : new Answer(response.getStatus(), said);
  }

  private JsonNode ok(MockHttpServletRequestBuilder request, Object body) throws Exception {
    Answer answer = send(request, body);
    assertThat(answer.status()).as("%s", answer.body()).isBetween(200, 299);
    return answer.body();
  }

  /** The content of a saved job, free to be changed. */
  private ObjectNode content(JsonNode job) {
    ObjectNode content = mapper.createObjectNode();
    for (String section : List.of("about", "rig", "nose", "haul", "checks")) {
      content.set(section, job.get(section).get("body").deepCopy());
    }
    ArrayNode builds = content.putArray("builds");
    job.get("builds").forEach(b -> builds.add(b.get("body").deepCopy()));
    return content;
  }

  private JsonNode saved(String name) throws Exception {
    for (JsonNode card : ok(get("/api/jobs"), null)) {
      if (card.at("/about/body/name").asString().equals(name)) {
        return whole(card);
      }
    }
    throw new AssertionError("the demo yard has no " + name);
  }

  private JsonNode whole(JsonNode card) throws Exception {
    return ok(get("/api/jobs/" + card.get("id").asString()), null);
  }

  private ObjectNode hive() throws Exception {
    return content(saved("Hive utility"));
  }

  private ObjectNode request(ObjectNode job, int build) {
    ObjectNode request = mapper.createObjectNode();
    request.set("job", job);
    request.set("build", job.get("builds").get(build).get("id"));
    return request;
  }

  private JsonNode detail(ObjectNode job, int build) throws Exception {
    return ok(post("/api/compute/detail"), request(job, build));
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
    assertThat(balance.get("coolantC").asDouble()).isCloseTo(111.07, within(0.01));
    assertThat(balance.get("sumpC").asDouble()).isCloseTo(91.02, within(0.01));
    assertThat(balance.at("/heat/tank").asDouble()).isCloseTo(-2.06, within(0.01));
    assertThat(balance.get("cells")).hasSizeGreaterThan(20);
  }

  @Test
  void theFrontEndsContractIsTheServersOwn() throws Exception {
    ObjectNode document = (ObjectNode) ok(get("/api/openapi"), null);
    document.putArray("servers");
    JsonNode kept = mapper.readTree(Files.readString(Path.of("../web/openapi.json")));
    assertThat(document.equals(kept))
        .as("web/openapi.json is out of date; write /api/openapi of a running server into it")
        .isTrue();
  }

  /** The document names types by their simple names, and of two with one name keeps either. */
  @Test
  void eachNameOfTheContractIsOneType() throws Exception {
    Map<String, Long> types =
        new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("roadbreeze.server")
                .stream()
                .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
    JsonNode schemas = ok(get("/api/openapi"), null).at("/components/schemas");
    assertThat(schemas.propertyNames())
        .hasSizeGreaterThan(50)
        .allSatisfy(name -> assertThat(types.getOrDefault(name, 1L)).as(name).isEqualTo(1L));
  }

  @Test
  void theDemoTellsItsStory() throws Exception {
    ObjectNode hive = hive();
    JsonNode verdicts = ok(post("/api/compute/verdicts"), hive);
    assertThat(verdicts.at("/0/coolant/standing").asString()).isEqualTo("OVER");
    assertThat(verdicts.at("/0/pan/standing").asString()).isEqualTo("OVER");
    assertThat(verdicts.at("/1/coolant/standing").asString()).isEqualTo("MARGINAL");
    assertThat(verdicts.at("/1/pan/standing").asString()).isEqualTo("OVER");
    assertThat(verdicts.at("/2/coolant/standing").asString()).isEqualTo("MARGINAL");
    assertThat(verdicts.at("/2/pan/standing").asString()).isEqualTo("HOLDS");
    JsonNode stair = ok(get("/api/roads"), null).get(1).get("haul");
    hive.set("haul", stair);
    JsonNode plan = detail(hive, 2);
    assertThat(plan.at("/verdict/pan/standing").asString()).isEqualTo("MARGINAL");
    assertThat(plan.at("/verdict/coolant/standing").asString()).isEqualTo("OVER");
    assertThat(plan.get("advice").toString()).contains("advice.oilSaved");
  }

  private ObjectNode save(JsonNode section) {
    ObjectNode save = mapper.createObjectNode();
    save.put("version", section.get("version").asLong());
    save.set("body", section.get("body").deepCopy());
    return save;
  }

  @Test
  void aStaleSaveOverwritesNothingAndOtherSectionsDoNotClash() throws Exception {
    JsonNode job = ok(post("/api/jobs"), hive());
    String path = "/api/jobs/" + job.get("id").asString();
    ObjectNode first = save(job.get("haul"));
    ((ObjectNode) first.get("body")).put("gradePercent", 7.25);
    JsonNode saved = ok(put(path + "/haul"), first);
    assertThat(saved.get("version").asLong()).isGreaterThan(job.at("/haul/version").asLong());

    ObjectNode late = save(job.get("haul"));
    ((ObjectNode) late.get("body")).put("speedKmh", 20);
    Answer refused = send(put(path + "/haul"), late);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().at("/said/0/code").asString()).isEqualTo("refusal.savedElsewhere");
    assertThat(refused.body().at("/current/body/gradePercent").asDouble()).isEqualTo(7.25);
    // Another section of the same old job is not stale at all.
    ObjectNode rig = save(job.get("rig"));
    ((ObjectNode) rig.at("/body/trailer")).put("massKg", 2222);
    ok(put(path + "/rig"), rig);
    ObjectNode build = save(job.at("/builds/2"));
    ((ObjectNode) build.get("body")).put("name", "Ours");
    ok(put(path + "/builds"), build);
    JsonNode now = ok(get(path), null);
    assertThat(now.at("/haul/body/speedKmh").asDouble()).isEqualTo(75);
    assertThat(now.at("/rig/body/trailer/massKg").asDouble()).isEqualTo(2222);
    assertThat(now.at("/builds/2/body/name").asString()).isEqualTo("Ours");

    assertThat(send(delete(path), null).status()).isEqualTo(204);
    assertThat(send(get(path), null).status()).isEqualTo(404);
    assertThat(send(put(path + "/haul"), first).status()).isEqualTo(404);
  }

  @Test
  void buildsComeAndGoOneByOne() throws Exception {
    JsonNode job = ok(post("/api/jobs"), hive());
    String path = "/api/jobs/" + job.get("id").asString();
    ObjectNode plan = (ObjectNode) job.at("/builds/2/body").deepCopy();
    JsonNode added = ok(post(path + "/builds"), plan.put("id", "plan-b").put("name", "Plan B"));
    assertThat(added.at("/body/name").asString()).isEqualTo("Plan B");
    Answer twice = send(post(path + "/builds"), plan);
    assertThat(twice.status()).isEqualTo(400);
    assertThat(twice.body().at("/said/0/code").asString()).isEqualTo("refusal.sameId");
    // Removing against an edit is a conflict, with the edit in the answer.
    ObjectNode edit = save(added);
    ((ObjectNode) edit.get("body")).put("name", "Plan B, longer");
    JsonNode edited = ok(put(path + "/builds"), edit);
    String gone = path + "/builds/plan-b?version=";
    Answer stale = send(delete(gone + added.get("version").asLong()), null);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().at("/current/body/name").asString()).isEqualTo("Plan B, longer");
    ok(delete(gone + edited.get("version").asLong()), null);
    ok(delete(gone + edited.get("version").asLong()), null); // again is no harm
    Answer late = send(put(path + "/builds"), edit);
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body().at("/said/0/code").asString()).isEqualTo("refusal.goneElsewhere");
    for (int i = 0; i < 2; i++) {
      ok(
          delete(
              path
                  + "/builds/"
                  + job.at("/builds/" + i + "/body/id").asString()
                  + "?version="
                  + job.at("/builds/" + i + "/version").asLong()),
          null);
    }
    Answer last = send(delete(path + "/builds/plan-3?version=0"), null);
    assertThat(last.body().at("/said/0/code").asString()).isEqualTo("refusal.lastBuild");
    for (int i = 0; i < 11; i++) {
      ok(post(path + "/builds"), plan.put("id", "more-" + i));
    }
    Answer many = send(post(path + "/builds"), plan.put("id", "thirteenth"));
    assertThat(many.body().at("/said/0/code").asString()).isEqualTo("refusal.tooMany");
    ok(delete(path), null);
  }

  @Test
  void buildsStandInTheOrderTheyWerePutIn() throws Exception {
    JsonNode job = ok(post("/api/jobs"), hive());
    String path = "/api/jobs/" + job.get("id").asString();
    ObjectNode about = ((ObjectNode) job.at("/about/body")).deepCopy();
    about.putArray("order").add("plan-3").add("found");
    ok(put(path + "/about"), about.objectNode().put("version", 0).set("body", about));
    JsonNode builds = ok(get(path), null).get("builds");
    assertThat(builds.findValuesAsString("id")).startsWith("plan-3");
    assertThat(builds.at("/1/body/id").asString()).isEqualTo("found");
    assertThat(builds.at("/2/body/id").asString()).isEqualTo("restored");
    ok(delete(path), null);
  }

  @Test
  void theYardHasANameAndAMoneyOfItsOwn() throws Exception {
    ObjectNode yard = (ObjectNode) ok(get("/api/yard"), null);
    JsonNode saved =
        ok(put("/api/yard"), yard.deepCopy().put("name", "Ours").put("currency", "SEK"));
    assertThat(ok(get("/api/yard"), null)).isEqualTo(saved);
    assertThat(saved.get("currency").asString()).isEqualTo("SEK");
    Answer stale = send(put("/api/yard"), yard);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().at("/current/name").asString()).isEqualTo("Ours");
    ((ObjectNode) saved).put("currency", "money").put("name", " ");
    JsonNode refused = send(put("/api/yard"), saved).body();
    assertThat(refused.at("/errors/0/field").asString()).isEqualTo("currency");
    assertThat(refused.at("/errors/1/field").asString()).isEqualTo("name");
    ok(put("/api/yard"), yard.put("version", saved.get("version").asLong()));
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
                        ObjectNode save = save(job.get("rig"));
                        ((ObjectNode) save.at("/body/trailer")).put("massKg", 1000 + i);
                        return send(put(path + "/rig"), save).status();
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
  void theMatrixIsDrivenOnceForAYardThatStaysAsItIs() throws Exception {
    ObjectNode ask = mapper.createObjectNode().putNull("trailerOf");
    JsonNode first = ok(post("/api/yard-matrix"), ask);
    assertThat(ok(post("/api/yard-matrix"), ask).get("id")).isEqualTo(first.get("id"));
    JsonNode made = ok(post("/api/jobs"), hive());
    JsonNode more = ok(post("/api/yard-matrix"), ask);
    assertThat(more.get("id")).isNotEqualTo(first.get("id"));
    assertThat(more.get("trucks")).hasSize(first.get("trucks").size() + 1);
    for (JsonNode run : List.of(first, more)) {
      ok(delete("/api/yard-matrix/" + run.get("id").asString()), null);
    }
    // A run that was given up is no answer.
    assertThat(ok(post("/api/yard-matrix"), ask).get("id")).isNotEqualTo(more.get("id"));
    ok(delete("/api/jobs/" + made.get("id").asString()), null);
  }

  @Test
  void theYardListsCardsAndVerdictsOfWhatIsSaved() throws Exception {
    ObjectNode content = hive();
    ((ObjectNode) content.get("about")).put("name", "Cards");
    JsonNode made = ok(post("/api/jobs"), content);
    JsonNode card = null;
    for (JsonNode each : ok(get("/api/jobs"), null)) {
      card = each.at("/about/body/name").asString().equals("Cards") ? each : card;
    }
    assertThat(card.get("id")).isEqualTo(made.get("id"));
    assertThat(card.get("about")).isEqualTo(made.get("about"));
    assertThat(card.get("truck")).isEqualTo(content.at("/rig/vehicle/name"));
    assertThat(card.get("trailer")).isEqualTo(content.at("/rig/trailer/name"));
    for (String field : List.of("road", "gradePercent", "speedKmh", "ambientC")) {
      assertThat(card.at("/stretch/" + field)).isEqualTo(content.at("/haul/" + field));
    }
    for (int i = 0; i < 3; i++) {
      assertThat(card.at("/builds/" + i + "/name")).isEqualTo(content.at("/builds/" + i + "/name"));
    }
    assertThat(card.toString().length()).isLessThan(1500);

    String verdicts = "/api/jobs/" + made.get("id").asString() + "/verdicts";
    JsonNode before = ok(get(verdicts), null);
    assertThat(before).isEqualTo(ok(post("/api/compute/verdicts"), content));
    assertThat(ok(get(verdicts), null)).isEqualTo(before);
    ObjectNode steeper = ((ObjectNode) content.get("haul")).put("gradePercent", 7);
    ObjectNode save = mapper.createObjectNode().put("version", made.at("/haul/version").asLong());
    ok(put("/api/jobs/" + made.get("id").asString() + "/haul"), save.set("body", steeper));
    JsonNode after = ok(get(verdicts), null);
    assertThat(after).isNotEqualTo(before).isEqualTo(ok(post("/api/compute/verdicts"), content));
    ok(delete("/api/jobs/" + made.get("id").asString()), null);
    assertThat(send(get(verdicts), null).status()).isEqualTo(404);
  }

  @Test
  void exportAndImportGiveTheSameNumbers() throws Exception {
    JsonNode job = whole(ok(get("/api/jobs"), null).get(0));
    JsonNode file = ok(get("/api/jobs/" + job.get("id").asString() + "/export"), null);
    assertThat(file.get("formatVersion").asInt()).isEqualTo(JobFormat.CURRENT);
    JsonNode imported = ok(post("/api/jobs/import"), file);
    assertThat(imported.get("id")).isNotEqualTo(job.get("id"));
    assertThat(content(imported)).isEqualTo(content(job));
    ok(delete("/api/jobs/" + imported.get("id").asString()), null);
  }

  /** A job with every optional part fitted and every list full. */
  private ObjectNode crowded() throws Exception {
    ObjectNode job = hive();
    ObjectNode cooling = (ObjectNode) job.at("/rig/vehicle/cooling");
    ObjectNode charge = ((ObjectNode) cooling.get("condenser")).deepCopy().put("depthMm", 40.5);
    cooling.set("chargeAirCooler", charge);
    ((ObjectNode) job.at("/rig/vehicle/engine"))
        .put("kind", "BOOSTED_DIESEL")
        .put("boostRatio", 2.2);
    withTraverse(job, 2.75);
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
    ObjectNode second = ((ObjectNode) coolers.get(0)).deepCopy().put("id", "second");
    second.put("place", "ELSEWHERE").put("ownFanM3s", 0.41).put("sealed", false);
    ((ObjectNode) second.get("part")).put("bypassOpensC", 71.5).put("family", "TUBE_AND_FIN");
    coolers.add(second);
    ArrayNode fans = (ArrayNode) build.get("fans");
    ObjectNode helper = ((ObjectNode) fans.get(0)).deepCopy().put("id", "helper");
    helper.put("mount", "PUSHER").putNull("switchPoints");
    ObjectNode part = (ObjectNode) helper.get("part");
    part.put("volts", 12.8).put("amps", 14).putNull("shutoffPa");
    part.putArray("curveM3s").add(0).add(0.35).add(0.7);
    part.putArray("curvePa").add(210).add(160.5).add(20);
    fans.add(helper);
    JsonNode obstacle = job.at("/nose/solids/0");
    JsonNode hose = build.at("/lines/hoses/0");
    JsonNode bracket = mapper.valueToTree(Jobs.flat(Jobs.HIVE)).at("/builds/0/mounting/brackets/0");
    for (int i = 0; i < 10; i++) {
      String name = "ß \u2013 no. " + i;
      ((ArrayNode) job.at("/nose/solids"))
          .add(((ObjectNode) obstacle.deepCopy()).put("id", "o" + i).put("name", name));
      ((ArrayNode) build.at("/lines/hoses"))
          .add(((ObjectNode) hose.deepCopy()).put("id", "h" + i).put("lengthM", 1 + i / 8.0));
      if (i < 8) {
        ((ArrayNode) build.at("/mounting/brackets"))
            .add(((ObjectNode) bracket.deepCopy()).put("id", "s" + i).put("tabMm", 20 + i));
      }
    }
    ((ArrayNode) job.get("builds")).add(build.deepCopy().put("id", "b").put("name", "Plan B"));
    return job;
  }

  @Test
  void whatIsSavedComesBack() throws Exception {
    ObjectNode full = crowded();
    JsonNode job = ok(post("/api/jobs"), full);
    String path = "/api/jobs/" + job.get("id").asString();
    JsonNode again = ok(get(path), null);
    assertThat(content(again)).isEqualTo(content(job));
    assertThat(mapper.treeToValue(content(again), JobContent.class))
        .isEqualTo(mapper.treeToValue(full, JobContent.class));
    ok(delete(path), null);
  }

  @Test
  void twoRowsCannotHaveOneId() throws Exception {
    ObjectNode job = hive();
    ArrayNode solids = (ArrayNode) job.at("/nose/solids");
    solids.add(solids.get(0).deepCopy());
    assertThat(send(post("/api/jobs"), job).status()).isEqualTo(400);
  }

  @Test
  void aCrowdedRigIsWorkedOutOnEveryScreen() throws Exception {
    ObjectNode full = crowded();
    JsonNode plan = detail(full, 2);
    assertThat(plan.at("/verdict/problem").isNull()).isTrue();
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
    "GET, /api/compute/verdicts, 405",
    "GET, /api/finder/nothing, 404",
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
    "/rig/trailer, massKg, 90000, rig.trailer.massKg, 20000, mass",
    "/haul, ambientC, 80, haul.ambientC, 60, temperature",
    "/haul, gradePercent, 60, haul.gradePercent, 0.3, percent",
    "/haul, speedKmh, 0, haul.speedKmh, 36.1111, speed",
    "/haul, speedKmh, -5, haul.speedKmh, 36.1111, speed",
    "/builds/2/fans/0, speedPercent, 400, builds[2].fans[0].speedPercent, 1, percent"
  })
  void absurdValuesAreNamedWithTheirLimit(
      String parent, String property, double value, String field, double high, String kind)
      throws Exception {
    ObjectNode job = hive();
    ((ObjectNode) job.at(parent)).put(property, value);
    Answer answer = send(post("/api/compute/verdicts"), job);
    assertThat(answer.status()).isEqualTo(400);
    JsonNode error = answer.body().at("/errors/0");
    assertThat(error.get("field").asString()).isEqualTo(field);
    assertThat(error.at("/said/code").asString()).isEqualTo("refusal.outOfSpan");
    JsonNode values = error.at("/said/values");
    assertThat(values.at("/field/word").asString()).isEqualTo("field." + property);
    assertThat(values.at("/high/value").asDouble()).isCloseTo(high, within(1e-3));
    assertThat(values.at("/high/kind").asString()).isEqualTo(kind);
  }

  @Test
  void hostileFilesAreRefusedAndLeaveNothing() throws Exception {
    int before = ok(get("/api/jobs"), null).size();
    JsonNode good =
        mapper
            .createObjectNode()
            .put("format", "road-breeze-job")
            .put("formatVersion", 5)
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
    ((ObjectNode) nothing.get("job")).putNull("rig");
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
    ((ObjectNode) job.at("/rig/vehicle/cooling")).put("openingDepthMm", 40);
    ((ObjectNode) Jobs.find(job, "nose.solids.obstacle-1.box")).put("frontMm", 0);
    JsonNode plan = detail(job, 2);
    assertThat(plan.at("/clearances/0/subject").asString()).isEqualTo("cooler-1");
    assertThat(plan.at("/clearances/0/said/code").asString()).isEqualTo("clearance.gapTooDeep");
    assertThat(plan.at("/clearances/0/said/values/room/value").asDouble()).isEqualTo(0.04);
    assertThat(plan.at("/clearances/1/said/code").asString()).startsWith("clearance.inObstacle");
    assertThat(plan.at("/verdict/coolant/peakC").asDouble()).isGreaterThan(100);
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
    double balance = ok(post("/api/compute/verdicts"), hive()).at("/2/coolant/peakC").asDouble();
    JsonNode grade = ok(post("/api/compute/map"), mapRequest("AMBIENT_GRADE", 8, 48, 0, 12));
    JsonNode mass = ok(post("/api/compute/map"), mapRequest("AMBIENT_MASS", 8, 48, 2100, 4100));
    JsonNode speed = ok(post("/api/compute/map"), mapRequest("SPEED_GRADE", 45, 85, 0, 12));
    assertThat(grade.at("/coolantC/30/20").asDouble())
        .isCloseTo(balance, within(1e-4)); // 38 °C, 6 %
    assertThat(mass.at("/coolantC/30/20").asDouble()).isCloseTo(balance, within(1e-4)); // 3100 kg
    assertThat(speed.at("/coolantC/30/20").asDouble()).isCloseTo(balance, within(1e-4)); // 75 km/h
    assertThat(grade.at("/sureK/30/20").asDouble())
        .isLessThan(grade.at("/worstK/30/20").asDouble());
    ObjectNode against = mapRequest("AMBIENT_GRADE", 8, 48, 0, 12).put("against", "restored");
    assertThat(ok(post("/api/compute/map"), against).at("/gainK/30/20").asDouble())
        .isGreaterThan(5);
    assertThat(send(post("/api/compute/map"), mapRequest("AMBIENT_GRADE", 8, 48, 3, 0.5)).status())
        .isEqualTo(400);
  }

  @Test
  void theWorkSheetHoldsWhatTheBayNeeds() throws Exception {
    JsonNode sheet = ok(post("/api/compute/work-sheet"), request(hive(), 2));
    assertThat(sheet.get("parts").toString()).contains("Stacked plate 280", "listed.hose");
    assertThat(sheet.at("/lines/cuts/0/cutMm").asDouble()).isCloseTo(1078, within(0.1));
    assertThat(sheet.at("/brackets")).hasSize(4);
    assertThat(sheet.at("/brackets/0/flatMm").asDouble()).isPositive();
    assertThat(ordered(hive()))
        .contains("caution.burns")
        .doesNotContain("\"pump-on\"", "\"new-cap\"");

    ObjectNode worn = hive();
    ObjectNode condition = (ObjectNode) worn.at("/builds/0/condition");
    condition.put("pumpPercent", 60.0);
    condition.put("suctionPercent", 80.0);
    condition.put("capPercent", 40.0);
    condition.put("airPercent", 5.0);
    condition.put("sensorLowK", 4.0);
    condition.put("oilFlowPercent", 70.0);
    JsonNode mended = ok(post("/api/compute/work-sheet"), request(worn, 2));
    assertThat(mended.get("parts").toString())
        .contains("listed.pump", "listed.suctionHose", "listed.cap", "listed.sensor");
    assertThat(ordered(worn))
        .contains("\"pump-on\"", "\"suction-hose\"", "\"new-cap\"")
        .contains("\"fill-funnel\"", "\"coolant-sensor\"", "\"free-oil\"");
    Answer noBuild =
        send(post("/api/compute/work-sheet"), request(hive(), 2).put("build", "nobody"));
    assertThat(noBuild.status()).isEqualTo(400);
    for (String quantity : List.of("COOLANT", "FEED", "PAN")) {
      JsonNode working = ok(post("/api/compute/working/" + quantity), request(hive(), 2));
      assertThat(working.get("steps")).hasSizeGreaterThan(3);
      assertThat(working.at("/sureness/code").asString()).isEqualTo("result.sure");
    }
    assertThat(send(post("/api/compute/working/NOISE"), request(hive(), 2)).status())
        .isEqualTo(404);
  }

  @Test
  void oneBuildIsHeldAgainstAnother() throws Exception {
    ObjectNode job = hive();
    ObjectNode ask = request(job, 2).put("other", "restored");
    JsonNode plan = ok(post("/api/compute/against"), ask);
    assertThat(plan.get("panK").asDouble())
        .isCloseTo(
            detail(job, 2).at("/verdict/pan/peakC").asDouble()
                - detail(job, 1).at("/verdict/pan/peakC").asDouble(),
            within(1e-6));
    assertThat(plan.get("price").asDouble())
        .isEqualTo(job.at("/builds/2/coolers/0/part/price").asDouble());
    assertThat(plan.get("amps").asDouble()).isZero();
    // The cooler in front takes some of the air, also standing still.
    assertThat(plan.get("airAtIdle").asDouble())
        .isLessThan(plan.get("otherAirAtIdle").asDouble())
        .isPositive();
    JsonNode back =
        ok(
            post("/api/compute/against"),
            request(job, 1).put("other", job.at("/builds/2/id").asString()));
    assertThat(back.get("coolantK").asDouble())
        .isCloseTo(-plan.get("coolantK").asDouble(), within(1e-9));
  }

  @Test
  void measuringNarrowsTheBandAndTheAppSaysWhatToMeasure() throws Exception {
    ObjectNode job = hive();
    double sure = detail(job, 1).at("/verdict/coolant/bandK").asDouble();
    ((ObjectNode) job.at("/rig/marks"))
        .put("vehicle.cooling.radiator.finsPerInch", "DEFAULT")
        .put("vehicle.cooling.pumpKgsAt4000", "DEFAULT")
        .put("trailer.massKg", "DEFAULT");
    ((ObjectNode) job.at("/builds/1/marks")).put("fans.fan-1.part.freeFlowM3s", "DEFAULT");
    JsonNode unsure = detail(job, 1);
    assertThat(unsure.at("/verdict/coolant/bandK").asDouble()).isGreaterThan(sure + 1);
    assertThat(unsure.get("measureNext")).hasSize(3);
    assertThat(unsure.at("/measureNext/0/coolantK").asDouble()).isPositive();
  }

  @Test
  void fansRatingsAndATraverseAreReadOnThisTruck() throws Exception {
    ObjectNode job = hive();
    JsonNode fan = ok(post("/api/compute/fans"), request(job, 2)).at("/fans/0");
    assertThat(fan.at("/at/0/flow").asDouble())
        .isLessThan(fan.at("/at/3/flow").asDouble())
        .isLessThan(fan.get("freeFlow").asDouble());
    // Readings of what the model itself passes at a standstill ask for no correction.
    JsonNode traverse =
        ok(post("/api/compute/traverses"), request(withTraverse(hive(), 3), 2)).at("/rows/0");
    double passes = traverse.get("modelFlow").asDouble() / (0.76 * 0.52);
    JsonNode exact =
        ok(post("/api/compute/traverses"), request(withTraverse(hive(), passes), 2)).at("/rows/0");
    assertThat(exact.get("fanFactor").asDouble()).isCloseTo(1, within(1e-3));
    ObjectNode heat = request(job, 2).put("heatKw", 6.0).putNull("differenceK").putNull("massKg");
    JsonNode reading = ok(post("/api/compute/rating"), heat);
    assertThat(reading.get("claimedHereKw").asDouble())
        .isCloseTo(6.0 * (107 - 38) / 55, within(1e-9));
    assertThat(reading.get("reading").toString()).contains("temperaturesUnsaid");
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

  private static ObjectNode withTraverse(ObjectNode job, double reading) {
    JsonNode row =
        JsonMapper.shared()
            .valueToTree(Jobs.traverse(Jobs.HIVE, AirTraverse.Where.AT_CORE, reading, null));
    ((ObjectNode) job.get("rig")).putArray("traverses").add(row);
    return job;
  }

  private JsonNode search(ObjectNode request) throws Exception {
    String id = ok(post("/api/finder"), request).get("id").asString();
    for (int i = 0; i < 300; i++) {
      JsonNode state = ok(get("/api/finder/" + id), null);
      if (!state.get("status").asString().equals("RUNNING")) {
        theCountsAndTheHoursAgree(request, state);
        return state;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("the search does not end");
  }

  private String ordered(ObjectNode job) throws Exception {
    ObjectNode asked = request(job, 2).put("quick", true);
    return ok(post("/api/compute/work-order"), asked).get("steps").toString();
  }

  /** What fell out and what did not make all; a find's hours are those of its work sheet. */
  private void theCountsAndTheHoursAgree(ObjectNode request, JsonNode state) throws Exception {
    long counted = state.get("unbeaten").asLong();
    for (JsonNode fallen : state.get("fallen")) {
      counted += fallen.get("count").asLong();
    }
    assertThat(counted).isEqualTo(state.get("sets").asLong());
    ObjectNode job = ((ObjectNode) request.get("job")).deepCopy();
    int start = hands(job, request.get("build").asString());
    ArrayNode builds = (ArrayNode) job.get("builds");
    for (JsonNode pick : state.get("picks")) {
      builds.add(((ObjectNode) pick.get("build").deepCopy()).put("id", "looked-at"));
      assertThat(hands(job, "looked-at") - start)
          .as(pick.get("parts").toString())
          .isEqualTo(pick.get("minutes").asInt());
      builds.remove(builds.size() - 1);
    }
  }

  private int hands(ObjectNode job, String build) throws Exception {
    ObjectNode request = request(job, 0).put("build", build);
    return ok(post("/api/compute/work-sheet"), request).get("minutes").asInt();
  }

  private ObjectNode finderRequest(ObjectNode job, double budget) {
    return request(job, 1)
        .put("budget", budget)
        .put("hours", 12)
        .put("amps", 40)
        .put("fans", false)
        .put("radiators", false)
        .put("thermostats", true)
        .put("fixes", false);
  }

  @Test
  void theFindersFirstAnswerEnteredByHandGivesTheSameNumbers() throws Exception {
    ObjectNode job = hive();
    JsonNode state = search(finderRequest(job, 400));
    assertThat(state.get("status").asString()).isEqualTo("DONE");
    assertThat(state.get("enough").asBoolean()).isTrue();
    JsonNode pick = state.at("/picks/0");
    ((ArrayNode) job.get("builds"))
        .add(((ObjectNode) pick.get("build").deepCopy()).put("id", "by-hand"));
    JsonNode byHand = ok(post("/api/compute/haul"), request(job, 3));
    for (String fluid : List.of("coolant", "feed", "pan")) {
      assertThat(byHand.at("/" + fluid + "/peakC").asDouble())
          .isCloseTo(pick.at("/" + fluid + "/peakC").asDouble(), within(1e-6));
    }
    assertThat(detail(job, 3).get("clearances")).isEmpty();
    assertThat(state.get("fallen").toString())
        .contains("resultReason.overBudget", "resultReason.beaten");

    ObjectNode oven = hive();
    ((ObjectNode) oven.at("/haul/journey")).put("hottestC", 58).put("coldestC", 45);
    JsonNode onRoad = search(finderRequest(oven, 400));
    assertThat(onRoad.get("enough").asBoolean()).isFalse();
    assertThat(onRoad.get("instead").toString()).contains("wayOut.cooler");
    // Without a road its worst stretch is asked about.
    ((ObjectNode) job.get("haul")).putNull("journey").put("gradePercent", 1).put("ambientC", 15);
    assertThat(search(finderRequest(job, 400)).at("/picks/0/merit").asString())
        .isEqualTo("NOTHING_BOUGHT");
    ((ObjectNode) job.get("haul")).put("gradePercent", 9).put("speedKmh", 35).put("ambientC", 42);
    JsonNode hopeless = search(finderRequest(job, 400));
    assertThat(hopeless.get("enough").asBoolean()).isFalse();
    assertThat(hopeless.get("instead").toString()).contains("wayOut.");
  }

  /** Builds of the finds of a search for small fixes alone. */
  private List<JsonNode> fixed(ObjectNode job, int from) throws Exception {
    ObjectNode request = finderRequest(job, 2000).put("fixes", true).put("thermostats", false);
    JsonNode state = search(request.put("build", job.at("/builds/" + from + "/id").asString()));
    assertThat(state.get("status").asString()).isEqualTo("DONE");
    List<JsonNode> picks = new ArrayList<>();
    state.get("picks").forEach(picks::add);
    return picks;
  }

  private static boolean bought(JsonNode pick, String what) {
    return pick.get("parts").toString().contains(what);
  }

  @Test
  void theFinderTriesSmallFixesOnWhatIsThere() throws Exception {
    // A cooler that hardly gets air wants a fan of its own more than a larger one.
    ObjectNode starved = hive();
    ((ObjectNode) starved.at("/builds/2/coolers/0")).put("place", "ELSEWHERE").putNull("ownFanM3s");
    List<JsonNode> own = fixed(starved, 2);
    assertThat(own)
        .anySatisfy(
            pick -> {
              assertThat(bought(pick, "bought.ownFan")).isTrue();
              assertThat(pick.at("/build/coolers/0/ownFanM3s").asDouble()).isGreaterThan(0.1);
            });
    // Slow and without seals the pack breathes its own air again.
    ObjectNode leaky = hive();
    ((ObjectNode) leaky.at("/builds/1/condition")).put("recirculation", 0.3);
    ((ObjectNode) leaky.get("haul")).put("speedKmh", 12).put("gradePercent", 10);
    assertThat(fixed(leaky, 1))
        .anySatisfy(
            pick ->
                assertThat(pick.at("/build/condition/recirculation").asDouble()).isEqualTo(0.02));
    // A horn in the air costs nothing to move, and that is not the truck as it was.
    ObjectNode loud = hive();
    ObjectNode horn = (ObjectNode) Jobs.find(loud, "nose.solids.obstacle-2");
    horn.put("takesAir", true).putNull("round");
    ((ObjectNode) horn.get("box"))
        .put("widthMm", 300)
        .put("heightMm", 300)
        .put("leftMm", 300)
        .put("bottomMm", 100);
    assertThat(fixed(loud, 1))
        .anySatisfy(
            pick -> assertThat(pick.at("/build/moved/0").asString()).isEqualTo("obstacle-2"))
        .anySatisfy(
            pick -> {
              assertThat(pick.get("merit").asString()).isEqualTo("NOTHING_BOUGHT");
              assertThat(pick.at("/build/moved")).isEmpty();
            });
    // A clutch that grips late is bettered by one that grips early, on the blades that are there.
    ObjectNode late = content(saved("Tilt-tray"));
    ((ObjectNode) late.at("/builds/1/fans/0/part")).put("gripsFromC", 95).put("gripsFullyC", 115);
    assertThat(fixed(late, 1))
        .anySatisfy(
            pick -> {
              assertThat(pick.at("/build/fans/0/part/gripsFromC").asDouble()).isLessThan(95);
              assertThat(pick.at("/build/fans/0/part/code").asString())
                  .isEqualTo(late.at("/builds/1/fans/0/part/code").asString());
            });
  }

  @Test
  void aSearchCanBeCancelledAndIsForgottenByNobody() throws Exception {
    ObjectNode limited = finderRequest(hive(), 5000).put("fans", true);
    assertThat(search(limited).get("refused").toString()).contains("roomRefusal.fanOverCurrent");
    ObjectNode request = finderRequest(hive(), 5000).put("fans", true).put("radiators", true);
    String path = "/api/finder/" + ok(post("/api/finder"), request).get("id").asString();
    ok(delete(path), null);
    assertThat(ok(get(path), null).get("status").asString()).isEqualTo("CANCELLED");
    assertThat(send(get("/api/finder/00000000-0000-0000-0000-000000000000"), null).status())
        .isEqualTo(404);
  }

  private JsonNode dispute(ObjectNode job, int build, String about) throws Exception {
    for (JsonNode dispute : ok(post("/api/compute/settle"), request(job, build))) {
      if (dispute.at("/question/code").asString().equals(about)) {
        return dispute;
      }
    }
    throw new AssertionError("no dispute about " + about);
  }

  @Test
  void recommendationsChangeWithTruckAndClimate() throws Exception {
    ObjectNode hot = hive();
    ObjectNode mild = hive();
    ((ObjectNode) mild.get("haul")).put("gradePercent", 2).put("ambientC", 12).putNull("journey");
    assertThat(dispute(hot, 2, "timeSays.thermostat").at("/reason/code").asString())
        .isEqualTo("timeSays.colderSame");
    assertThat(dispute(mild, 2, "timeSays.thermostat").at("/reason/code").asString())
        .isEqualTo("timeSays.colderNotNeeded");
    ObjectNode rough = hive();
    ((ObjectNode) rough.at("/rig/vehicle")).put("rollingCoefficient", 0.02);
    ((ObjectNode) rough.get("haul")).put("gradePercent", 4);
    assertThat(dispute(rough, 2, "airSays.metal").get("recommended").asInt()).isEqualTo(1);
    assertThat(ok(post("/api/compute/settle"), request(hot, 1))).hasSize(18);
  }

  @Test
  void everyDisputeIsSettledOnEveryRigWithAReason() throws Exception {
    for (JsonNode card : ok(get("/api/jobs"), null)) {
      ObjectNode content = content(whole(card));
      for (JsonNode dispute : ok(post("/api/compute/settle"), request(content, 1))) {
        JsonNode schools = dispute.get("schools");
        assertThat(schools.size()).isBetween(2, 5);
        assertThat(dispute.get("recommended").asInt()).isBetween(0, schools.size() - 1);
        assertThat(dispute.get("reason").toString()).isNotBlank().doesNotContain("NaN");
        assertThat(dispute.at("/otherwise/code").asString()).isNotBlank();
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
      String advice = detail(content(whole(job)), 1).get("advice").toString();
      switch (job.at("/about/body/name").asString()) {
        case "Tilt-tray" -> assertThat(advice).contains("advice.frontCoresWarm");
        case "Bucket truck" -> assertThat(advice).contains("levers.slip", "advice.slipHeats");
        case "Plough pickup" -> assertThat(advice).contains("advice.clutchSlips");
        case "Hive utility" -> assertThat(advice).contains("advice.panOver");
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
      JsonNode build = detail((ObjectNode) kind.get("job"), 1);
      assertThat(build.at("/verdict/problem").isNull()).isTrue();
      assertThat(build.get("measureNext")).hasSize(3);
      ok(post("/api/jobs"), kind.get("job"));
    }
    for (JsonNode job : ok(get("/api/jobs"), null)) {
      if (job.at("/about/body/name").asString().equals("New job")) {
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
    assertThat(send(get("/api/jobs/not-an-id"), null).status()).isEqualTo(404);
  }
}
