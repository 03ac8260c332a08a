package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 12: nothing known of what comes out of a truck and goes back in. */
final class Unfilled {
  private Unfilled() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    for (JsonNode build : job.path("builds")) {
      ObjectNode fill = ((ObjectNode) build).putObject("fill");
      fill.putNull("coolantOutL");
      fill.putNull("foundPercent");
      fill.putNull("wantedPercent");
      fill.putNull("mixedPercent");
      fill.putNull("coolantInL");
      fill.put("frostC", -20);
      fill.put("drains", 1);
      fill.putNull("oilOutL");
      fill.putNull("oilInL");
      fill.putNull("oilPrice");
      fill.putNull("steeringInL");
      fill.putNull("hydraulicInL");
      fill.putNull("lossKpa");
      fill.putNull("levelPanC");
      fill.put("otherCap", "NONE");
    }
    return job;
  }
}
