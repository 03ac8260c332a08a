package roadbreeze.server.bay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The same cases hold the devices to the same answers: web/src/features/bay/bayState.test.ts. */
class BayStateTest {
  static List<JsonNode> cases() throws Exception {
    try (InputStream in = BayStateTest.class.getResourceAsStream("/bay/cases.json")) {
      return StreamSupport.stream(JsonMapper.shared().readTree(in).spliterator(), false).toList();
    }
  }

  private static BayEntry entry(JsonNode e) {
    JsonNode sort = e.path("sort");
    return new BayEntry(
        e.get("seq").asLong(),
        new BayEvent(
            UUID.randomUUID(),
            BayEvent.Kind.valueOf(e.get("kind").asString()),
            Instant.parse("2026-11-28T" + e.get("at").asString() + ":00Z"),
            "Ada",
            e.get("device").asString(),
            e.path("step").asStringOpt().orElse(null),
            e.path("item").asStringOpt().orElse(null),
            e.path("text").asStringOpt().orElse(null),
            null,
            sort.isMissingNode() ? null : BayEvent.Sort.valueOf(sort.asString()),
            e.has("value") ? e.get("value").asDouble() : null));
  }

  private static Map<String, Object> expected(JsonNode of) {
    Map<String, Object> map = new TreeMap<>();
    of.properties()
        .forEach(
            p ->
                map.put(
                    p.getKey(),
                    p.getValue().isNumber() ? p.getValue().asDouble() : p.getValue().asString()));
    return map;
  }

  private static Map<String, Object> values(Map<String, BayEvent> events) {
    return events.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, e -> (Object) e.getValue().value()));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void whatHappenedComesToHowItStands(JsonNode one) {
    List<BayEntry> entries = new ArrayList<>();
    one.get("events").forEach(e -> entries.add(entry(e)));
    BayState state = BayState.of(entries);
    String name = one.get("name").asString();
    assertThat(values(state.done())).as(name).isEqualTo(expected(one.get("done")));
    assertThat(values(state.readings())).as(name).isEqualTo(expected(one.get("readings")));
    List<String> staged = new ArrayList<>();
    one.path("staged").forEach(place -> staged.add(place.asString()));
    assertThat(state.staged().keySet()).as(name).containsExactlyInAnyOrderElementsOf(staged);
    Map<String, Object> stands = new TreeMap<>();
    state.pieces().forEach((id, p) -> stands.put(id, p.stands().name()));
    assertThat(stands).as(name).isEqualTo(expected(one.get("pieces")));
  }
}
