package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import roadbreeze.gauge.Gauge;
import roadbreeze.server.account.Accounts;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two servers on one database behind a balancer that gives each request to the other one: nobody
 * who works there notices.
 */
@TestInstance(Lifecycle.PER_CLASS)
class BalancedTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private TestServer first;
  private TestServer second;
  private SmallBalancer balancer;
  private final HttpClient client =
      HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
  private String job;

  @BeforeAll
  void start() throws Exception {
    first = new TestServer("balanced_test", "--roadbreeze.locked=true");
    second = first.another();
    balancer = new SmallBalancer(List.of(first.port(), second.port()));
    String code = first.bean(Accounts.class).firstCode().orElseThrow();
    Map<String, String> owner = Map.of("code", code, "name", "Ada", "password", "gravel and dust");
    ok("POST", "/api/account/first", owner);
    job = ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  @AfterAll
  void stop() {
    balancer.close();
    second.close();
    first.close();
  }

  private HttpRequest request(String method, String path, Object body) {
    String text = body == null ? "" : JSON.writeValueAsString(body);
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + balancer.port() + path))
        .header("Content-Type", "application/json")
        .method(method, HttpRequest.BodyPublishers.ofString(text))
        .build();
  }

  /** As the page asks: again for what takes long, from the start where nobody knows it. */
  private JsonNode ok(String method, String path, Object body) throws Exception {
    HttpResponse<String> answer =
        client.send(request(method, path, body), HttpResponse.BodyHandlers.ofString());
    while (answer.statusCode() == 202) {
      String question = JSON.readTree(answer.body()).get("question").asString();
      answer =
          client.send(
              request("GET", "/api/questions/" + question, null),
              HttpResponse.BodyHandlers.ofString());
    }
    assertThat(answer.statusCode()).as(path + ": " + answer.body()).isBetween(200, 299);
    return answer.body().isEmpty() ? null : JSON.readTree(answer.body());
  }

  @Test
  void whoIsSignedInAtOneIsSignedInAtTheOther() throws Exception {
    for (int i = 0; i < 6; i++) {
      assertThat(ok("GET", "/api/account", null).get("name").asString()).isEqualTo("Ada");
      assertThat(ok("GET", "/api/jobs", null)).isNotEmpty();
    }
  }

  @Test
  void anEditAtOneIsSeenAtTheOtherAndNoneIsLost() throws Exception {
    for (int i = 0; i < 6; i++) {
      JsonNode about = ok("GET", "/api/jobs/" + job, null).get("about");
      ObjectNode body = ((ObjectNode) about.get("body")).put("complaint", "edit " + i);
      JsonNode saved =
          ok(
              "PUT",
              "/api/jobs/" + job + "/about",
              Map.of("version", about.get("version"), "body", body));
      assertThat(saved.get("version").asLong()).isEqualTo(about.get("version").asLong() + 1);
    }
    assertThat(ok("GET", "/api/jobs/" + job, null).at("/about/body/complaint").asString())
        .isEqualTo("edit 5");
  }

  @Test
  void whatTakesLongIsAnsweredWhicheverIsAskedForIt() throws Exception {
    // Seconds of work, asked again for at either server until one of them has the answer.
    Map<String, Object> ask =
        Map.of("job", Jobs.HIVE, "build", Jobs.HIVE.builds().get(2).id(), "quick", false);
    List<Future<JsonNode>> answers = new ArrayList<>();
    ExecutorService many = Executors.newFixedThreadPool(3);
    for (int i = 0; i < 3; i++) {
      answers.add(many.submit(() -> ok("POST", "/api/compute/work-order", ask)));
    }
    for (Future<JsonNode> answer : answers) {
      assertThat(answer.get().get("steps").size()).isGreaterThan(50);
    }
    many.shutdown();
  }

  @Test
  void whatHappensIsHeardAtEitherServer() throws Exception {
    try (Gauge gauge = new Gauge(0)) {
      String address = "127.0.0.1:" + gauge.port();
      String build = Jobs.HIVE.builds().get(2).id();
      ok(
          "POST",
          "/api/jobs/" + job + "/simulated-drive",
          Map.of("address", address, "build", build, "rate", 10, "noise", 0));
      String drive =
          ok(
                  "POST",
                  "/api/jobs/" + job + "/live",
                  Map.of("build", build, "name", "d", "address", address, "fromKm", 0))
              .get("id")
              .asString();
      // One screen at each of the two; one of them does not hold the drive.
      List<List<String>> heard = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        List<String> lines = new CopyOnWriteArrayList<>();
        heard.add(lines);
        listen("/api/live/" + drive + "/now", lines);
      }
      for (int i = 0; i < 200 && heard.stream().anyMatch(l -> l.size() < 20); i++) {
        Thread.sleep(100);
      }
      assertThat(heard).allMatch(l -> l.size() >= 20);
      // What is asked of the truck reaches it from either.
      for (int i = 0; i < 2; i++) {
        ok("POST", "/api/live/" + drive + "/ask", Map.of("line", "wheel rest=" + (1 - i)));
        String wanted = "\"resting\":" + (i == 0);
        for (List<String> lines : heard) {
          int from = lines.size();
          boolean seen = false;
          for (int k = 0; k < 100 && !seen; k++) {
            Thread.sleep(100);
            seen = lines.subList(from, lines.size()).stream().anyMatch(l -> l.contains(wanted));
          }
          assertThat(seen).isTrue();
        }
      }
      ok("DELETE", "/api/live/" + drive, null);
    }
  }

  private void listen(String path, List<String> lines) throws Exception {
    HttpResponse<InputStream> answer =
        client.send(request("GET", path, null), HttpResponse.BodyHandlers.ofInputStream());
    Thread reads =
        new Thread(
            () -> {
              try (BufferedReader in =
                  new BufferedReader(
                      new InputStreamReader(answer.body(), StandardCharsets.UTF_8))) {
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                  if (line.startsWith("data:")) {
                    lines.add(line);
                  }
                }
              } catch (IOException e) {
                // it is over
              }
            });
    reads.setDaemon(true);
    reads.start();
  }
}
