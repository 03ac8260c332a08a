package roadbreeze.server.bay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import roadbreeze.server.file.Sha256;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Work that was begun, over real PostgreSQL: what devices send, and what becomes of it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BayApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String PLAN = "plan-3";
  private final HttpClient client = HttpClient.newHttpClient();
  private TestServer server;
  private String job;
  private JsonNode whole;
  private String order;

  @BeforeAll
  void start() {
    server = new TestServer("bay_test");
  }

  @BeforeEach
  void begin() throws Exception {
    job = ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
    order =
        ok("POST", "/api/jobs/" + job + "/bay", Map.of("build", PLAN, "by", "Ada"))
            .get("id")
            .asString();
    whole = ok("GET", "/api/bay/" + order, null);
  }

  /** What was measured is the yard's: no test leaves minutes to another. */
  @AfterEach
  void forget() throws Exception {
    json("DELETE", "/api/jobs/" + job, null);
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private HttpRequest.Builder to(String path) {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + path));
  }

  private HttpResponse<byte[]> send(String method, String path, String kind, byte[] body)
      throws Exception {
    return client.send(
        to(path)
            .header("Content-Type", kind)
            .method(method, HttpRequest.BodyPublishers.ofByteArray(body))
            .build(),
        HttpResponse.BodyHandlers.ofByteArray());
  }

  private HttpResponse<byte[]> json(String method, String path, Object body) throws Exception {
    byte[] sent = body == null ? new byte[0] : JSON.writeValueAsBytes(body);
    HttpResponse<byte[]> answer = send(method, path, "application/json", sent);
    while (answer.statusCode() == 202) {
      String question = JSON.readTree(answer.body()).get("question").asString();
      answer = send("GET", "/api/questions/" + question, "application/json", new byte[0]);
    }
    return answer;
  }

  private JsonNode ok(String method, String path, Object body) throws Exception {
    HttpResponse<byte[]> answer = json(method, path, body);
    assertThat(answer.statusCode()).as(said(answer)).isBetween(200, 299);
    return answer.body().length == 0 ? null : JSON.readTree(answer.body());
  }

  private static String said(HttpResponse<byte[]> answer) {
    return new String(answer.body(), StandardCharsets.UTF_8);
  }

  private static ObjectNode event(String kind, String step) {
    ObjectNode e = JSON.createObjectNode();
    e.put("id", UUID.randomUUID().toString()).put("kind", kind).put("step", step);
    return e.put("at", Instant.now().toString()).put("by", "Ada").put("device", "tablet");
  }

  private JsonNode happened(ObjectNode... events) throws Exception {
    return ok("POST", "/api/bay/" + order + "/events", events);
  }

  private List<String> steps(JsonNode plan) {
    return StreamSupport.stream(plan.get("steps").spliterator(), false)
        .map(s -> s.get("id").asString())
        .toList();
  }

  private JsonNode build() throws Exception {
    for (JsonNode b : ok("GET", "/api/jobs/" + job, null).get("builds")) {
      if (b.at("/body/id").asString().equals(PLAN)) {
        return b.get("body");
      }
    }
    throw new AssertionError();
  }

  @Test
  void workIsBegunOnceAndKeptAsItWas() throws Exception {
    assertThat(whole.at("/plan/steps").size()).isGreaterThan(70);
    assertThat(whole.at("/plan/drawings/circuit/metric").asString()).startsWith("<svg");
    JsonNode bend = whole.at("/plan/drawings/bracket~bracket-upper-left");
    assertThat(bend.get("metric").asString()).contains("mm");
    assertThat(bend.get("imperial").asString()).contains("in").doesNotContain(" mm");
    // Whoever begins it again goes on with what was begun.
    JsonNode again = ok("POST", "/api/jobs/" + job + "/bay", Map.of("build", PLAN, "by", "Ben"));
    assertThat(again.get("id").asString()).isEqualTo(order);
    assertThat(json("POST", "/api/jobs/" + job + "/bay", Map.of("build", "gone", "by", "B")))
        .satisfies(a -> assertThat(a.statusCode()).isEqualTo(400))
        .satisfies(a -> assertThat(said(a)).contains("no such build"));
    ok("DELETE", "/api/jobs/" + job, null);
    assertThat(json("GET", "/api/bay/" + order, null).statusCode()).isEqualTo(404);
  }

  @Test
  void whatSeveralDevicesSendSeveralTimesIsKeptOnceAndInOneOrder() throws Exception {
    List<ObjectNode> all =
        IntStream.range(0, 40).mapToObj(i -> event("NOTED", "park").put("text", "n" + i)).toList();
    List<CompletableFuture<HttpResponse<byte[]>>> sent = new ArrayList<>();
    for (int device = 0; device < 4; device++) {
      for (int from = 0; from < 40; from += 10) {
        byte[] body = JSON.writeValueAsBytes(all.subList(from, from + 10));
        sent.add(
            client.sendAsync(
                to("/api/bay/" + order + "/events")
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                    .build(),
                HttpResponse.BodyHandlers.ofByteArray()));
      }
    }
    for (CompletableFuture<HttpResponse<byte[]>> s : sent) {
      assertThat(s.get().statusCode()).isEqualTo(200);
    }
    JsonNode kept = ok("GET", "/api/bay/" + order + "/events?after=0", null);
    assertThat(kept).hasSize(40);
    for (int i = 0; i < 40; i++) {
      assertThat(kept.get(i).get("seq").asInt()).isEqualTo(i + 1);
    }
    assertThat(
            StreamSupport.stream(kept.spliterator(), false).map(k -> k.at("/event/id").asString()))
        .doesNotHaveDuplicates();
  }

  @Test
  void whatDoesNotSayWhatItMustIsRefusedAndNothingOfItKept() throws Exception {
    ObjectNode good = event("NOTED", "park").put("text", "on the level");
    for (ObjectNode bad :
        List.of(
            event("NOTED", "park"),
            event("READ", "park").put("value", 3),
            event("DONE", "park"),
            event("TAKEN", "park").put("item", "p1").put("text", "nut"),
            event("SIGNED", "park"),
            event("PHOTOGRAPHED", "park").put("item", "no id of a photograph"),
            event("NOTED", "park").put("text", "x".repeat(1001)),
            event("NOTED", "park").put("text", "x").put("by", " "))) {
      HttpResponse<byte[]> answer =
          json("POST", "/api/bay/" + order + "/events", List.of(good, bad));
      assertThat(answer.statusCode()).as(bad.toString()).isEqualTo(400);
    }
    assertThat(ok("GET", "/api/bay/" + order + "/events?after=0", null)).isEmpty();
    assertThat(
            json("POST", "/api/bay/" + UUID.randomUUID() + "/events", List.of(good)).statusCode())
        .isEqualTo(404);
  }

  @Test
  void whatIsReadGoesWhereItBelongsAndTheVerdictAnswers() throws Exception {
    double before =
        ok("GET", "/api/bay/" + order + "/headroom", null).at("/pan/headroomK").asDouble();
    double gap = build().at("/coolers/0/gapMm").asDouble();
    happened(
        event("READ", "open-oil").put("item", "oil-out").put("value", 0.0041),
        event("READ", "hang-cooler~cooler-1").put("item", "gap").put("value", 0.002),
        // No field takes it: it stands in the record alone.
        event("READ", "hang-cooler~cooler-1").put("item", "gap").put("value", 29));
    JsonNode now = build();
    assertThat(now.at("/fill/oilOutL").asDouble()).isCloseTo(4.1, within(1e-9));
    assertThat(gap).isNotEqualTo(2);
    assertThat(now.at("/coolers/0/gapMm").asDouble()).isEqualTo(2);
    assertThat(now.at("/marks/coolers.cooler-1.gapMm").asString()).isEqualTo("MEASURED");
    double after =
        ok("GET", "/api/bay/" + order + "/headroom", null).at("/pan/headroomK").asDouble();
    assertThat(after).isNotEqualTo(before);
    assertThat(ok("GET", "/api/bay/" + order + "/events?after=0", null)).hasSize(3);
  }

  @Test
  void whatIsFoundIsPlannedAndWhatIsDoneStaysDone() throws Exception {
    List<String> planned = steps(whole.get("plan"));
    List<ObjectNode> ticks = new ArrayList<>();
    planned.subList(0, 20).forEach(id -> ticks.add(event("DONE", id).put("value", 5)));
    happened(ticks.toArray(new ObjectNode[0]));
    String next = planned.get(22);
    happened(
        event("FOUND", next).put("item", "broken-stud").put("text", "Stud broken"),
        event("FOUND", next).put("text", "Weld the step").put("value", 25));
    JsonNode plan = ok("POST", "/api/bay/" + order + "/plan", Map.of("by", "Ada"));
    List<String> now = steps(plan);
    assertThat(plan.get("number").asInt()).isEqualTo(2);
    assertThat(now.subList(0, 20)).isEqualTo(planned.subList(0, 20));
    assertThat(now).contains("broken-stud").containsAll(planned);
    String own = now.stream().filter(id -> id.startsWith("found-")).findFirst().orElseThrow();
    assertThat(now.indexOf(own)).isBetween(20, now.indexOf(next));
    assertThat(build().get("work").get("added").toString()).contains("broken-stud");
    // Asked again, nothing is found twice.
    JsonNode again = ok("POST", "/api/bay/" + order + "/plan", Map.of("by", "Ada"));
    assertThat(steps(again)).hasSameElementsAs(now);
    JsonNode kept = ok("GET", "/api/bay/" + order, null);
    assertThat(kept.at("/plan/number").asInt()).isEqualTo(3);
    assertThat(kept.get("entries").toString()).contains("\"PLANNED\"");
  }

  @Test
  void whatCannotBePlannedIsNamedAndTheWorkGoesOnByThePlanItHas() throws Exception {
    // Closed before it was opened, as somebody may tick it.
    happened(event("DONE", "close-front").put("value", 1));
    HttpResponse<byte[]> answer = json("POST", "/api/bay/" + order + "/plan", Map.of("by", "Ada"));
    assertThat(answer.statusCode()).isEqualTo(400);
    assertThat(said(answer)).contains("these cannot be kept together", "Grille and trim on");
    assertThat(ok("GET", "/api/bay/" + order, null).at("/plan/number").asInt()).isEqualTo(1);
    // Taken back, it is planned again.
    happened(event("UNDONE", "close-front"));
    assertThat(ok("POST", "/api/bay/" + order + "/plan", Map.of("by", "Ada")).get("number").asInt())
        .isEqualTo(2);
  }

  @Test
  void minutesThatWereMeasuredAreTheYardsFromThenOn() throws Exception {
    List<ObjectNode> ticks = new ArrayList<>();
    for (JsonNode s : whole.at("/plan/steps")) {
      if (s.get("family").asString().equals("metal") && s.get("usual").asInt() > 0) {
        ticks.add(event("DONE", s.get("id").asString()).put("value", 1.5 * s.get("usual").asInt()));
      }
    }
    assertThat(ticks.size()).isGreaterThan(4);
    ticks.add(event("UNDONE", ticks.get(0).get("step").asString()));
    happened(ticks.toArray(new ObjectNode[0]));
    JsonNode board = ok("GET", "/api/tasks", null);
    assertThat(board.at("/paces/metal/ratio").asDouble()).isCloseTo(1.5, within(1e-9));
    assertThat(board.at("/paces/metal/count").asInt()).isEqualTo(ticks.size() - 2);
    JsonNode order =
        ok(
            "POST",
            "/api/compute/work-order",
            Map.of("job", Jobs.HIVE, "build", PLAN, "quick", true));
    for (JsonNode s : order.get("steps")) {
      if (s.get("family").asString().equals("metal")) {
        assertThat(s.get("hands").asInt())
            .isEqualTo((int) Math.round(1.5 * s.get("usual").asInt()));
        assertThat(s.at("/pace/count").asInt()).isEqualTo(ticks.size() - 2);
      } else {
        assertThat(s.get("pace").isNull()).isTrue();
      }
    }
  }

  @Test
  void whatHappensElsewhereIsToldAtOnce() throws Exception {
    happened(event("NOTED", "park").put("text", "before"));
    BlockingQueue<String> told = new ArrayBlockingQueue<>(20);
    HttpResponse<InputStream> live =
        client.send(
            to("/api/bay/" + order + "/live?after=0").build(),
            HttpResponse.BodyHandlers.ofInputStream());
    Thread ear =
        new Thread(
            () ->
                new java.io.BufferedReader(
                        new java.io.InputStreamReader(live.body(), StandardCharsets.UTF_8))
                    .lines()
                    .filter(l -> l.startsWith("data:"))
                    .forEach(told::add));
    ear.setDaemon(true);
    ear.start();
    assertThat(told.poll(10, TimeUnit.SECONDS)).contains("before").contains("\"seq\":1");
    for (int i = 0; i < 5; i++) {
      happened(event("NOTED", "park").put("text", "then " + i));
      assertThat(told.poll(5, TimeUnit.SECONDS)).contains("then " + i);
    }
    assertThat(told.poll(300, TimeUnit.MILLISECONDS)).isNull();
    live.body().close();
  }

  @Test
  void aPhotographIsKeptSmallAndWithNothingButThePicture() throws Exception {
    BufferedImage large = new BufferedImage(3000, 1500, BufferedImage.TYPE_INT_RGB);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(large, "jpeg", out);
    // A camera's mark behind the picture's own head: where, when and by which device.
    byte[] plain = out.toByteArray();
    byte[] secret = "Exif\0\0harrowmere gate".getBytes(StandardCharsets.ISO_8859_1);
    ByteArrayOutputStream marked = new ByteArrayOutputStream();
    marked.write(plain, 0, 2);
    marked.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (secret.length + 2)});
    marked.write(secret);
    marked.write(plain, 2, plain.length - 2);
    String path = "/api/bay/" + order + "/photos/" + UUID.randomUUID();
    for (int i = 0; i < 2; i++) {
      assertThat(send("PUT", path, "image/jpeg", marked.toByteArray()).statusCode()).isEqualTo(204);
    }
    byte[] kept = send("GET", path, "application/json", new byte[0]).body();
    assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("harrowmere");
    BufferedImage seen = ImageIO.read(new java.io.ByteArrayInputStream(kept));
    assertThat(seen.getWidth()).isEqualTo(2048);
    assertThat(seen.getHeight()).isEqualTo(1024);
    String other = "/api/bay/" + order + "/photos/" + UUID.randomUUID();
    HttpResponse<byte[]> none = send("PUT", other, "image/jpeg", "no picture".getBytes());
    assertThat(none.statusCode()).isEqualTo(400);
    assertThat(said(none)).contains("no photograph");
    HttpResponse<byte[]> cut =
        send("PUT", other, "image/jpeg", java.util.Arrays.copyOf(plain, 300));
    assertThat(cut.statusCode()).isEqualTo(400);
    // Told before it is sent: a server that is not listening any more may be all that comes of it.
    assertThatCode(() -> send("PUT", other, "image/jpeg", new byte[40 << 20]))
        .satisfiesAnyOf(
            e -> assertThat(e).isNull(),
            e -> assertThat(e).isInstanceOf(java.io.IOException.class));
    assertThat(send("GET", other, "application/json", new byte[0]).statusCode()).isEqualTo(404);
  }

  private static Map<String, Object> layout(String world, String size) {
    return Map.of("day", "2026-11-28", "world", world, "size", size);
  }

  private String text(byte[] pdf) throws Exception {
    try (PDDocument paper = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(paper).replace('\u00a0', ' ');
    }
  }

  @Test
  void anOrderIsSignedWhenAllIsDoneAndNeverChangesAfterwards() throws Exception {
    Map<String, Object> signature =
        Map.of("by", "Ada Ferrow", "on", "tablet", "paper", layout("METRIC", "A4"));
    HttpResponse<byte[]> open = json("POST", "/api/bay/" + order + "/signature", signature);
    assertThat(open.statusCode()).isEqualTo(400);
    assertThat(said(open)).contains("this is open yet: Walk round the truck");
    List<ObjectNode> all = new ArrayList<>();
    all.add(
        event("TAKEN", "open-front")
            .put("item", "p1")
            .put("text", "speed nut")
            .put("sort", "SCREW"));
    for (JsonNode s : whole.at("/plan/steps")) {
      all.add(event("DONE", s.get("id").asString()).put("value", 10));
    }
    all.add(event("READ", "open-oil").put("item", "oil-out").put("value", 0.0041));
    happened(all.toArray(new ObjectNode[0]));
    assertThat(said(json("POST", "/api/bay/" + order + "/signature", signature)))
        .contains("this is open yet: speed nut");
    String photo = UUID.randomUUID().toString();
    ByteArrayOutputStream picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpeg", picture);
    send("PUT", "/api/bay/" + order + "/photos/" + photo, "image/jpeg", picture.toByteArray());
    happened(
        event("BACK", "open-front").put("item", "p1"),
        event("PHOTOGRAPHED", "park").put("item", photo));
    JsonNode paper = ok("POST", "/api/bay/" + order + "/signature", signature);
    String pages = "/api/papers/" + paper.get("id").asString();
    byte[] signed = send("GET", pages + "/pages", "application/json", new byte[0]).body();
    String hash = paper.get("hash").asString();
    assertThat(text(signed).replaceAll("\\s", ""))
        .contains(hash, "SignedbyAdaFerrow", "4.10L", "class8.8");
    byte[] snapshot = send("GET", pages + "/snapshot", "application/json", new byte[0]).body();
    assertThat(Sha256.of(snapshot)).isEqualTo(hash);
    assertThat(new String(snapshot, StandardCharsets.UTF_8)).contains(photo, "4.1", "\"DONE\"");
    // A later edit of the job changes nothing of it, and nothing happens in it any more.
    JsonNode about = ok("GET", "/api/jobs/" + job, null).get("about");
    ObjectNode body = ((ObjectNode) about.get("body")).put("name", "Another name");
    ok("PUT", "/api/jobs/" + job + "/about", Map.of("version", about.get("version"), "body", body));
    assertThat(send("GET", pages + "/pages", "application/json", new byte[0]).body())
        .isEqualTo(signed);
    HttpResponse<byte[]> late =
        json("POST", "/api/bay/" + order + "/events", List.of(event("UNDONE", "park")));
    assertThat(late.statusCode()).isEqualTo(400);
    assertThat(said(late)).contains("is signed");
    assertThat(json("POST", "/api/bay/" + order + "/signature", signature).statusCode())
        .isEqualTo(400);
    // Work that begins again is another order.
    assertThat(
            ok("POST", "/api/jobs/" + job + "/bay", Map.of("build", PLAN, "by", "Ada"))
                .get("id")
                .asString())
        .isNotEqualTo(order);
  }

  @Test
  void papersAreLaidOutOnBothSheetsInBothWorlds() throws Exception {
    happened(event("READ", "open-oil").put("item", "oil-out").put("value", 0.0041));
    for (String world : List.of("METRIC", "IMPERIAL")) {
      for (String size : List.of("A4", "LETTER")) {
        byte[] pdf = json("POST", "/api/bay/" + order + "/pdf", layout(world, size)).body();
        assertThat(text(pdf)).contains(world.equals("METRIC") ? "4.10 L" : "4.33 qt");
        try (PDDocument paper = Loader.loadPDF(pdf)) {
          float width = paper.getPage(0).getMediaBox().getWidth();
          assertThat(width).isCloseTo(size.equals("A4") ? 595f : 612f, within(1f));
        }
      }
      Map<String, Object> asked = new java.util.HashMap<>(layout(world, "A4"));
      asked.put("job", Jobs.HIVE);
      asked.put("build", PLAN);
      String labels = text(json("POST", "/api/papers/labels-pdf", asked).body());
      assertThat(labels)
          .contains("FAN MAY START BY ITSELF", "Opened cold only", "Fuse")
          .contains(world.equals("METRIC") ? "°C" : "°F");
    }
  }

  @Test
  void nightsCountForNothing() {
    Instant begun = Instant.parse("2026-11-26T08:00:00Z");
    assertThat(BayPlanner.minutes(begun, begun.plus(Duration.ofMinutes(90)), 8)).isEqualTo(90);
    assertThat(BayPlanner.minutes(begun, begun.plus(Duration.ofHours(25)), 8)).isEqualTo(540);
  }
}
