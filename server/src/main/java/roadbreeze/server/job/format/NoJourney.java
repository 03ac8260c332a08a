package roadbreeze.server.job.format;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 4: a haul was one stretch of its road, a fan's switch felt the engine at once, and nothing
 * was checked.
 */
final class NoJourney {
  private NoJourney() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("haul") instanceof ObjectNode haul) {
      haul.putNull("journey");
    }
    ObjectNode checks = job.putObject("checks");
    checks.putObject("complaint");
    List.of("moments", "readings", "needle").forEach(checks::putArray);
    if (job.path("rig").path("vehicle").path("limits") instanceof ObjectNode limits) {
      limits.putNull("warningC");
    }
    for (JsonNode build : job.path("builds")) {
      for (JsonNode fan : build.path("fans")) {
        if (fan.path("switchPoints") instanceof ObjectNode points) {
          points.put("sensor", "CYLINDER_HEAD").put("withAirConditioning", false);
        }
      }
    }
    return job;
  }
}
