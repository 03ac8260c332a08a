package roadbreeze.server.job.format;

import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 5: of the nose only outlines in the front opening were known, as deep as its room, and
 * coolers hung on strips with one joggle and a tab.
 */
final class ObstaclesOnly {
  /** How well a place was known that was measured by tape. */
  private static final int BY_TAPE = 5;

  private ObstaclesOnly() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    ObjectNode nose = job.putObject("nose");
    nose.putObject("measures");
    nose.putArray("absent");
    ArrayNode solids = nose.putArray("solids");
    nose.putArray("holes");
    if (job.get("rig") instanceof ObjectNode rig) {
      double depth = rig.path("vehicle").path("cooling").path("openingDepthMm").asDouble(100);
      for (JsonNode obstacle : rig.path("obstacles")) {
        solids.add(solid(obstacle, depth));
      }
      rig.remove("obstacles");
    }
    for (JsonNode build : job.path("builds")) {
      if (build instanceof ObjectNode body) {
        Strips.upgrade(body);
      }
    }
    return job;
  }

  /** What is no obstacle at all is left to be refused. */
  private static JsonNode solid(JsonNode obstacle, double depth) {
    if (!(obstacle instanceof ObjectNode old)) {
      return obstacle;
    }
    ObjectNode solid = old.deepCopy();
    ObjectNode box = solid.objectNode();
    for (String side : new String[] {"leftMm", "bottomMm", "widthMm", "heightMm"}) {
      box.set(side, solid.remove(side));
    }
    box.put("frontMm", 0).put("depthMm", depth);
    boolean movable = obstacle.path("movable").asBoolean(false);
    solid.remove("movable");
    solid.put("what", what(obstacle.path("name").asString("")));
    solid.set("box", box);
    solid.put("nature", "METAL");
    if (movable) {
      solid.putObject("move").put("minutes", 15).put("needs", "NOTHING");
    }
    return solid.put("plusMinusMm", BY_TAPE);
  }

  private static String what(String name) {
    String said = name.toLowerCase(Locale.ROOT);
    for (String what : new String[] {"brace", "latch", "horn", "lamp", "winch", "bottle"}) {
      if (said.contains(what)) {
        return what.toUpperCase(Locale.ROOT);
      }
    }
    return "OTHER";
  }
}
