package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 9: coolers hung on strips alone, and nobody measured a place away from the pack. */
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
      for (JsonNode cooler : build.path("coolers")) {
        ((ObjectNode) cooler).putNull("remotePlace");
      }
    }
    return job;
  }
}
