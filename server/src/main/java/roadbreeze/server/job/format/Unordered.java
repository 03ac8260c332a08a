package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 11: nothing known of the truck's fluids, nor of how the work is gone about. */
final class Unordered {
  private Unordered() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("rig") instanceof ObjectNode rig) {
      ObjectNode fluids = rig.putObject("fluids");
      fluids.putNull("coolantL");
      fluids.putNull("oilL");
      fluids.put("level", "DIPSTICK");
      fluids.put("levelFromC", 70);
      fluids.put("levelToC", 90);
      fluids.put("capAt", "RADIATOR_NECK");
      if (rig.get("marks") instanceof ObjectNode marks) {
        marks.put("fluids.levelFromC", "DEFAULT");
        marks.put("fluids.levelToC", "DEFAULT");
      }
    }
    for (JsonNode build : job.path("builds")) {
      ObjectNode work = ((ObjectNode) build).putObject("work");
      work.put("people", 1);
      work.put("lift", false);
      work.put("comesCold", false);
      work.put("extracted", false);
      work.put("dayHours", 8);
      work.put("filling", "FUNNEL");
      work.put("gasket", "DRY");
      work.putArray("added");
      work.putArray("leftOut");
      work.putArray("ownTasks");
      work.putArray("minutes");
      work.putArray("fixed");
    }
    return job;
  }
}
