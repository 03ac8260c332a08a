package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders, tasks of the yard, estimates and signed papers over real PostgreSQL. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WorkOrderApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String PLAN = "plan-3";
  private final HttpClient client = HttpClient.newHttpClient();
  private TestServer server;
  private String job;

  @BeforeAll
  void start() throws Exception {
    server = new TestServer("work_order_test");
    job = ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private HttpResponse<byte[]> send(String method, String path, Object body) throws Exception {
    byte[] sent = body == null ? new byte[0] : JSON.writeValueAsBytes(body);
    return client.send(
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + path))
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofByteArray(sent))
            .build(),
        HttpResponse.BodyHandlers.ofByteArray());
  }

  private JsonNode ok(String method, String path, Object body) throws Exception {
    HttpResponse<byte[]> answer = send(method, path, body);
    JsonNode said = answer.body().length == 0 ? null : JSON.readTree(answer.body());
    while (answer.statusCode() == 202) {
      answer = send("GET", "/api/questions/" + said.get("question").asString(), null);
      said = JSON.readTree(answer.body());
    }
    assertThat(answer.statusCode()).as("%s", said).isBetween(200, 299);
    return said;
  }

  private static ObjectNode hive() {
    return JSON.valueToTree(Jobs.HIVE);
  }

  private static ObjectNode work(ObjectNode content) {
    for (JsonNode build : content.get("builds")) {
      if (build.get("id").asString().equals(PLAN)) {
        return (ObjectNode) build.get("work");
      }
    }
    throw new IllegalStateException();
  }

  private JsonNode order(ObjectNode content) throws Exception {
    return ok(
        "POST", "/api/compute/work-order", Map.of("job", content, "build", PLAN, "quick", true));
  }

  private static JsonNode step(JsonNode order, String id) {
    for (JsonNode s : order.get("steps")) {
      if (s.get("id").asString().equals(id)) {
        return s;
      }
    }
    return null;
  }

  @Test
  void eachStepHasItsPlaceItsReasonAndWhatThePlanHasForIt() throws Exception {
    ObjectNode content = hive();
    work(content).put("people", 2);
    JsonNode order = order(content);
    assertThat(order.get("clashes")).isEmpty();
    assertThat(order.get("least").asInt()).isLessThanOrEqualTo(order.get("length").asInt());
    assertThat(order.get("unplanned").asInt()).isGreaterThan(order.get("length").asInt());
    for (JsonNode s : order.get("steps")) {
      assertThat(s.get("because")).as("%s", s.get("id")).isNotEmpty();
    }
    JsonNode cut = step(order, "cut-strip~bracket-upper-left");
    assertThat(cut.get("shows").get(0).get("code").asString()).isEqualTo("stepFact.flat");
    JsonNode template = step(order, "template~bracket-upper-left");
    assertThat(template.get("because").toString()).contains("because.beforeHidden");
    assertThat(order.get("bands").toString()).contains("front open", "battery off");
    // On the road nobody stands before it: that caution is for an engine that runs in the yard.
    assertThat(step(order, "first-start").get("cautions").toString()).contains("engineRuns");
    assertThat(step(order, "prove").get("cautions").toString()).doesNotContain("engineRuns");
    assertThat(order.get("lists").get("photos").toString()).contains("latch position");
  }

  @Test
  void whatSomebodyWantsOtherwiseIsPlannedAndWhatCannotBeIsNamed() throws Exception {
    ObjectNode content = hive();
    ObjectNode work = work(content);
    ObjectNode own = work.withArray("ownTasks").addObject();
    own.put("id", "own-1").put("title", "Weld the step").put("hands", 40).put("waits", 0);
    own.put("people", 1).put("under", false);
    own.putArray("comesAfter").add("open-front");
    own.putArray("comesBefore").add("close-front");
    work.withArray("added").add("soak-screws");
    work.withArray("leftOut").add("clean-up");
    work.withArray("minutes").addObject().put("id", "open-front").put("hands", 75).putNull("waits");
    JsonNode order = order(content);
    int opened = step(order, "open-front").get("start").asInt();
    assertThat(step(order, "open-front").get("hands").asInt()).isEqualTo(75);
    assertThat(step(order, "own-1").get("start").asInt()).isGreaterThanOrEqualTo(opened + 75);
    assertThat(step(order, "soak-screws")).isNotNull();
    assertThat(step(order, "clean-up")).isNull();
    String cooler = Jobs.HIVE.build(PLAN).coolers().get(0).id();
    work.withArray("fixed").removeAll();
    work.withArray("fixed")
        .addObject()
        .put("id", "hang-cooler~" + cooler)
        .put("minute", 480)
        .put("exactly", false);
    assertThat(step(order(content), "hang-cooler~" + cooler).get("start").asInt())
        .isGreaterThanOrEqualTo(480);
    ((ArrayNode) own.get("comesAfter")).add("close-front");
    JsonNode clash = order(content).get("clashes");
    assertThat(clash).isNotEmpty();
    assertThat(clash.toString())
        .contains("Weld the step", "Grille and trim on", "conflictWhat.makes");
    own.put("hands", -5);
    HttpResponse<byte[]> refused =
        send(
            "POST",
            "/api/compute/work-order",
            Map.of("job", content, "build", PLAN, "quick", true));
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8)).contains("hands");
  }

  /** What ships is as its published schema says, and so is what a yard writes. */
  @Test
  void filesOfTasksAreAsTheirSchemaSays() throws Exception {
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(
                new String(send("GET", "/api/tasks/schema", null).body(), StandardCharsets.UTF_8),
                InputFormat.JSON);
    for (String book :
        List.of(
            "1-access",
            "2-oil-cooler",
            "3-coolant",
            "4-air-and-fans",
            "5-wiring",
            "6-proof",
            "7-found")) {
      String file =
          new ClassPathResource("tasks/" + book + ".json")
              .getContentAsString(StandardCharsets.UTF_8);
      assertThat(schema.validate(file, InputFormat.JSON)).as(book).isEmpty();
      ok("POST", "/api/tasks/read", JSON.readTree(file));
    }
    assertThat(schema.validate("{\"format\": \"road-breeze-tasks\"}", InputFormat.JSON))
        .isNotEmpty();
  }

  @Test
  void theYardsOwnTasksTakeThePlaceOfThoseThatShip() throws Exception {
    JsonNode board = ok("GET", "/api/tasks", null);
    ObjectNode own = (ObjectNode) board.get("own");
    ObjectNode file = (ObjectNode) own.get("file");
    JsonNode park = null;
    for (JsonNode t : board.get("tasks")) {
      park = t.get("id").asString().equals("park") ? t : park;
    }
    ObjectNode slower = ((ObjectNode) park).deepCopy().put("hands", 25);
    file.putArray("tasks").add(slower);
    JsonNode saved = ok("PUT", "/api/tasks/own", own);
    assertThat(step(order(hive()), "park").get("hands").asInt()).isEqualTo(25);
    // Somebody who read it before comes too late.
    assertThat(send("PUT", "/api/tasks/own", own).statusCode()).isEqualTo(409);
    // Tasks that do not go together are not kept, and it is said why.
    own.put("version", saved.get("version").asLong());
    slower.putArray("needs").add("moon-full");
    HttpResponse<byte[]> refused = send("PUT", "/api/tasks/own", own);
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8))
        .contains("moon-full", "taskFault.nobodyMakes");
    slower.putArray("needs").add("handed-over");
    assertThat(new String(send("PUT", "/api/tasks/own", own).body(), StandardCharsets.UTF_8))
        .contains("taskFault.waitInARing");
    slower.putArray("needs");
    slower.put("hands", -3);
    refused = send("PUT", "/api/tasks/own", own);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8))
        .contains("hands", "refusal.outOfSpan");
    slower.remove("hands"); // forgotten, not nought
    refused = send("PUT", "/api/tasks/own", own);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8)).contains("refusal.missing");
    file.putArray("tasks");
    ok("PUT", "/api/tasks/own", own);
    assertThat(step(order(hive()), "park").get("hands").asInt()).isEqualTo(10);
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '`',
      value = {
        "{\"format\": \"other\"}, refusal.notTasks",
        "{\"format\": \"road-breeze-tasks\"; \"formatVersion\": 2; \"name\": \"x\"}, refusal.newerFormat",
        "{\"format\": \"road-breeze-tasks\"; \"formatVersion\": 1; \"name\": \"x\"; \"tasks\": [{\"id\": \"a\"; \"colour\": 1}]}, refusal.taskUnreadable"
      })
  void aFileThatIsNoneIsRefusedInWords(String file, String code) throws Exception {
    HttpResponse<byte[]> refused =
        send("POST", "/api/tasks/read", JSON.readTree(file.replace(';', ',')));
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8)).contains(code);
  }

  @Test
  void anEstimateAddsUpAndRepairStandsBesideThePlan() throws Exception {
    JsonNode estimate = ok("POST", "/api/compute/estimate", hive());
    assertThat(estimate.get("builds")).hasSize(2);
    double rate = estimate.get("rate").asDouble();
    for (JsonNode b : estimate.get("builds")) {
      double net =
          b.get("partsPrice").asDouble()
              + b.get("labourPrice").asDouble()
              + b.get("consumables").asDouble();
      assertThat(b.get("net").asDouble()).isEqualTo(net, within(0.01));
      assertThat(b.get("total").asDouble()).isEqualTo(net * 1.2, within(0.02));
      assertThat(b.get("labourPrice").asDouble())
          .isEqualTo(b.get("minutes").asInt() / 60.0 * rate, within(0.1));
    }
    JsonNode plan = estimate.get("builds").get(1);
    assertThat(plan.get("beyondRepair").asDouble()).isPositive();
    assertThat(plan.get("parts").toString()).contains("Stacked plate");
    // Hose, metal, fittings and loom have their prices from the shelves.
    assertThat(plan.get("unpriced").asInt()).isEqualTo(1); // what mends a fan nobody knows
    for (String code : List.of("listed.hose", "listed.smallParts", "listed.loom")) {
      assertThat(plan.get("parts"))
          .anySatisfy(
              p -> {
                assertThat(p.get("said").get("code").asString()).isEqualTo(code);
                assertThat(p.get("price").asDouble()).isPositive();
              });
    }
  }

  @ParameterizedTest
  @CsvSource({"A4, METRIC, 595, 109", "LETTER, IMPERIAL, 612, 228"})
  void anEstimateIsPrintedInPlainWords(String size, String world, int points, String peak)
      throws Exception {
    HttpResponse<byte[]> answer =
        send(
            "POST",
            "/api/papers/estimate-pdf",
            Map.of(
                "job", hive(), "build", PLAN, "day", "2026-11-28", "world", world, "size", size));
    assertThat(answer.statusCode()).isEqualTo(200);
    try (PDDocument pdf = Loader.loadPDF(answer.body())) {
      assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(points, within(1f));
      String text =
          new PDFTextStripper().getText(pdf).replace('\u202f', ' ').replace('\u00a0', ' ');
      assertThat(text)
          .contains("Hive utility: Plan A", "What is not promised", "Cooling raises no rating")
          .contains("Stacked plate 280×190×32", "Total", "28 November 2026", peak + " °")
          .contains("Restored");
    }
  }

  /**
   * A signed estimate is made of what was saved, and stays so; its hash is that of its snapshot.
   */
  @Test
  void aSignedEstimateDoesNotChangeWithTheJob() throws Exception {
    Map<String, Object> accepted =
        Map.of(
            "build",
            PLAN,
            "by",
            "Ada Holm",
            "on",
            "this machine",
            "day",
            "2026-11-28",
            "world",
            "METRIC",
            "size",
            "A4");
    JsonNode paper = ok("POST", "/api/jobs/" + job + "/papers/estimate", accepted);
    String id = paper.get("id").asString();
    byte[] pages = send("GET", "/api/papers/" + id + "/pages", null).body();
    byte[] snapshot = send("GET", "/api/papers/" + id + "/snapshot", null).body();
    String hash = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(snapshot));
    assertThat(paper.get("hash").asString()).isEqualTo(hash);
    try (PDDocument pdf = Loader.loadPDF(pages)) {
      String text = new PDFTextStripper().getText(pdf).replaceAll("\\s", "");
      assertThat(text).contains(hash, "AcceptedbyAdaHolm");
    }
    JsonNode about = ok("GET", "/api/jobs/" + job, null).get("about");
    ((ObjectNode) about.get("body")).put("name", "Renamed later");
    ok("PUT", "/api/jobs/" + job + "/about", about);
    assertThat(send("GET", "/api/papers/" + id + "/pages", null).body()).isEqualTo(pages);
    assertThat(ok("GET", "/api/jobs/" + job + "/papers", null).get(0).get("title").asString())
        .isEqualTo("Hive utility: Plan A");
    Map<String, Object> nameless = new HashMap<>(accepted);
    nameless.put("by", " ");
    assertThat(send("POST", "/api/jobs/" + job + "/papers/estimate", nameless).statusCode())
        .isEqualTo(400);
    assertThat(send("GET", "/api/papers/" + UUID.randomUUID() + "/pages", null).statusCode())
        .isEqualTo(404);
  }
}
