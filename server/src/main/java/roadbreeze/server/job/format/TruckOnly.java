package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 2: pump, charge-air cooler and gearbox bypass were the truck's alone, nothing was moved out
 * of the opening, and no other coolers stood in the pack. Its physics was of the first edition.
 */
final class TruckOnly {
  private TruckOnly() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.path("about") instanceof ObjectNode about) {
      about.putArray("notices").add("PHYSICS_2");
    }
    String state = "NONE";
    if (job.at("/rig/vehicle/gearbox/bypass") instanceof ObjectNode bypass) {
      state = bypass.path("state").asString("");
      bypass.remove("state");
      // One that was open before it started was taken to open at once.
      double start = bypass.path("startC").asDouble(0);
      if (bypass.path("fullC").asDouble(start + 1) < start + 1) {
        bypass.put("fullC", start + 1);
      }
    }
    for (JsonNode build : job.path("builds")) {
      if (build instanceof ObjectNode object) {
        upgrade(object, state);
      }
    }
    return job;
  }

  /** What sticks is a fault of the truck as found; restored it works, and a plan starts there. */
  private static void upgrade(ObjectNode build, String state) {
    boolean asFound = build.path("kind").asString("").equals("AS_FOUND");
    boolean stuck = asFound && state.startsWith("STUCK");
    if (build.path("condition") instanceof ObjectNode condition) {
      condition.put("gearboxBypass", stuck ? state : "NONE");
    }
    build.put("bypassPinned", state.equals("PINNED"));
    build.putNull("pump");
    build.putNull("chargeAirCooler");
    build.putArray("moved");
    build.putArray("otherCoolers");
    for (JsonNode fan : build.path("fans")) {
      if (fan instanceof ObjectNode object) {
        object.put("held", false);
      }
    }
  }
}
