package roadbreeze.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A yard from its first owner on: who comes in, what each may, and how they are kept out. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class AccountTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String PASSWORD = "gravel and dust";
  private TestServer server;
  private Somebody owner;

  @BeforeAll
  void start() {
    server = new TestServer("account_test", "--roadbreeze.locked=true");
  }

  @AfterAll
  void stop() {
    server.close();
  }

  /** A browser of somebody's, with its own cookies. */
  private final class Somebody {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

    HttpResponse<String> ask(String method, String path, Object body) throws Exception {
      String sent = body == null ? "" : JSON.writeValueAsString(body);
      return client.send(
          HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + path))
              .header("Content-Type", "application/json")
              .method(method, HttpRequest.BodyPublishers.ofString(sent))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }

    int status(String method, String path, Object body) throws Exception {
      return ask(method, path, body).statusCode();
    }

    JsonNode ok(String method, String path, Object body) throws Exception {
      HttpResponse<String> answer = ask(method, path, body);
      assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
      return answer.body().isEmpty() ? null : JSON.readTree(answer.body());
    }
  }

  private Somebody signedIn(String name) throws Exception {
    Somebody who = new Somebody();
    who.ok("POST", "/api/account/sign-in", Map.of("name", name, "password", PASSWORD));
    return who;
  }

  private void account(String name, String role) throws Exception {
    owner.ok("POST", "/api/accounts", Map.of("name", name, "role", role, "password", PASSWORD));
  }

  @Test
  @Order(1)
  void theConsolesCodeMakesTheFirstOwnerOnce() throws Exception {
    String code = server.bean(Accounts.class).firstCode().orElseThrow();
    Somebody stranger = new Somebody();
    assertThat(stranger.ok("GET", "/api/account", null).get("nobodyYet").asBoolean()).isTrue();
    assertThat(stranger.status("GET", "/api/jobs", null)).isEqualTo(401);
    HttpResponse<String> wrong =
        stranger.ask(
            "POST",
            "/api/account/first",
            Map.of("code", "222222222222", "name", "Eve", "password", PASSWORD));
    assertThat(wrong.statusCode()).isEqualTo(400);
    assertThat(wrong.body()).contains("refusal.wrongCode");
    owner = new Somebody();
    // A short password is told at its field.
    HttpResponse<String> brief =
        owner.ask(
            "POST", "/api/account/first", Map.of("code", code, "name", "Ada", "password", "dust"));
    assertThat(brief.statusCode()).isEqualTo(400);
    assertThat(brief.body()).contains("\"field\":\"password\"");
    String typed = code.toLowerCase().replaceAll("(.{4})", "$1 ");
    JsonNode ada =
        owner.ok(
            "POST",
            "/api/account/first",
            Map.of("code", typed, "name", "Ada", "password", PASSWORD));
    assertThat(ada.get("role").asString()).isEqualTo("OWNER");
    assertThat(owner.status("GET", "/api/jobs", null)).isEqualTo(200);
    Map<String, String> again = Map.of("code", code, "name", "Eve", "password", PASSWORD);
    assertThat(new Somebody().status("POST", "/api/account/first", again)).isEqualTo(400);
    assertThat(ada.get("nobodyYet").asBoolean()).isFalse();
  }

  @Test
  @Order(2)
  void eachDoesWhatHisRoleLetsHim() throws Exception {
    account("Ben", "FITTER");
    account("Cora", "VIEWER");
    Somebody fitter = signedIn("ben");
    Somebody viewer = signedIn("Cora");
    assertThat(fitter.status("POST", "/api/jobs", Jobs.HIVE)).isEqualTo(201);
    assertThat(fitter.status("GET", "/api/accounts", null)).isEqualTo(403);
    JsonNode yard = owner.ok("GET", "/api/yard", null);
    assertThat(fitter.status("PUT", "/api/yard", yard)).isEqualTo(403);
    assertThat(viewer.status("GET", "/api/jobs", null)).isEqualTo(200);
    assertThat(viewer.status("POST", "/api/compute/verdicts", Jobs.HIVE)).isEqualTo(200);
    HttpResponse<String> no = viewer.ask("POST", "/api/jobs", Jobs.HIVE);
    assertThat(no.statusCode()).isEqualTo(403);
    assertThat(no.body()).contains("refusal.notYours");
    assertThat(viewer.status("PUT", "/api/tasks/own", Map.of())).isEqualTo(403);
    // Who changed what is written down; what was only worked out, or refused, is not.
    String changes = owner.ask("GET", "/api/accounts/changes", null).body();
    assertThat(changes).contains("\"who\":\"Ben\"", "/api/jobs");
    assertThat(changes).doesNotContain("Cora", "/api/compute");
    assertThat(
            owner.status(
                "POST",
                "/api/accounts",
                Map.of("name", "BEN", "role", "OWNER", "password", PASSWORD)))
        .isEqualTo(400);
  }

  @Test
  @Order(3)
  void aTabletIsPairedOnceAndTakenOutAtOnce() throws Exception {
    JsonNode pairing =
        owner.ok("POST", "/api/account/pairings", Map.of("origin", "https://yard.test"));
    assertThat(pairing.get("address").asString()).startsWith("https://yard.test/pair?code=");
    assertThat(pairing.get("qr").size()).isGreaterThan(20);
    Map<String, Object> typed = Map.of("code", pairing.get("code").asString(), "device", "Bay 2");
    Somebody tablet = new Somebody();
    JsonNode in = tablet.ok("POST", "/api/account/pair", typed);
    assertThat(in.get("device").asString()).isEqualTo("Bay 2");
    assertThat(tablet.status("GET", "/api/jobs", null)).isEqualTo(200);
    assertThat(new Somebody().status("POST", "/api/account/pair", typed)).isEqualTo(400);
    String id = owner.ok("GET", "/api/accounts/devices", null).get(0).get("id").asString();
    owner.ok("DELETE", "/api/accounts/devices/" + id, null);
    assertThat(tablet.status("GET", "/api/jobs", null)).isEqualTo(401);
    assertThat(tablet.ok("GET", "/api/account", null).get("name").isNull()).isTrue();
  }

  @Test
  @Order(4)
  void whoIsClosedOrSignedOutIsOutAtOnceAndTheLastOwnerStays() throws Exception {
    Somebody fitter = signedIn("Ben");
    JsonNode all = owner.ok("GET", "/api/accounts", null);
    String ada = all.get(0).get("id").asString();
    String ben = all.get(1).get("id").asString();
    assertThat(owner.status("DELETE", "/api/accounts/" + ada, null)).isEqualTo(400);
    assertThat(owner.status("PUT", "/api/accounts/" + ada, Map.of("role", "VIEWER")))
        .isEqualTo(400);
    owner.ok("PUT", "/api/accounts/" + ben, Map.of("role", "VIEWER"));
    assertThat(fitter.status("POST", "/api/jobs", Jobs.HIVE)).isEqualTo(403);
    owner.ok("DELETE", "/api/accounts/" + ben, null);
    assertThat(fitter.status("GET", "/api/jobs", null)).isEqualTo(401);
    Somebody viewer = signedIn("Cora");
    viewer.ok("POST", "/api/account/sign-out", Map.of());
    assertThat(viewer.status("GET", "/api/jobs", null)).isEqualTo(401);
  }

  @Test
  @Order(5)
  void triesAreThrottledAndNeverSayWhoIsThere() throws Exception {
    Somebody eve = new Somebody();
    Map<String, String> there = Map.of("name", "Cora", "password", "not her password");
    Map<String, String> not = Map.of("name", "Nobody", "password", "not her password");
    assertThat(eve.ask("POST", "/api/account/sign-in", there).body())
        .isEqualTo(eve.ask("POST", "/api/account/sign-in", not).body());
    HttpResponse<String> last = null;
    for (int i = 0; i < 6; i++) {
      last = eve.ask("POST", "/api/account/sign-in", there);
    }
    assertThat(last.body()).contains("refusal.triedTooOften");
    assertThat(
            eve.status(
                "POST", "/api/account/sign-in", Map.of("name", "Cora", "password", PASSWORD)))
        .isEqualTo(400);
  }

  @Test
  @Order(6)
  void aSessionIsNobodysButItsOwnAndItsCookieStaysHere() throws Exception {
    Somebody given = new Somebody();
    HttpResponse<String> in =
        given.ask("POST", "/api/account/pair", Map.of("code", "nothing", "device", "x"));
    assertThat(in.statusCode()).isEqualTo(400);
    List<String> cookies = in.headers().allValues("set-cookie");
    assertThat(cookies).isEmpty();
    String set =
        owner
            .ask(
                "POST",
                "/api/account/pair",
                Map.of(
                    "code",
                    owner
                        .ok("POST", "/api/account/pairings", Map.of("origin", "https://y"))
                        .get("code")
                        .asString(),
                    "device",
                    "Desk"))
            .headers()
            .firstValue("set-cookie")
            .orElseThrow();
    assertThat(set).contains("HttpOnly", "SameSite=Strict");
  }
}
