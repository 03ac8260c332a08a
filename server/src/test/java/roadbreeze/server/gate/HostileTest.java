package roadbreeze.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests as nobody in good faith sends them, drawn from a seed: not one may be answered as a
 * fault of the server's own. {@code -Dhostile=20000} asks more of them.
 */
class HostileTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int ASKED = Integer.getInteger("hostile", 2500);
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final List<String> WORDS =
      List.of(
          "",
          " ",
          "null",
          "NaN",
          "\u0000",
          "a\u0007b",
          "\ud800",
          "x\udc00",
          "\u202e",
          "=1+1",
          "'; drop table part; --",
          "<script>",
          "../../etc/passwd",
          "%00",
          "9".repeat(400),
          "ü".repeat(5000));
  private static final List<String> NUMBERS =
      List.of("-1", "0", "1e308", "-1e308", "1e999", "5e-324", "2147483648", "-0.0", "1e-9", "0.5");
  private static final List<String> TYPES =
      List.of(
          "application/json",
          "text/csv",
          "text/plain",
          "multipart/form-data",
          "application/x-www-form-urlencoded",
          "*/*",
          "application/json;charset=utf-16");
  private static final List<String> ACCEPTED =
      List.of("*/*", "application/json", "text/html", "image/png", "nonsense/", "text/csv");

  private static TestServer server;
  private static String root;
  private static String job;

  private static final JsonNode PHOTO =
      JSON.readTree(
          """
          {"id": "photo-1", "name": "nose", "image": "00000000-0000-0000-0000-000000000000",
           "widthPx": 1600, "heightPx": 1200, "backMm": 0, "cardWidthMm": 220, "cardHeightMm": 140,
           "marks": [{"id": "mark-1", "xPx": 600, "yPx": 500}, {"id": "mark-2", "xPx": 820, "yPx": 500},
                     {"id": "mark-3", "xPx": 820, "yPx": 640}, {"id": "mark-4", "xPx": 600, "yPx": 640}],
           "left": {"id": "left", "xPx": 420, "yPx": 900}, "right": {"id": "right", "xPx": 1180, "yPx": 900}}
          """);

  private record Target(String method, String path, JsonNode body) {}

  @BeforeAll
  static void start() throws Exception {
    server = new TestServer("hostile_test");
    root = "http://127.0.0.1:" + server.port();
    HttpResponse<String> made =
        CLIENT.send(
            HttpRequest.newBuilder(URI.create(root + "/api/jobs"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(Jobs.HIVE)))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    job = JSON.readTree(made.body()).get("id").asString();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static List<Target> targets() {
    ObjectNode content = JSON.valueToTree(Jobs.HIVE);
    ObjectNode ask = JSON.createObjectNode().put("build", Jobs.PLAN);
    ask.set("job", content);
    List<Target> all = new ArrayList<>();
    all.add(new Target("POST", "/api/jobs", content));
    all.add(new Target("POST", "/api/compute/verdicts", content));
    all.add(new Target("POST", "/api/compute/checks", content));
    all.add(new Target("POST", "/api/compute/breakdowns", content));
    for (String what :
        List.of(
            "balance",
            "detail",
            "working/COOLANT",
            "lines",
            "space",
            "mounting",
            "bracket-start",
            "routes",
            "lay-hoses",
            "join-hoses",
            "fan-fit",
            "radiator",
            "radiator-brackets",
            "cut-list",
            "fans",
            "switching",
            "haul",
            "haul-choices",
            "switch-proposal")) {
      all.add(new Target("POST", "/api/compute/" + what, ask));
    }
    all.add(new Target("POST", "/api/compute/route-mends", ask.deepCopy().put("hose", "hose-1")));
    all.add(new Target("POST", "/api/compute/against", ask.deepCopy().put("other", "found")));
    JsonNode cooler = content.at("/builds/2/coolers/0");
    String id = cooler.get("id").asString();
    all.add(new Target("POST", "/api/compute/places", ask.deepCopy().put("cooler", id)));
    ObjectNode stand = ask.deepCopy();
    stand.set("cooler", cooler);
    stand.putArray("moved").add("horn-1");
    all.add(new Target("POST", "/api/compute/stand-cooler", stand));
    ObjectNode measure = JSON.createObjectNode().put("photo", "photo-1");
    measure.set("job", content.deepCopy());
    measure.withArray("/job/nose/photos").add(PHOTO);
    measure.putArray("points").addObject().put("xPx", 900).put("yPx", 700).put("backMm", 0);
    all.add(new Target("POST", "/api/compute/photo", measure));
    ObjectNode rating = ask.deepCopy().put("heatKw", 6.0).putNull("differenceK").putNull("massKg");
    all.add(new Target("POST", "/api/compute/rating", rating));
    for (String section : List.of("about", "rig", "nose", "haul", "checks")) {
      ObjectNode save = JSON.createObjectNode().put("version", 0);
      save.set("body", content.get(section));
      all.add(new Target("PUT", "/api/jobs/" + job + "/" + section, save));
    }
    all.add(new Target("POST", "/api/jobs/" + job + "/builds", content.at("/builds/2")));
    ObjectNode file = JSON.createObjectNode().put("format", "road-breeze-job");
    file.put("formatVersion", 5).set("job", content);
    all.add(new Target("POST", "/api/jobs/import", file));
    ObjectNode part = JSON.createObjectNode().put("code", "X").put("name", "x").put("price", 1);
    all.add(new Target("PUT", "/api/parts/thermostats", part.put("startC", 80).put("fullC", 90)));
    all.add(new Target("PUT", "/api/yard", JSON.createObjectNode().put("name", "y")));
    all.add(new Target("GET", "/api/jobs/" + job, null));
    all.add(new Target("GET", "/api/finder/" + job, null));
    all.add(new Target("DELETE", "/api/jobs/" + job + "/builds/nobody?version=0", null));
    all.add(new Target("GET", "/api/parts/fans/csv", null));
    return all;
  }

  @Test
  void noneOfThemIsAFaultOfTheServersOwn() throws Exception {
    Random random = new Random(8);
    List<Target> targets = targets();
    List<String> broken = new ArrayList<>();
    for (int i = 0; i < ASKED; i++) {
      Target target = targets.get(random.nextInt(targets.size()));
      String sent = target.body() == null ? "" : body(random, target.body());
      String path = random.nextInt(12) == 0 ? bent(random, target.path()) : target.path();
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(root + path))
              .method(target.method(), HttpRequest.BodyPublishers.ofString(sent))
              .header("Accept", random.nextInt(8) > 0 ? "*/*" : pick(random, ACCEPTED));
      if (!sent.isEmpty()) {
        boolean told = random.nextInt(12) > 0;
        request.header("Content-Type", told ? "application/json" : pick(random, TYPES));
      }
      HttpResponse<String> answer =
          CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() >= 500) {
        broken.add(
            i + ": " + target.method() + " " + path + " " + answer.statusCode() + " " + cut(sent));
      }
      if (answer.statusCode() >= 400) {
        assertThat(longestEcho(answer.body(), sent)).as(cut(sent)).isLessThanOrEqualTo(80);
      }
    }
    assertThat(broken).isEmpty();
  }

  private static String cut(String text) {
    return text.length() > 3000 ? text.substring(0, 3000) : text;
  }

  /**
   * What is refused is said back in part at most; a part's long name that was taken is said whole.
   */
  private static int longestEcho(String answer, String sent) {
    int longest = 0;
    for (String run : List.of("9".repeat(100), "ü".repeat(100))) {
      longest = Math.max(longest, sent.contains(run) && answer.contains(run) ? run.length() : 0);
    }
    return longest;
  }

  /** A body with a few of its places made hostile; sometimes no JSON at all. */
  private static String body(Random random, JsonNode clean) {
    JsonNode tree = clean.deepCopy();
    int wounds = random.nextInt(3);
    for (int i = 0; i <= wounds; i++) {
      wound(random, tree);
    }
    String text = JSON.writeValueAsString(tree);
    // What a tree cannot hold is put into the text.
    text = text.replace("\"@NUMBER\"", pick(random, NUMBERS));
    return switch (random.nextInt(25)) {
      case 0 -> text.substring(0, random.nextInt(text.length()));
      case 1 -> "[" + text + "]";
      case 2 -> "[".repeat(2000);
      case 3 -> pick(random, WORDS);
      default -> text;
    };
  }

  private static void wound(Random random, JsonNode node) {
    JsonNode at = node;
    while (true) {
      List<String> names = new ArrayList<>(at.propertyNames());
      int size = at.isArray() ? at.size() : names.size();
      if (size == 0) {
        return;
      }
      int chosen = random.nextInt(size);
      JsonNode next = at.isArray() ? at.get(chosen) : at.get(names.get(chosen));
      if (next.isContainer() && !next.isEmpty() && random.nextInt(6) > 0) {
        at = next;
        continue;
      }
      if (at instanceof ArrayNode list) {
        list.set(chosen, hostile(random));
      } else if (random.nextInt(10) == 0) {
        ((ObjectNode) at).remove(names.get(chosen));
      } else if (random.nextInt(10) == 0) {
        ((ObjectNode) at).set(pick(random, WORDS), hostile(random));
      } else {
        ((ObjectNode) at).set(names.get(chosen), hostile(random));
      }
      return;
    }
  }

  private static JsonNode hostile(Random random) {
    return switch (random.nextInt(6)) {
      case 0 -> JSON.nullNode();
      case 1 -> JSON.createArrayNode().add(pick(random, WORDS));
      case 2 -> JSON.createObjectNode().put("id", pick(random, WORDS));
      case 3 -> JSON.valueToTree(random.nextBoolean());
      case 4 -> JSON.valueToTree("@NUMBER");
      default -> JSON.valueToTree(pick(random, WORDS));
    };
  }

  private static String bent(Random random, String path) {
    String[] tails = {
      "%00", "%ff", "/%20", "?version=x", "?version=", ";x=1", "/..;/", "%0d%0a", "?code=%00"
    };
    int cut = random.nextInt(2) == 0 ? path.length() : 1 + path.lastIndexOf('/');
    return path.substring(0, cut) + tails[random.nextInt(tails.length)];
  }

  private static String pick(Random random, List<String> of) {
    return of.get(random.nextInt(of.size()));
  }
}
