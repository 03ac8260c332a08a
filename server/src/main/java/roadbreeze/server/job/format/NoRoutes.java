package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 6: hoses had a length and no way, and coolers stood as their sheets draw them. */
final class NoRoutes {
  private NoRoutes() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("nose") instanceof ObjectNode nose) {
      nose.putArray("ports");
    }
    for (JsonNode build : job.path("builds")) {
      if (build.get("lines") instanceof ObjectNode lines) {
        lines.put("tankCapped", false);
      }
      for (JsonNode hose : build.path("lines").path("hoses")) {
        if (hose instanceof ObjectNode row) {
          row.putArray("bends");
          row.putArray("guards");
          row.putArray("clips");
        }
      }
      for (JsonNode cooler : build.path("coolers")) {
        if (cooler instanceof ObjectNode row) {
          row.put("turn", "AS_DRAWN").put("portsSwapped", false);
        }
      }
    }
    return job;
  }
}
