package roadbreeze.server.job.format;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 1: rows without ids, one list of hoses and strips for all builds, one switch for all fans
 * of a build, marks as a list of paths.
 */
final class NoSections {
  private static final String FREE_FLOW = "fan.freeFlowM3s";

  private NoSections() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.objectNode();
    job.putObject("about")
        .set("name", old.get("name"))
        .asObject()
        .set("complaint", old.get("complaint"));
    job.set("rig", rig(old));
    job.set("haul", old.get("haul"));
    ArrayNode builds = job.putArray("builds");
    for (JsonNode build : old.path("builds")) {
      builds.add(build((ObjectNode) build, old, builds.size()));
    }
    return job;
  }

  private static ObjectNode rig(ObjectNode old) {
    ObjectNode rig = old.objectNode();
    rig.set("vehicle", old.get("vehicle"));
    rig.set("trailer", old.get("trailer"));
    rig.set("obstacles", withIds(old.path("obstacles"), "obstacle"));
    rig.set("traverse", old.has("traverse") ? old.get("traverse") : old.nullNode());
    JsonNode plan = old.path("linePlan");
    rig.putObject("foundLines")
        .<ObjectNode>set("lengthM", plan.get("foundLengthM"))
        .<ObjectNode>set("boreMm", plan.get("foundBoreMm"))
        .<ObjectNode>set("loss", plan.get("foundLoss"))
        .<ObjectNode>set("pumpMaxKpa", plan.get("pumpMaxKpa"))
        .set("coldC", plan.get("coldC"));
    ObjectNode marks = rig.putObject("marks");
    for (JsonNode origin : old.path("origins")) {
      if (!origin.get("path").asString().equals(FREE_FLOW)) {
        marks.set(origin.get("path").asString(), origin.get("kind"));
      }
    }
    return rig;
  }

  private static ObjectNode build(ObjectNode old, ObjectNode job, int index) {
    ObjectNode build = old.objectNode();
    String kind = old.path("kind").asString();
    build.put(
        "id",
        switch (kind) {
          case "AS_FOUND" -> "found";
          case "RESTORED" -> "restored";
          default -> "plan-" + (index + 1);
        });
    build.put("kind", kind);
    build.set("name", old.get("name"));
    JsonNode condition = old.path("condition");
    build.set("condition", condition(old, condition));
    ObjectNode inFront = build.putObject("inFront");
    for (String thing : new String[] {"bugScreen", "winch", "plough", "lightBar"}) {
      inFront.set(thing, condition.get(thing));
    }
    JsonNode switching = old.path("switching");
    build
        .putObject("thermostat")
        .<ObjectNode>set("startC", switching.get("thermostatStartC"))
        .set("fullC", switching.get("thermostatFullC"));
    build.set("radiator", old.has("radiator") ? old.get("radiator") : old.nullNode());
    build.set("oilOrder", old.get("oilOrder"));
    build.set("parallel", old.get("parallel"));
    build.set("coolers", withIds(old.path("coolers"), "cooler"));
    ArrayNode fans = withIds(old.path("fans"), "fan");
    for (JsonNode fan : fans) {
      ((ObjectNode) fan)
          .putObject("switchPoints")
          .<ObjectNode>set("onC", switching.get("fanOnC"))
          .set("offC", switching.get("fanOffC"));
    }
    build.set("fans", fans);
    build
        .putObject("lines")
        .<ObjectNode>set("spareMm", job.path("linePlan").get("spareMm"))
        .set("hoses", withIds(job.path("hoses"), "hose"));
    build.set("strips", withIds(job.path("strips"), "strip"));
    ObjectNode marks = build.putObject("marks");
    for (JsonNode origin : job.path("origins")) {
      if (origin.get("path").asString().equals(FREE_FLOW)) {
        for (JsonNode fan : fans) {
          marks.set("fans." + fan.get("id").asString() + ".part.freeFlowM3s", origin.get("kind"));
        }
      }
    }
    return build;
  }

  private static ObjectNode condition(ObjectNode build, JsonNode old) {
    ObjectNode sound = build.objectNode();
    sound.put("thermostat", "NONE").put("thermostatLateK", 0);
    sound.put("pumpPercent", 100).put("suctionPercent", 100).put("airPercent", 0);
    sound.put("capPercent", 100);
    sound.set("radiatorBlockedPercent", old.get("finsBlockedPercent"));
    sound.set("condenserBlockedPercent", old.get("condenserBlockedPercent"));
    sound.put("chargeAirBlockedPercent", 0);
    sound.set("recirculation", old.get("recirculation"));
    return sound.put("oilFlowPercent", 100).put("sensorLowK", 0);
  }

  private static ArrayNode withIds(JsonNode rows, String prefix) {
    ArrayNode named = tools.jackson.databind.node.JsonNodeFactory.instance.arrayNode();
    for (JsonNode row : rows) {
      ObjectNode copy = named.addObject().put("id", prefix + "-" + (named.size()));
      for (Map.Entry<String, JsonNode> field : row.properties()) {
        copy.set(field.getKey(), field.getValue().deepCopy());
      }
    }
    return named;
  }
}
