package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 9: coolers hung on strips alone, no place away from the pack, no choice of clamps. */
final class StripsOnly {
  private StripsOnly() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("nose") instanceof ObjectNode nose) {
      nose.putArray("remotePlaces");
    }
    for (JsonNode build : job.path("builds")) {
      if (build.get("mounting") instanceof ObjectNode mounting) {
        mounting.putArray("channels");
      }
      if (build.get("lines") instanceof ObjectNode lines) {
        lines.put("clamps", "CONSTANT_TENSION");
      }
      for (JsonNode cooler : build.path("coolers")) {
        ((ObjectNode) cooler).putNull("remotePlace");
      }
    }
    return job;
  }
}
