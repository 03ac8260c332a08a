package roadbreeze.server.job.format;

import tools.jackson.databind.node.ObjectNode;

/** Shape 14: no recorded drive has tuned the model. */
final class Undriven {
  private Undriven() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.path("rig") instanceof ObjectNode rig) {
      rig.putArray("calibrations");
    }
    return job;
  }
}
