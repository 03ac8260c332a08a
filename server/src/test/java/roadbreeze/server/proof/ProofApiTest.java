package roadbreeze.server.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import roadbreeze.server.Api;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import roadbreeze.server.demo.DemoDrives;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.JobContent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The demo yard's drives through the API: read, compared, tuned to, and felt in a verdict. */
@TestInstance(Lifecycle.PER_CLASS)
class ProofApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private final List<String> runs = new ArrayList<>();
  private TestServer server;
  private Api api;
  private String job;

  @BeforeAll
  void start() throws Exception {
    server = new TestServer("proof_test");
    api = new Api(server);
    JobContent content = DemoWorld.jobs().get(0);
    job = api.ok("POST", "/api/jobs", JSON.writeValueAsString(content)).get("id").asString();
    for (DemoDrives.DemoDrive drive : DemoDrives.of(content)) {
      JsonNode run =
          api.ok("POST", "/api/jobs/" + job + "/runs", JSON.writeValueAsString(drive.data()));
      String id = run.get("id").asString();
      String head = drive.file().substring(0, 20_000);
      JsonNode look = api.ok("POST", "/api/logs/look?world=METRIC", head);
      String shape =
          api.ok("POST", "/api/logs/plan", look.get("plan").toString()).get("shape").asString();
      api.ok("POST", "/api/runs/" + id + "/tracks?name=a.csv&shape=" + shape, drive.file());
      runs.add(id);
    }
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private JsonNode reading(int run) throws Exception {
    return api.ok("GET", "/api/jobs/" + job + "/runs/" + runs.get(run) + "/reading", "");
  }

  @Test
  void aDriveIsReadWithTheModelUnderIt() throws Exception {
    JsonNode r = reading(0);
    assertThat(r.get("heights").asString()).isEqualTo("BAROMETER");
    assertThat(r.get("modelledPercent").asDouble()).isGreaterThan(95);
    assertThat(r.get("windows").size()).isGreaterThanOrEqualTo(2);
    JsonNode trace = r.get("trace");
    double off = 0;
    for (int i = 0; i < trace.get("timeS").size(); i++) {
      if (!trace.get("panC").get(i).isNull() && !trace.get("modelPanC").get(i).isNull()) {
        double apart =
            trace.get("panC").get(i).asDouble() - trace.get("modelPanC").get(i).asDouble();
        off = Math.max(off, Math.abs(apart));
      }
    }
    // The truck is not quite what its sheets say.
    assertThat(off).isBetween(1.0, 20.0);
  }

  @Test
  void theCoolerIsProvedAndTheRestIsNot() throws Exception {
    JsonNode rows = compare(runs.get(0), runs.get(1));
    JsonNode pan = row(rows, "PAN");
    assertThat(pan.get("basis").asString()).isEqualTo("SAME_TERMS");
    assertThat(pan.get("morePercent").asDouble())
        .isGreaterThan(pan.get("spreadPercent").asDouble());
    assertThat(pan.get("says").toString()).contains("shedsMore").contains("onHotDay");
    assertThat(compare(runs.get(1), runs.get(1)).toString()).contains("noDifference");
    HttpResponse<String> elsewhere =
        api.send(
            "POST",
            "/api/jobs/" + job + "/compare",
            "{\"before\":\"" + runs.get(0) + "\",\"after\":\"" + job + "\",\"dayC\":38}");
    assertThat(elsewhere.statusCode()).isEqualTo(404);
  }

  private JsonNode compare(String before, String after) throws Exception {
    String ask = "{\"before\":\"" + before + "\",\"after\":\"" + after + "\",\"dayC\":38}";
    return api.ok("POST", "/api/jobs/" + job + "/compare", ask).get("rows");
  }

  private static JsonNode row(JsonNode rows, String fluid) {
    for (JsonNode row : rows) {
      if (row.get("fluid").asString().equals(fluid)) {
        return row;
      }
    }
    throw new AssertionError(fluid);
  }

  @Test
  void anAcceptedCalibrationMovesVerdictsAndNarrowsTheirBands() throws Exception {
    String ask = "{\"from\":[\"" + runs.get(1) + "\"],\"checks\":[\"" + runs.get(2) + "\"]}";
    JsonNode tuned = api.ok("POST", "/api/jobs/" + job + "/calibrate", ask);
    assertThat(tuned.get("afterK").asDouble()).isLessThan(tuned.get("beforeK").asDouble());
    JsonNode check = tuned.get("checks").get(0);
    assertThat(check.get("afterK").asDouble()).isLessThan(check.get("beforeK").asDouble());
    for (JsonNode row : tuned.get("rows")) {
      if (row.get("of").asString().equals("factor.coolantShare")) {
        assertThat(row.get("value").asDouble())
            .isCloseTo(0.93, within(row.get("spread").asDouble() + 0.01));
      }
    }
    ObjectNode content =
        (ObjectNode) JSON.readTree(JSON.writeValueAsString(DemoWorld.jobs().get(0)));
    double before = band(content);
    ObjectNode data = (ObjectNode) tuned.get("data");
    ((ArrayNode) content.at("/rig/calibrations")).add(data);
    assertThat(band(content)).isLessThan(0.75 * before);
    // Not counted with: as if it were not there.
    data.put("used", false);
    assertThat(band(content)).isCloseTo(before, within(1e-9));
    // Something that is no covariance is refused in words, at its place.
    data.put("used", true);
    ((ArrayNode) data.at("/covariance/0")).set(0, JSON.readTree("-0.5"));
    HttpResponse<String> broken = api.send("POST", "/api/compute/verdicts", content.toString());
    assertThat(broken.statusCode()).isEqualTo(400);
    assertThat(broken.body()).contains("rig.calibrations");
  }

  private double band(JsonNode content) throws Exception {
    JsonNode verdicts = api.ok("POST", "/api/compute/verdicts", content.toString());
    return verdicts.get(2).at("/coolant/bandK").asDouble();
  }

  @Test
  void drivesOfTwoBuildsAreNoCalibration() throws Exception {
    String ask = "{\"from\":[\"" + runs.get(0) + "\",\"" + runs.get(1) + "\"],\"checks\":[]}";
    HttpResponse<String> answer = api.send("POST", "/api/jobs/" + job + "/calibrate", ask);
    assertThat(answer.statusCode()).isEqualTo(400);
    assertThat(answer.body()).contains("calibrationOfTwo");
    assertThat(Jobs.HIVE.rig().calibrations()).isEmpty();
  }
}
