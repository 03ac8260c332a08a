package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A server whose database goes away says so, and goes on by itself when it is back. */
class DatabaseGoneTest {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final String DATABASE = "database_gone_test";

  private static TestServer server;
  private static Api api;
  private static String whole;

  @BeforeAll
  static void start() throws Exception {
    server = new TestServer(DATABASE);
    api = new Api(server);
    whole = "/api/jobs/" + api.ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @Test
  void isSaidWithinSecondsAndRecoversByItself() throws Exception {
    JsonNode job = api.get(whole);
    String path = whole + "/about";
    TestDatabase.shut(DATABASE);
    for (HttpResponse<String> answer :
        List.of(
            api.send("GET", "/api/jobs", null),
            api.send("PUT", path, save(job)),
            api.send("GET", "/api/parts", null))) {
      assertThat(answer.statusCode()).as("%s", answer.request()).isEqualTo(503);
      JsonNode problem = MAPPER.readTree(answer.body());
      assertThat(problem.at("/said/0/code").asString()).isEqualTo("refusal.databaseAway");
      assertThat(problem.get("detail").asString()).contains("Edits are kept");
    }
    // What needs no data goes on: the strip still answers.
    assertThat(api.send("POST", "/api/compute/verdicts", content(job)).statusCode()).isEqualTo(200);
    assertThat(api.send("GET", "/actuator/health", null).statusCode()).isEqualTo(503);
    TestDatabase.open(DATABASE);
    assertThat(untilAnswered(path, save(job))).isEqualTo(200);
    assertThat(api.get(whole).at("/about/version").asLong())
        .isGreaterThan(job.at("/about/version").asLong());
    assertThat(api.send("GET", "/actuator/health", null).statusCode()).isEqualTo(200);
  }

  /** The pool looks for its database again in its own time; a window asks every two seconds. */
  private static int untilAnswered(String path, JsonNode save) throws Exception {
    int status = 503;
    for (int i = 0; i < 40 && status == 503; i++) {
      Thread.sleep(i == 0 ? 0 : 500);
      status = api.send("PUT", path, save).statusCode();
    }
    return status;
  }

  private static JsonNode save(JsonNode job) {
    ObjectNode about = (ObjectNode) job.at("/about/body").deepCopy();
    about.put("complaint", "saved when it came back");
    return MAPPER
        .createObjectNode()
        .put("version", job.at("/about/version").asLong())
        .set("body", about);
  }

  private static JsonNode content(JsonNode job) {
    ObjectNode content = MAPPER.createObjectNode();
    for (String section : List.of("about", "rig", "nose", "haul", "checks")) {
      content.set(section, job.get(section).get("body"));
    }
    job.get("builds").forEach(b -> content.withArray("builds").add(b.get("body")));
    return content;
  }
}
