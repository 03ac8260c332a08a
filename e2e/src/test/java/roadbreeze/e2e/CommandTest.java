package roadbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.Timeout;

/** The command itself, as somebody at a terminal uses it: one story, told in order. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Timeout(240)
class CommandTest {
  private static final Path COMMAND = Path.of("../road-breeze").toAbsolutePath().normalize();
  private static final Pattern ADDRESS = Pattern.compile("ready: +(https?://\\S+)");
  private static final Duration PATIENCE = Duration.ofSeconds(120);
  private static final HttpClient HTTP = HttpClient.newHttpClient();

  /** Signs that a shell takes for its own, and longer than a socket's path may be. */
  private static final String NAME = "it's a (very) long & winding place ";

  private static Path data;
  private static Run run;

  /** The command with what it has said so far. */
  private record Run(Process process, Path said) {
    static Run of(Map<String, String> environment, String... words) {
      List<String> command =
          // A terminal's Ctrl-C reaches it even where whoever started the tests ignores that.
          new ArrayList<>(List.of("env", "--default-signal=INT", COMMAND.toString()));
      command.addAll(Arrays.asList(words));
      try {
        Path said = Files.createTempFile("command", ".txt");
        ProcessBuilder builder =
            new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile());
        builder.environment().keySet().removeIf(key -> key.startsWith("ROADBREEZE"));
        builder.environment().put("ROADBREEZE_DATA", data.toString());
        builder.environment().putAll(environment);
        return new Run(builder.start(), said);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    String text() {
      try {
        return Files.readString(said);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    String address() {
      await("an address in: " + said, () -> !process.isAlive() || ADDRESS.matcher(text()).find());
      var found = ADDRESS.matcher(text());
      assertThat(found.find()).as(text()).isTrue();
      return found.group(1);
    }

    /** Waits for its end. */
    String ended(int code) throws InterruptedException {
      assertThat(process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).as(text()).isTrue();
      assertThat(process.exitValue()).as(text()).isEqualTo(code);
      return text();
    }
  }

  private static void await(String what, Callable<Boolean> there) {
    long until = System.nanoTime() + PATIENCE.toNanos();
    try {
      while (!there.call()) {
        assertThat(System.nanoTime()).as("still no %s", what).isLessThan(until);
        TimeUnit.MILLISECONDS.sleep(100);
      }
    } catch (Exception e) {
      throw new IllegalStateException(what, e);
    }
  }

  @BeforeAll
  static void makeFolder() throws IOException {
    // The database's user must be able to enter it.
    Path open = Files.createTempDirectory("road-breeze-command");
    Files.setPosixFilePermissions(open, PosixFilePermissions.fromString("rwxr-xr-x"));
    data = open.resolve(NAME + "x".repeat(90));
    run = Run.of(Map.of(), "start");
    run.address();
  }

  @AfterAll
  static void stop() throws IOException, InterruptedException {
    Run.of(Map.of(), "stop").ended(0);
    try (Stream<Path> left = Files.walk(data.getParent())) {
      left.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
    }
  }

  private static int status(String path) {
    try {
      URI uri = URI.create(run.address() + path);
      return HTTP.send(HttpRequest.newBuilder(uri).build(), BodyHandlers.discarding()).statusCode();
    } catch (IOException e) {
      return 0;
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static long jobs() throws IOException, InterruptedException {
    URI uri = URI.create(run.address() + "/api/jobs");
    String body = HTTP.send(HttpRequest.newBuilder(uri).build(), BodyHandlers.ofString()).body();
    return Pattern.compile("\"about\":").matcher(body).results().count();
  }

  private static int addJob() throws IOException, InterruptedException {
    String file =
        Files.readString(Path.of("../server/src/test/resources/formats/plough-pickup-2.json"));
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(run.address() + "/api/jobs/import"))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(file))
            .build();
    return HTTP.send(request, BodyHandlers.discarding()).statusCode();
  }

  private static long server() throws IOException {
    return Long.parseLong(Files.readString(data.resolve("start/server.pid")).trim());
  }

  private static long database() throws IOException {
    return Long.parseLong(Files.readAllLines(data.resolve("start/pg/postmaster.pid")).get(0));
  }

  private static void kill(long pid) {
    ProcessHandle.of(pid).orElseThrow().destroyForcibly();
  }

  /** One that has ended stays in the list until its parent has looked; that is no life. */
  private static boolean lives(long pid) {
    try {
      return !Files.readString(Path.of("/proc/" + pid + "/stat")).contains(") Z ");
    } catch (IOException e) {
      return false;
    }
  }

  @Test
  @Order(1)
  void theDatabaseIsPrivate() throws IOException {
    Path secret = data.resolve("start/password");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(secret)))
        .isEqualTo("rw-------");
    assertThat(Files.readString(secret)).matches("[0-9a-f]{48}");
    List<String> doors = Files.readAllLines(data.resolve("start/pg/pg_hba.conf"));
    assertThat(doors)
        .containsExactly(
            "local all roadbreeze peer map=owner",
            "host roadbreeze roadbreeze_app 127.0.0.1/32 scram-sha-256");
    assertThat(status("/api/jobs")).isEqualTo(200);
  }

  @Test
  @Order(2)
  void aSecondRunAndATakenPortAreToldOf() throws Exception {
    assertThat(Run.of(Map.of(), "start").ended(1)).contains("already runs");
    try (ServerSocket taken = new ServerSocket(0)) {
      String port = String.valueOf(taken.getLocalPort());
      assertThat(Run.of(Map.of("ROADBREEZE_PORT", port), "demo").ended(1))
          .contains("port " + port + " is taken");
    }
    Path file = Files.createTempFile("not-a", "folder");
    assertThat(Run.of(Map.of("ROADBREEZE_DATA", file + "/data"), "start").ended(1))
        .contains("cannot write in " + file + "/data");
  }

  @Test
  @Order(3)
  void whatDiesIsStartedAgainAtTheSameAddress() throws IOException {
    long server = server();
    kill(server);
    await("application", () -> server() != server && status("/api/jobs") == 200);
    long database = database();
    kill(database);
    await("database", () -> !lives(database) && status("/api/jobs") == 200);
    assertThat(database()).isNotEqualTo(database);
    assertThat(run.text())
        .contains("the application has stopped; starting it again")
        .contains("the database has stopped; starting it again");
  }

  @Test
  @Order(4)
  void aBackupIsTakenWhileJobsAreWrittenAndPutBack() throws Exception {
    assertThat(addJob()).isEqualTo(201);
    AtomicBoolean enough = new AtomicBoolean();
    Thread busy =
        new Thread(
            () -> {
              try {
                while (!enough.get()) {
                  addJob();
                }
              } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
              }
            });
    busy.start();
    Path backup = data.resolveSibling("it's a backup");
    assertThat(Run.of(Map.of(), "backup", backup.toString()).ended(0)).contains("saved to");
    enough.set(true);
    busy.join();
    long before = jobs();

    assertThat(Run.of(Map.of(), "restore", backup.toString()).ended(1)).contains("is running");
    Run.of(Map.of(), "stop").ended(0);
    run.ended(0);
    assertThat(Run.of(Map.of(), "restore", backup.toString()).ended(1))
        .contains(before + " jobs already");
    Run.of(Map.of("ROADBREEZE_RESTORE", "replace"), "restore", backup.toString()).ended(0);
    run = Run.of(Map.of(), "start");
    assertThat(jobs()).isBetween(1L, before);
  }

  @Test
  @Order(5)
  void stopWaitsAndNeverTouchesAStranger() throws Exception {
    long server = server();
    long database = database();
    Run.of(Map.of(), "stop").ended(0);
    assertThat(lives(server)).isFalse();
    assertThat(lives(database)).isFalse();
    assertThat(run.process().isAlive()).isFalse();

    Process stranger = new ProcessBuilder("sleep", "300").start();
    String pid = String.valueOf(stranger.pid());
    Files.writeString(data.resolve("start/server.pid"), pid);
    Files.writeString(data.resolve("start/lock"), pid);
    Run.of(Map.of(), "stop").ended(0);
    Files.writeString(data.resolve("start/server.pid"), pid);
    Files.writeString(data.resolve("start/lock"), pid);
    run = Run.of(Map.of(), "start");
    assertThat(status("/api/jobs")).isEqualTo(200);
    assertThat(stranger.isAlive()).isTrue();
    stranger.destroy();
  }

  @Test
  @Order(6)
  void aRunThatWasKilledIsTakenOverAndCtrlCEndsAll() throws Exception {
    long left = server();
    kill(run.process().pid());
    run.process().waitFor();
    assertThat(lives(left)).isTrue();
    run = Run.of(Map.of(), "start");
    assertThat(status("/api/jobs")).isEqualTo(200);
    assertThat(lives(left)).isFalse();

    long server = server();
    long database = database();
    new ProcessBuilder("kill", "-INT", String.valueOf(run.process().pid())).start().waitFor();
    assertThat(run.ended(0)).contains("stopped");
    assertThat(lives(server)).isFalse();
    assertThat(lives(database)).isFalse();
    try (var left2 = Files.list(data.resolve("start"))) {
      assertThat(left2.map(p -> p.getFileName().toString()))
          .contains("server.log")
          .doesNotContain("server.pid");
    }
  }

  @Test
  @Order(7)
  void onTheYardsNetworkItIsSecuredAndAsksWhoComes() throws Exception {
    Map<String, String> nameless = Map.of("ROADBREEZE_ADDRESS", "0.0.0.0");
    assertThat(Run.of(nameless, "start").ended(1)).contains("ROADBREEZE_HOSTS");
    run = Run.of(Map.of("ROADBREEZE_ADDRESS", "0.0.0.0", "ROADBREEZE_HOSTS", "yard.test"), "start");
    URI jobs = URI.create(run.address() + "/api/jobs");
    assertThat(jobs.getScheme()).isEqualTo("https");
    await("first code in: " + run.said(), () -> run.text().contains("first code"));
    assertThat(run.text()).contains("https://yard.test:" + jobs.getPort()).contains("SHA-256");
    // A device that trusts the file for tablets gets in, and is asked who it is.
    HttpRequest ask = HttpRequest.newBuilder(jobs).build();
    assertThat(trusting().send(ask, BodyHandlers.discarding()).statusCode()).isEqualTo(401);
    assertThatThrownBy(() -> HTTP.send(ask, BodyHandlers.discarding()))
        .isInstanceOf(SSLHandshakeException.class);
    Run.of(Map.of(), "stop").ended(0);
  }

  private static HttpClient trusting() throws Exception {
    KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
    trusted.load(null);
    try (InputStream pem = Files.newInputStream(data.resolve("start/tls/yard.pem"))) {
      trusted.setCertificateEntry(
          "yard", CertificateFactory.getInstance("X.509").generateCertificate(pem));
    }
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(trusted);
    SSLContext tls = SSLContext.getInstance("TLS");
    tls.init(null, trust.getTrustManagers(), null);
    return HttpClient.newBuilder().sslContext(tls).build();
  }
}
