package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 10: nothing known of the truck's electrics, nor how a build is wired. */
final class Unwired {
  private Unwired() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("rig") instanceof ObjectNode rig) {
      ObjectNode electrics = rig.putObject("electrics");
      electrics.put("volts", 12);
      electrics.putNull("alternatorA");
      electrics.put("batteryAh", 70);
      electrics.put("loadA", 30);
      electrics.putNull("boxSpareA");
      if (rig.get("marks") instanceof ObjectNode marks) {
        electrics
            .propertyNames()
            .forEach(
                name -> {
                  if (!electrics.get(name).isNull()) {
                    marks.put("electrics." + name, "DEFAULT");
                  }
                });
      }
    }
    for (JsonNode build : job.path("builds")) {
      ObjectNode wiring = ((ObjectNode) build).putObject("wiring");
      wiring.put("feed", "BATTERY");
      wiring.put("guard", "FUSE");
      wiring.putNull("box");
      wiring.putArray("devices");
      wiring.putArray("extras");
      wiring.putArray("wires");
      wiring.putArray("guards");
      wiring.putArray("ways");
    }
    return job;
  }
}
