package roadbreeze.server.job.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Rows of the first tables, one column for each number, as the job they were taken from. */
final class FlatTables {
  private static final Set<String> KEYS = Set.of("id", "job_id", "position", "build", "version");

  /** Column prefixes that were records of their own. */
  private static final List<String> VEHICLE =
      List.of(
          "engine",
          "gearbox",
          "limits",
          "cooling",
          "cooling/radiator",
          "cooling/condenser",
          "cooling/charge_air_cooler");

  private static final List<String> BUILD = List.of("condition", "switching", "radiator");
  private static final Set<String> STANDS =
      Set.of(
          "place",
          "left_mm",
          "bottom_mm",
          "gap_mm",
          "sealed",
          "own_fan_m3s",
          "rating_factor",
          "mount",
          "shrouded",
          "speed_percent");

  private FlatTables() {}

  /** True of the very first tables, which had the fan with the truck. */
  static boolean first(ObjectNode vehicle) {
    return vehicle.has("cooling_fan_kind");
  }

  /**
   * @param rows of one job, by table, in order
   */
  static ObjectNode job(Map<String, List<ObjectNode>> rows) {
    ObjectNode row = rows.get("job").get(0);
    ObjectNode vehicle = rows.get("vehicle").get(0);
    ObjectNode job = row.objectNode();
    job.set("name", row.get("name"));
    job.set("complaint", row.get("complaint"));
    job.set("vehicle", nested(vehicle, first(vehicle) ? with(VEHICLE, "cooling/fan") : VEHICLE));
    job.set("trailer", nested(rows.get("trailer").get(0), List.of()));
    job.set("haul", nested(rows.get("haul").get(0), List.of()));
    ObjectNode whole = nested(row, List.of("lines", "traverse"));
    job.set("linePlan", whole.get("lines"));
    if (whole.path("traverse").isObject()) {
      job.set("traverse", whole.get("traverse"));
    }
    for (String list : new String[] {"obstacle", "origin", "hose", "strip"}) {
      ArrayNode all = job.putArray(list + "s");
      rows.getOrDefault(list, List.of()).forEach(r -> all.add(nested(r, List.of())));
    }
    ArrayNode builds = job.putArray("builds");
    for (ObjectNode build : rows.get("build")) {
      builds.add(first(vehicle) ? firstBuild(build) : build(build, rows));
    }
    return job;
  }

  private static ObjectNode firstBuild(ObjectNode row) {
    ObjectNode build = nested(row, List.of("cooler"));
    build.set("coolerLeftMm", row.get("cooler_left_mm"));
    build.set("coolerBottomMm", row.get("cooler_bottom_mm"));
    if (row.get("cooler_code").isNull()) {
      build.remove("cooler");
    } else {
      ((ObjectNode) build.get("cooler")).remove(List.of("leftMm", "bottomMm"));
    }
    return build;
  }

  private static ObjectNode build(ObjectNode row, Map<String, List<ObjectNode>> rows) {
    ObjectNode build = nested(row, BUILD);
    int number = row.get("position").asInt();
    build.set("coolers", fitted(rows.getOrDefault("build_cooler", List.of()), number, false));
    build.set("fans", fitted(rows.getOrDefault("build_fan", List.of()), number, true));
    return build;
  }

  private static ArrayNode fitted(List<ObjectNode> rows, int build, boolean shroud) {
    ArrayNode all = tools.jackson.databind.node.JsonNodeFactory.instance.arrayNode();
    for (ObjectNode row : rows) {
      if (row.get("build").asInt() != build) {
        continue;
      }
      ObjectNode fitted = all.addObject();
      ObjectNode part = fitted.putObject("part");
      for (Map.Entry<String, JsonNode> cell : row.properties()) {
        String column = cell.getKey();
        boolean stands =
            STANDS.contains(column)
                || shroud && (column.equals("width_mm") || column.equals("height_mm"));
        if (!KEYS.contains(column)) {
          (stands ? fitted : part).set(camel(column), cell.getValue());
        }
      }
    }
    return all;
  }

  private static List<String> with(List<String> groups, String more) {
    List<String> all = new ArrayList<>(groups);
    all.add(more);
    return all;
  }

  /** A row with its prefixed columns in objects of their own; one of nothing but nulls is none. */
  static ObjectNode nested(ObjectNode row, List<String> groups) {
    ObjectNode nested = row.objectNode();
    for (Map.Entry<String, JsonNode> cell : row.properties()) {
      if (KEYS.contains(cell.getKey())) {
        continue;
      }
      String group = "";
      for (String candidate : groups) {
        if (cell.getKey().startsWith(candidate.replace('/', '_') + "_")
            && candidate.length() > group.length()) {
          group = candidate;
        }
      }
      ObjectNode holder = nested;
      for (String step : group.isEmpty() ? new String[0] : group.split("/")) {
        holder =
            holder.get(camel(step)) instanceof ObjectNode there
                ? there
                : holder.putObject(camel(step));
      }
      String column = group.isEmpty() ? cell.getKey() : cell.getKey().substring(group.length() + 1);
      holder.set(camel(column), cell.getValue());
    }
    dropEmpty(nested);
    return nested;
  }

  private static void dropEmpty(ObjectNode node) {
    List<String> empty = new ArrayList<>();
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      if (field.getValue() instanceof ObjectNode inner) {
        dropEmpty(inner);
        if (inner.valueStream().allMatch(JsonNode::isNull)) {
          empty.add(field.getKey());
        }
      }
    }
    node.remove(empty);
  }

  private static String camel(String column) {
    StringBuilder camel = new StringBuilder();
    for (String word : column.split("_")) {
      camel.append(
          camel.isEmpty()
              ? word
              : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1));
    }
    return camel.toString();
  }
}
