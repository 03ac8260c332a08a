package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A server as its page asks it. */
public final class Api {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final HttpClient client = HttpClient.newHttpClient();
  private final String origin;

  public Api(TestServer server) {
    origin = "http://127.0.0.1:" + server.port();
  }

  /**
   * @param body anything JSON; a text goes as it is, null is none
   */
  public HttpResponse<String> send(String method, String path, Object body) throws IOException {
    String text = body == null ? "" : body instanceof String s ? s : JSON.writeValueAsString(body);
    String kind =
        path.contains("/tracks?") || path.contains("/logs/look")
            ? "text/csv"
            : path.contains("/gpx?") ? "application/gpx+xml" : "application/json";
    try {
      return client.send(
          HttpRequest.newBuilder(URI.create(origin + path))
              .header("Content-Type", kind)
              .method(method, HttpRequest.BodyPublishers.ofString(text))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    } catch (InterruptedException e) {
      throw new IOException(e);
    }
  }

  /** What it says, asked again until it is worked out. */
  public JsonNode ok(String method, String path, Object body) throws IOException {
    HttpResponse<String> answer = send(method, path, body);
    while (answer.statusCode() == 202) {
      String question = JSON.readTree(answer.body()).get("question").asString();
      answer = send("GET", "/api/questions/" + question, null);
    }
    assertThat(answer.statusCode()).as(path + ": " + answer.body()).isBetween(200, 299);
    return answer.body().isEmpty() ? null : JSON.readTree(answer.body());
  }

  public JsonNode get(String path) throws IOException {
    return ok("GET", path, null);
  }

  /** Codes of what it refuses something with. */
  public String refused(String method, String path, Object body) throws IOException {
    HttpResponse<String> answer = send(method, path, body);
    assertThat(answer.statusCode()).as(path + ": " + answer.body()).isBetween(400, 499);
    return answer.body();
  }
}
