package roadbreeze.server.job.format;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 7: nobody measured round the fan, no build changed how it stood in its shroud, hoses were
 * pushed straight on their ports, and no photograph was a ruler.
 */
final class UnseatedFans {
  private static final List<String> ROOM =
      List.of(
          "tipTopMm",
          "tipRightMm",
          "tipBottomMm",
          "tipLeftMm",
          "bladeMm",
          "inShroudMm",
          "capMm",
          "bonnetMm",
          "hoseMm",
          "beltMm",
          "sidewaysMm",
          "forwardMm",
          "flexMm");

  private UnseatedFans() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.path("rig").path("vehicle").get("cooling") instanceof ObjectNode cooling) {
      ObjectNode room = cooling.putObject("fanRoom");
      for (String measure : ROOM) {
        room.putNull(measure);
      }
    }
    if (job.get("nose") instanceof ObjectNode nose) {
      nose.putArray("photos");
    }
    for (JsonNode build : job.path("builds")) {
      if (build.get("lines") instanceof ObjectNode lines) {
        lines.put("joining", "BACK_TO_STOCK");
        lines.putArray("inline");
      }
      for (JsonNode hose : build.path("lines").path("hoses")) {
        for (String end : List.of("from", "to")) {
          if (hose.get(end) instanceof ObjectNode port) {
            port.putNull("adapter");
          }
        }
      }
      for (JsonNode fan : build.path("fans")) {
        if (fan instanceof ObjectNode row) {
          row.putObject("seat")
              .put("spacerMm", 0.0)
              .put("shroudBackMm", 0.0)
              .put("shroudRightMm", 0.0)
              .put("shroudUpMm", 0.0);
        }
      }
    }
    return job;
  }
}
