package roadbreeze.server.intake;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Mark;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Marks every number of a truck that nobody has seen yet as assumed. */
final class Assumptions {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** Of a build: the parts that stand on the truck, not where they are planned or how they wear. */
  private static final Set<String> FITTED = Set.of("fans", "thermostat", "coolers");

  private Assumptions() {}

  static JobContent marked(JobContent job) {
    ObjectNode tree = JSON.valueToTree(job);
    ObjectNode rig = (ObjectNode) tree.get("rig");
    Map<String, Mark> ofRig = new TreeMap<>();
    rig.properties().forEach(e -> mark(e.getKey(), e.getValue(), ofRig));
    rig.set("marks", JSON.valueToTree(ofRig));
    for (JsonNode build : tree.get("builds")) {
      Map<String, Mark> ofBuild = new TreeMap<>();
      FITTED.forEach(field -> mark(field, build.get(field), ofBuild));
      ofBuild
          .keySet()
          .removeIf(path -> !path.startsWith("thermostat.") && !path.contains(".part."));
      ((ObjectNode) build).set("marks", JSON.valueToTree(ofBuild));
    }
    return JSON.treeToValue(tree, JobContent.class);
  }

  /** Rows go by their ids; a list of numbers is one thing to enter. */
  private static void mark(String path, JsonNode node, Map<String, Mark> marks) {
    if (node.isNumber() || node.isArray() && node.path(0).isNumber()) {
      marks.put(path, Mark.DEFAULT);
    } else if (node.isArray()) {
      node.forEach(row -> mark(path + "." + row.path("id").asString(), row, marks));
    } else if (node.isObject()) {
      node.properties().forEach(e -> mark(path + "." + e.getKey(), e.getValue(), marks));
    }
  }
}
