package roadbreeze.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.postgresql.PGConnection;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import tools.jackson.databind.json.JsonMapper;

/**
 * A million rows of nine columns taken in as a log, against the database's own COPY of the same
 * rows, ready made, into a table of the same shape. Runs only for {@code ./road-breeze bench}.
 */
@EnabledIfSystemProperty(named = "roadbreeze.bench", matches = ".+")
class ImportBench {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int ROWS = 1_000_000;

  @TempDir Path folder;

  @Test
  void aMillionRowsAgainstTheDatabasesOwnCopy() throws Exception {
    Path log = folder.resolve("log.csv");
    StringBuilder text = new StringBuilder("time (s),coolant (°C),trans temp (°C),oil feed (°C),");
    text.append("ambient (°C),speed (km/h),rpm,altitude (m),baro (hPa),volts (V)\n");
    StringBuilder plain = new StringBuilder();
    for (int i = 0; i < ROWS; i++) {
      double s = Math.sin(i / 5000.0);
      String row =
          String.format(
              Locale.ROOT,
              "%.2f,%.2f,%.2f,%.1f,%.0f,%.0f,%.1f,%.2f,%.2f",
              90 + 9 * s,
              80 + 12 * s,
              95 + 12 * s,
              30 + s,
              70 + 9 * s,
              2500 + 300 * s,
              600 + 50 * s,
              940 + 5 * s,
              13.9 + 0.1 * s);
      String t = String.format(Locale.ROOT, "%.1f", i / 10.0);
      text.append(t).append(',').append(row).append('\n');
      plain.append("0\t").append(t).append("\t{").append(row).append("}\n");
    }
    Files.writeString(log, text);
    byte[] ready = plain.toString().getBytes(StandardCharsets.US_ASCII);
    long bytes = Files.size(log);
    text = null;
    plain = null;
    try (TestServer server = new TestServer("import_bench")) {
      double own = ours(server, log);
      long peak = peak();
      double copy = copied(server.bean(DataSource.class), ready);
      System.out.printf(
          Locale.ROOT,
          "%,d rows, %.0f MB: taken in %.1f s (%,.0f rows a second), heap at most %d MB;"
              + " COPY of ready rows %.1f s; ratio %.1f%n",
          ROWS,
          bytes / 1e6,
          own,
          ROWS / own,
          peak >> 20,
          copy,
          own / copy);
    }
  }

  private static double ours(TestServer server, Path log) throws Exception {
    HttpClient client = HttpClient.newHttpClient();
    String base = "http://127.0.0.1:" + server.port();
    String job =
        JSON.readTree(post(client, base + "/api/jobs", JSON.writeValueAsString(Jobs.HIVE)))
            .get("id")
            .asString();
    Run.RunData data =
        new Run.RunData("bench", Run.Sort.OTHER, null, null, null, null, null, List.of(), "");
    String run =
        JSON.readTree(
                post(client, base + "/api/jobs/" + job + "/runs", JSON.writeValueAsString(data)))
            .get("id")
            .asString();
    String head = Files.readString(log).substring(0, 50_000);
    HttpResponse<String> look =
        client.send(
            HttpRequest.newBuilder(URI.create(base + "/api/logs/look?world=METRIC"))
                .header("Content-Type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(head))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    String plan = JSON.readTree(look.body()).get("plan").toString();
    String shape =
        JSON.readTree(post(client, base + "/api/logs/plan", plan)).get("shape").asString();
    System.gc();
    ManagementFactory.getMemoryPoolMXBeans().forEach(MemoryPoolMXBean::resetPeakUsage);
    long from = System.nanoTime();
    HttpResponse<String> taken =
        client.send(
            HttpRequest.newBuilder(
                    URI.create(base + "/api/runs/" + run + "/tracks?name=a.csv&shape=" + shape))
                .header("Content-Type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofFile(log))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    double seconds = (System.nanoTime() - from) / 1e9;
    assertThat(taken.statusCode()).as(taken.body()).isEqualTo(201);
    return seconds;
  }

  private static String post(HttpClient client, String path, String body) throws Exception {
    return client
        .send(
            HttpRequest.newBuilder(URI.create(path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build(),
            HttpResponse.BodyHandlers.ofString())
        .body();
  }

  private static long peak() {
    return ManagementFactory.getMemoryPoolMXBeans().stream()
        .filter(p -> p.getType() == MemoryType.HEAP)
        .mapToLong(p -> p.getPeakUsage().getUsed())
        .sum();
  }

  private static double copied(DataSource source, byte[] rows) throws Exception {
    try (Connection db = source.getConnection()) {
      try (Statement sql = db.createStatement()) {
        sql.execute("create table ready (track smallint, t double precision, v real[])");
        sql.execute("create index on ready (track, t)");
      }
      long from = System.nanoTime();
      db.unwrap(PGConnection.class)
          .getCopyAPI()
          .copyIn("copy ready from stdin", new ByteArrayInputStream(rows));
      return (System.nanoTime() - from) / 1e9;
    }
  }
}
