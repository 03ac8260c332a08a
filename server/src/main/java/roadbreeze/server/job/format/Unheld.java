package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 13: nobody has said where a hand reaches what is set, nor what holds a probe. */
final class Unheld {
  private Unheld() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    for (JsonNode build : job.path("builds")) {
      for (JsonNode device : build.path("wiring").path("devices")) {
        ObjectNode wired = (ObjectNode) device;
        wired.put("adjusterAt", "BOX");
        wired.put("switchAt", "DASH");
        wired.putNull("probe");
        wired.putNull("adapter");
      }
    }
    return job;
  }
}
