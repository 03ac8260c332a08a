package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 3: one traverse that did not say which fan ran nor how, and one factor on the pressure of
 * all fans of the truck.
 */
final class OneTraverse {
  private OneTraverse() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (!(job.path("rig") instanceof ObjectNode rig)) {
      return job;
    }
    JsonNode before = rig.remove("traverse");
    ArrayNode traverses = rig.putArray("traverses");
    double factor = 1;
    if (rig.at("/vehicle/cooling") instanceof ObjectNode cooling) {
      JsonNode was = cooling.remove("fanFactor");
      factor = was == null ? 1 : was.asDouble(1);
    }
    if (rig.path("marks") instanceof ObjectNode marks) {
      marks.remove("vehicle.cooling.fanFactor");
    }
    boolean read = before instanceof ObjectNode;
    if (read) {
      traverses.add(named((ObjectNode) before, inGoodOrder(job.path("builds")), factor));
    }
    if ((read || factor != 1) && job.at("/about/notices") instanceof ArrayNode notices) {
      notices.add("TRAVERSES_NAME_FANS");
    }
    return job;
  }

  /** The build it was most likely read on. */
  private static JsonNode inGoodOrder(JsonNode builds) {
    return builds
        .valueStream()
        .filter(build -> build.path("kind").asString("").equals("RESTORED"))
        .findFirst()
        .orElse(builds.path(0));
  }

  private static ObjectNode named(ObjectNode before, JsonNode build, double factor) {
    JsonNode fan = build.path("fans").path(0);
    ObjectNode row = before.objectNode();
    row.put("id", "traverse-1");
    row.set("where", before.path("where"));
    row.set("build", build.path("id"));
    row.set("fan", fan.path("id"));
    row.set("part", fan.path("part").deepCopy());
    row.putNull("engineRpm").putNull("volts").put("airConditioning", false);
    row.set("columns", before.path("columns"));
    row.set("readingsMs", before.path("readingsMs"));
    if (before.path("where").asString("").equals("AT_CORE") && factor != 1) {
      row.put("factor", factor);
    } else {
      row.putNull("factor");
    }
    return row;
  }
}
