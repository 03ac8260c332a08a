package roadbreeze.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.server.TestServer;

/** A running server, asked as other pages and strangers would ask it. */
class GateTest {
  private static final String CSV = "code,name,kgs_at4000,price\nEVIL,evil pump,3,1\n";
  private static TestServer server;
  private static int port;

  @BeforeAll
  static void start() throws Exception {
    server = new TestServer("gate_test");
    port = server.port();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  /** The whole answer, as it comes over the wire. */
  private static String ask(String method, String path, Map<String, String> headers, String body)
      throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.setSoTimeout(20_000);
      StringBuilder request = new StringBuilder(method + " " + path + " HTTP/1.1\r\n");
      if (!headers.containsKey("Host")) {
        request.append("Host: 127.0.0.1:").append(port).append("\r\n");
      }
      headers.forEach((name, value) -> request.append(name + ": " + value + "\r\n"));
      byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
      if (!headers.containsKey("Transfer-Encoding") && bytes.length > 0) {
        request.append("Content-Length: ").append(bytes.length).append("\r\n");
      }
      request.append("Connection: close\r\n\r\n");
      OutputStream out = socket.getOutputStream();
      out.write(request.toString().getBytes(StandardCharsets.UTF_8));
      try {
        out.write(bytes);
        out.flush();
      } catch (IOException e) {
        // The server has said enough and hung up; what it said is read all the same.
      }
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static int status(String answer) {
    return Integer.parseInt(answer.split(" ")[1]);
  }

  @ParameterizedTest
  @CsvSource({
    "127.0.0.1, 200",
    "localhost, 200",
    "localhost:8080, 200",
    "[::1]:8080, 200",
    "rebound.example, 400",
    "127.0.0.1.rebound.example, 400"
  })
  void onlyLoopbackNamesAreAnsweredTo(String host, int expected) throws IOException {
    assertThat(status(ask("GET", "/api/jobs", Map.of("Host", host), ""))).isEqualTo(expected);
  }

  /** Forms, uploads, nonsense and what is too long: refused behind the gate, with its headers. */
  @ParameterizedTest
  @CsvSource({
    "application/x-www-form-urlencoded, 415",
    "multipart/form-data, 415",
    "*/*, 415",
    "nonsense, 415",
    "application/json, 413"
  })
  void whatNothingHereTakesIsRefusedWithEveryHeader(String kind, int expected) throws IOException {
    Map<String, String> sent = Map.of("Content-Type", kind);
    String body = expected == 413 ? "x".repeat(2 << 20) : "a=b";
    String answer = ask("POST", "/api/jobs", sent, body);
    assertThat(status(answer)).isEqualTo(expected);
    assertThat(answer).contains("Content-Security-Policy", "X-Content-Type-Options");
    Map<String, String> stranger = Map.of("Content-Type", kind, "Host", "rebound.example");
    assertThat(status(ask("PUT", "/api/yard", stranger, "a=b"))).isEqualTo(400);
  }

  @Test
  void anotherPageCannotPostACatalogueNorReadAJob() throws IOException {
    String shelf = "/api/parts/coolant-pumps/csv";
    // A form or a script without a content type asks no leave beforehand.
    for (Map<String, String> headers :
        java.util.List.of(
            Map.of("Origin", "http://elsewhere.example", "Content-Type", "text/csv"),
            Map.of("Sec-Fetch-Site", "cross-site", "Content-Type", "text/csv"),
            Map.of("Sec-Fetch-Site", "same-site", "Content-Type", "text/csv"),
            Map.of("Origin", "null", "Content-Type", "text/csv"))) {
      assertThat(status(ask("POST", shelf, headers, CSV))).as(headers.toString()).isEqualTo(403);
    }
    assertThat(status(ask("POST", shelf, Map.of(), CSV))).isEqualTo(415);
    assertThat(status(ask("POST", shelf, Map.of("Content-Type", "application/octet-stream"), CSV)))
        .isEqualTo(415);
    assertThat(ask("GET", "/api/parts/coolant-pumps", Map.of(), "")).doesNotContain("EVIL");
    Map<String, String> foreign = Map.of("Origin", "http://elsewhere.example");
    assertThat(status(ask("GET", "/api/jobs", foreign, ""))).isEqualTo(403);
    // The page itself may.
    Map<String, String> own =
        Map.of(
            "Origin",
            "http://127.0.0.1:" + port,
            "Sec-Fetch-Site",
            "same-origin",
            "Content-Type",
            "text/csv");
    assertThat(status(ask("POST", shelf, own, CSV.replace("EVIL", "OWN")))).isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/jobs/x/haul", "/api/jobs", "/api/nothing"})
  void everyAnswerSaysWhatABrowserMayDoWithIt(String path) throws IOException {
    String answer = ask("GET", path, Map.of(), "");
    assertThat(answer)
        .contains("default-src 'self'", "frame-ancestors 'none'")
        .contains("X-Content-Type-Options: nosniff")
        .contains("Referrer-Policy: no-referrer");
    if (path.startsWith("/api")) {
      assertThat(answer).contains("no-store");
    }
  }

  @Test
  void aBodyIsReadNoFurtherThanAJobCanBeLong() throws IOException {
    Map<String, String> json = Map.of("Content-Type", "application/json");
    String big = "[" + "0,".repeat(600_000) + "0]";
    String told = ask("POST", "/api/compute/verdicts", json, big);
    assertThat(status(told)).isEqualTo(413);
    assertThat(told).contains("refusal.tooLarge").contains("more than 1 MB");
    // One that does not say how long it is, too.
    big = "{\"about\":\"" + "x".repeat(1_300_000) + "\"}";
    String chunk = Integer.toHexString(big.length()) + "\r\n" + big + "\r\n0\r\n\r\n";
    Map<String, String> chunked =
        Map.of("Content-Type", "application/json", "Transfer-Encoding", "chunked");
    assertThat(status(ask("POST", "/api/compute/verdicts", chunked, chunk))).isEqualTo(413);
    // A catalogue may be longer than a job.
    String rows = "code,name,kgs_at4000,price\n" + "P,pump,3,1\n".repeat(150_000);
    assertThat(
            status(
                ask(
                    "POST",
                    "/api/parts/coolant-pumps/csv",
                    Map.of("Content-Type", "text/csv"),
                    rows)))
        .isEqualTo(200);
  }

  @Test
  void aListBeyondAnyFieldIsRefusedBeforeItsRowsAreLookedAt() throws IOException {
    Map<String, String> json = Map.of("Content-Type", "application/json");
    String nulls = "{\"nose\":{\"solids\":[" + "null,".repeat(10_000) + "null]}}";
    String told = ask("POST", "/api/compute/verdicts", json, nulls);
    assertThat(status(told)).isEqualTo(400);
    assertThat(told).contains("Things in the nose: there may be 0 to 200");
    assertThat(told.length()).isLessThan(2000);
    // Fewer are looked at one by one, and a row that is nothing is no mistake of ours.
    String few = nulls.replace("null,".repeat(9_990), "");
    assertThat(status(ask("POST", "/api/compute/verdicts", json, few))).isEqualTo(400);
    String strange = "{\"" + "x".repeat(5000) + "\":[" + "0,".repeat(300) + "0]}";
    assertThat(ask("POST", "/api/compute/verdicts", json, strange).length()).isLessThan(2000);
  }

  @Test
  void aHalfSentRequestHoldsNoPlaceForLong() throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.setSoTimeout(15_000);
      socket.getOutputStream().write("GET /api/jobs HTTP/1.1\r\nHost: 127".getBytes());
      long before = System.nanoTime();
      socket.getInputStream().readAllBytes(); // until the server hangs up
      assertThat((System.nanoTime() - before) / 1e9).isLessThan(12);
    }
  }
}
