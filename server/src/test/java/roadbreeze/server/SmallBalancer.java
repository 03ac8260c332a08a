package roadbreeze.server;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Gives each request to the next of several servers, wherever the one before went: the least that a
 * balancer can do for them.
 */
public final class SmallBalancer implements AutoCloseable {
  /** Between two who talk, and no business of a third. */
  private static final Set<String> HOP =
      Set.of("connection", "content-length", "host", "transfer-encoding", "upgrade", "expect");

  private final List<Integer> ports;
  private final AtomicInteger turn = new AtomicInteger();
  private final HttpClient client = HttpClient.newHttpClient();
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final HttpServer door;

  public SmallBalancer(List<Integer> ports) throws IOException {
    this.ports = ports;
    door = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 64);
    door.createContext("/", this::pass);
    door.setExecutor(threads);
    door.start();
  }

  public int port() {
    return door.getAddress().getPort();
  }

  private void pass(HttpExchange exchange) throws IOException {
    int port = ports.get(Math.floorMod(turn.getAndIncrement(), ports.size()));
    HttpRequest.Builder on =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + exchange.getRequestURI()))
            .method(
                exchange.getRequestMethod(),
                HttpRequest.BodyPublishers.ofByteArray(exchange.getRequestBody().readAllBytes()));
    exchange
        .getRequestHeaders()
        .forEach(
            (name, values) -> {
              if (!HOP.contains(name.toLowerCase(Locale.ROOT))) {
                values.forEach(v -> on.header(name, v));
              }
            });
    try (exchange) {
      HttpResponse<InputStream> answer =
          client.send(on.build(), HttpResponse.BodyHandlers.ofInputStream());
      answer
          .headers()
          .map()
          .forEach(
              (name, values) -> {
                if (!HOP.contains(name) && !name.startsWith(":")) {
                  exchange.getResponseHeaders().put(name, values);
                }
              });
      boolean none = answer.statusCode() == 204 || answer.statusCode() == 304;
      exchange.sendResponseHeaders(answer.statusCode(), none ? -1 : 0);
      try (InputStream body = answer.body()) {
        byte[] some = new byte[8192];
        for (int n = body.read(some); n >= 0 && !none; n = body.read(some)) {
          exchange.getResponseBody().write(some, 0, n);
          exchange.getResponseBody().flush(); // what happens as it happens
        }
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    door.stop(0);
    threads.shutdownNow();
  }
}
