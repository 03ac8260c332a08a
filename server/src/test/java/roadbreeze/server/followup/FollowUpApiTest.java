package roadbreeze.server.followup;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import roadbreeze.server.Api;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import roadbreeze.server.bay.FinishedWork;
import roadbreeze.server.order.Tasks;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is looked at again: planned from signed work, due, put off, done, and in a calendar. */
@TestInstance(Lifecycle.PER_CLASS)
class FollowUpApiTest {
  private TestServer server;
  private Api api;
  private String job;

  @BeforeAll
  void start() throws Exception {
    server = new TestServer("follow_up_test");
    api = new Api(server);
    job = fresh();
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private String fresh() throws Exception {
    return api.ok("POST", "/api/jobs", Jobs.HIVE).get("id").asString();
  }

  private String ofJob(String id, String day) {
    return "/api/jobs/" + id + "/follow-ups?day=" + day;
  }

  private static Map<String, Object> every(String what, Object each) {
    Map<String, Object> every = new HashMap<>(Map.of("seasonMonths", List.of()));
    every.put(what, each);
    return every;
  }

  private static Map<String, Object> data(String kind, String since, Map<String, Object> every) {
    Map<String, Object> data = new HashMap<>();
    data.put("kind", kind);
    data.put("title", "Look at the flaps, please");
    data.put("note", "");
    data.put("since", since);
    data.put("every", every);
    data.put("again", false);
    return data;
  }

  private JsonNode event(JsonNode f, String day, Map<String, Object> more) throws Exception {
    return api.ok("POST", events(f, day), happened(day, more));
  }

  private static String events(JsonNode f, String day) {
    return "/api/follow-ups/" + f.get("id").asString() + "/events?day=" + day;
  }

  private static Map<String, Object> happened(String day, Map<String, Object> more) {
    Map<String, Object> event =
        new HashMap<>(
            Map.of(
                "id",
                UUID.randomUUID(),
                "day",
                day,
                "by",
                "Ada",
                "note",
                "",
                "readings",
                Map.of()));
    event.putAll(more);
    return event;
  }

  @Test
  void signedWorkBringsWhatItsTasksAskFor() throws Exception {
    String done = fresh();
    server.bean(FinishedWork.class).on(UUID.fromString(done), Jobs.HIVE.builds().get(2).id());
    String today = LocalDate.now().toString();
    JsonNode board = api.get(ofJob(done, today));
    Set<String> kinds = new TreeSet<>();
    board.get("all").forEach(f -> kinds.add(f.at("/data/kind").asString()));
    assertThat(kinds)
        .contains("levels-again", "clamps", "gearbox-oil", "marks", "fins", "first-haul-call");
    assertThat(board.get("unplanned").asInt()).isZero();
    // One haul is the job's road as the model drives it.
    assertThat(board.at("/use/use/haulKm").asDouble()).isBetween(5.0, 100.0);
    assertThat(board.at("/use/use/haulOilLifeH").asDouble()).isBetween(0.1, 30.0);
    for (JsonNode f : board.get("all")) {
      assertThat(f.get("state").asString()).isIn("SOON", "LATER");
    }
  }

  @Test
  void everyKindIsBroughtByTasksThatThereAre() {
    for (FollowUpKind kind : FollowUpKind.ALL) {
      assertThat(kind.after()).as(kind.id()).isNotEmpty().allMatch(Tasks.SHIPPED::has);
      assertThat(kind.every().from(LocalDate.of(2026, 1, 31))).isNotEmpty();
    }
  }

  @Test
  void itIsPutOffWithAReasonAndDoneWithReadings() throws Exception {
    JsonNode f =
        api.ok("POST", ofJob(job, "2026-06-01"), data("clamps", "2026-05-01", every("days", 20)));
    assertThat(f.get("state").asString()).isEqualTo("DUE");
    assertThat(f.get("due").asString()).isEqualTo("2026-05-21");
    String to = events(f, "2026-06-01");
    Map<String, Object> off = Map.of("what", "SNOOZED", "until", "2026-06-10");
    assertThat(api.refused("POST", to, happened("2026-06-01", off))).contains("say why");
    Map<String, Object> never = Map.of("what", "SNOOZED", "note", "away");
    assertThat(api.refused("POST", to, happened("2026-06-01", never))).contains("later day");
    Map<String, Object> early = Map.of("what", "DONE");
    assertThat(api.refused("POST", to, happened("2026-06-02", early))).contains("not come yet");
    Map<String, Object> unread = Map.of("what", "DONE", "readings", Map.of("moved", -1));
    assertThat(api.refused("POST", to, happened("2026-06-01", unread))).contains("no truck reads");
    Map<String, Object> other = Map.of("what", "DONE", "readings", Map.of("mystery", 1));
    assertThat(api.send("POST", to, happened("2026-06-01", other)).statusCode()).isEqualTo(404);
    JsonNode snoozed =
        event(f, "2026-06-01", Map.of("what", "SNOOZED", "until", "2026-06-10", "note", "away"));
    assertThat(snoozed.get("state").asString()).isEqualTo("SNOOZED");
    // After that day it is due again.
    assertThat(find(f, "2026-06-10").get("state").asString()).isEqualTo("DUE");
    Map<String, Object> done =
        happened(
            "2026-06-11",
            Map.of("what", "DONE", "readings", Map.of("moved", 2), "odometerKm", 120_400));
    api.ok("POST", events(f, "2026-06-11"), done);
    // Said twice over a bad line, it is there once.
    JsonNode once = api.ok("POST", events(f, "2026-06-11"), done);
    assertThat(once.get("events")).hasSize(2);
    assertThat(once.get("state").asString()).isEqualTo("DONE");
    assertThat(once.at("/events/0/readings/moved").asDouble()).isEqualTo(2);
    assertThat(api.get(ofJob(job, "2026-06-11")).at("/use/use/odometer/0/km").asDouble())
        .isEqualTo(120_400);
    // Nor does an odometer turn back: what would be done with it is not done.
    Map<String, Object> back = Map.of("what", "DONE", "odometerKm", 120_300);
    assertThat(api.refused("POST", events(f, "2026-06-12"), happened("2026-06-12", back)))
        .contains("odometer showed 120400");
    assertThat(find(f, "2026-06-12").get("events")).hasSize(2);
  }

  private JsonNode find(JsonNode f, String day) throws Exception {
    for (JsonNode other : api.get(ofJob(job, day)).get("all")) {
      if (other.get("id").equals(f.get("id"))) {
        return other;
      }
    }
    throw new AssertionError("it is gone");
  }

  @Test
  void seasonsAndDistancesComeAsTheTruckGoes() throws Exception {
    String truck = fresh();
    Map<String, Object> use = new HashMap<>();
    use.put("kmPerWeek", 700);
    use.put("startsPerWeek", 7);
    use.put("haulsPerMonth", 0);
    use.put("haulKm", 50);
    use.put("odometer", List.of());
    api.ok("PUT", "/api/jobs/" + truck + "/truck-use", Map.of("version", -1, "use", use));
    Map<String, Object> far = data("filter", "2026-06-01", every("distanceKm", 2000));
    far.put("again", true);
    JsonNode f = api.ok("POST", ofJob(truck, "2026-06-11"), far);
    assertThat(f.get("due").asString()).isEqualTo("2026-06-21");
    assertThat(f.at("/shares/0/used").asDouble()).isEqualTo(1000);
    Map<String, Object> seasons = every("seasonMonths", List.of(4, 10));
    JsonNode fins = api.ok("POST", ofJob(truck, "2026-06-11"), data("fins", "2026-06-01", seasons));
    assertThat(fins.get("due").asString()).isEqualTo("2026-10-01");
    // Done, the distance is counted anew from that day.
    JsonNode done = event(f, "2026-06-25", Map.of("what", "DONE"));
    assertThat(done.get("due").asString()).isEqualTo("2026-07-15");
    // Who saves over somebody else's numbers is told.
    assertThat(
            api.send("PUT", "/api/jobs/" + truck + "/truck-use", Map.of("version", -1, "use", use))
                .statusCode())
        .isEqualTo(409);
  }

  @Test
  void whatCannotBeIsRefusedAtItsField() throws Exception {
    String path = ofJob(job, "2026-06-01");
    assertThat(api.refused("POST", path, data(null, "2026-05-01", every("days", null))))
        .contains("nothing would ever make it due");
    assertThat(api.refused("POST", path, data(null, "2026-05-01", every("days", 0))))
        .contains("every.days");
    assertThat(
            api.refused("POST", path, data(null, "2026-05-01", every("seasonMonths", List.of(13)))))
        .contains("seasonMonths");
    assertThat(
            api.send("POST", path, data("nonsense", "2026-05-01", every("days", 3))).statusCode())
        .isEqualTo(404);
    Map<String, Object> blank = data(null, "2026-05-01", every("days", 3));
    blank.put("title", " ");
    assertThat(api.refused("POST", path, blank)).contains("title");
  }

  @Test
  void calendarsReadItBack() throws Exception {
    String truck = fresh();
    JsonNode about = api.get("/api/jobs/" + truck).get("about");
    ObjectNode body =
        ((ObjectNode) about.get("body")).put("name", "Ute; the \"old, blue\" one,\nbackslash \\");
    body.put("name", "Ute; the \"old, blue\" one \\ no. 2");
    api.ok(
        "PUT",
        "/api/jobs/" + truck + "/about",
        Map.of("version", about.get("version"), "body", body));
    JsonNode f =
        api.ok("POST", ofJob(truck, "2026-06-01"), data("fins", "2026-05-01", every("days", 90)));
    JsonNode late =
        api.ok("POST", ofJob(truck, "2026-06-01"), data(null, "2026-01-01", every("days", 9)));
    String file =
        api.send("GET", "/api/follow-ups/calendar?day=2026-06-01&world=METRIC", null).body();
    List<ICalendar> read = Biweekly.parse(file).all();
    assertThat(read).hasSize(1);
    assertThat(read.get(0).validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
    Map<String, VEvent> events =
        read.get(0).getEvents().stream()
            .collect(Collectors.toMap(e -> e.getUid().getValue(), e -> e));
    VEvent fins = events.get(f.get("id").asString() + "@road-breeze");
    assertThat(fins.getSummary().getValue())
        .isEqualTo("Ute; the \"old, blue\" one \\ no. 2: Look at the flaps, please");
    assertThat(day(fins)).isEqualTo(LocalDate.of(2026, 7, 30));
    assertThat(fins.getDateStart().getValue().hasTime()).isFalse();
    assertThat(fins.getDescription().getValue()).contains("chaff, seeds and flies");
    // What is late stands on today.
    assertThat(day(events.get(late.get("id").asString() + "@road-breeze")))
        .isEqualTo(LocalDate.of(2026, 6, 1));
  }

  private static LocalDate day(VEvent event) {
    return event.getDateStart().getValue().toInstant().atZone(ZoneId.systemDefault()).toLocalDate();
  }

  @Test
  void aFeedIsFoundByItsSecretAloneUntilItIsTakenBack() throws Exception {
    JsonNode made = api.ok("POST", "/api/follow-ups/feeds", Map.of("name", "Wick's phone"));
    String path = made.get("path").asString();
    assertThat(path).matches("/calendar/[A-Za-z0-9_-]{32}\\.ics");
    assertThat(api.send("GET", path, null).headers().firstValue("Content-Type").orElseThrow())
        .startsWith("text/calendar");
    assertThat(Biweekly.parse(api.send("GET", path, null).body()).all()).hasSize(1);
    // It is said once, and nothing that is kept opens it.
    JsonNode all = api.get("/api/follow-ups/feeds");
    assertThat(all.get(0).get("path").isNull()).isTrue();
    String other = path.substring(0, path.length() - 5) + "A.ics";
    assertThat(api.send("GET", other.equals(path) ? path + "x" : other, null).statusCode())
        .isEqualTo(404);
    api.ok("DELETE", "/api/follow-ups/feeds/" + made.get("id").asString(), null);
    assertThat(api.send("GET", path, null).statusCode()).isEqualTo(404);
  }
}
