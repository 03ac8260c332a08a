package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Origin;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What a job's assumed numbers may be off by, and the rigs at both ends. */
@Component
class Doubts {
  /**
   * Nine-in-ten half width of a default, relative. Our own judgement of how far trucks of one kind
   * differ; what is not in the list is either sure or already one of the model's spreads.
   */
  static final Map<String, Double> SPREADS =
      Map.ofEntries(
          Map.entry("vehicle.massKg", 0.06),
          Map.entry("trailer.massKg", 0.15),
          Map.entry("vehicle.rollingCoefficient", 0.25),
          Map.entry("vehicle.cooling.radiator.widthMm", 0.06),
          Map.entry("vehicle.cooling.radiator.heightMm", 0.06),
          Map.entry("vehicle.cooling.radiator.depthMm", 0.18),
          Map.entry("vehicle.cooling.radiator.finsPerInch", 0.18),
          Map.entry("vehicle.cooling.condenser.depthMm", 0.20),
          Map.entry("vehicle.cooling.pumpKgsAt4000", 0.25),
          Map.entry("vehicle.gearbox.oilFlowLpm", 0.30),
          Map.entry("vehicle.gearbox.inTankWattsPerKelvin", 0.35),
          Map.entry("vehicle.gearbox.caseWattsPerKelvin", 0.40),
          Map.entry("vehicle.engine.accessoryKw", 0.40),
          Map.entry("vehicle.engine.condenserKw", 0.25),
          Map.entry("fan.freeFlowM3s", 0.20));

  private final JsonMapper mapper;

  Doubts(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /** A job with one assumed number at its high and its low end. */
  record Ends(String path, double spread, JobContent high, JobContent low) {}

  /** The assumed numbers of a job; made once, used for each of its builds. */
  List<Ends> of(JobContent job) {
    List<Ends> ends = new ArrayList<>();
    JsonNode tree = null;
    for (Origin origin : job.origins()) {
      Double spread = SPREADS.get(origin.path());
      if (origin.kind() == Origin.Kind.DEFAULT && spread != null) {
        if (tree == null) {
          tree = mapper.valueToTree(job);
        }
        JobContent high = scaled(job, tree, origin.path(), 1 + spread);
        JobContent low = scaled(job, tree, origin.path(), 1 - spread);
        if (high != null && low != null) {
          ends.add(new Ends(origin.path(), spread, high, low));
        }
      }
    }
    return ends;
  }

  static List<Uncertainty.Doubt> doubts(List<Ends> ends, int build) {
    List<Uncertainty.Doubt> doubts = new ArrayList<>();
    for (Ends end : ends) {
      try {
        doubts.add(
            new Uncertainty.Doubt(end.path(), rig(end.high(), build), rig(end.low(), build)));
      } catch (BadInputException e) {
        // An end outside what a truck can have: the number is doubtful but not by that much.
        continue;
      }
    }
    return doubts;
  }

  private static Rig rig(JobContent job, int build) {
    return Assessor.rig(job, job.builds().get(build));
  }

  private JobContent scaled(JobContent job, JsonNode tree, String path, double factor) {
    if (path.startsWith("fan.")) {
      return job.withBuilds(
          job.builds().stream()
              .map(
                  b ->
                      b.withFans(
                          b.fans().stream()
                              .map(
                                  f ->
                                      f.withPart(
                                          f.part().withFreeFlow(f.part().freeFlowM3s() * factor)))
                              .toList()))
              .toList());
    }
    JsonNode copy = tree.deepCopy();
    int dot = path.lastIndexOf('.');
    JsonNode parent = copy.at("/" + path.substring(0, dot).replace('.', '/'));
    String name = path.substring(dot + 1);
    if (!(parent instanceof ObjectNode object) || !object.path(name).isNumber()) {
      return null; // the truck has no such part
    }
    object.put(name, object.get(name).asDouble() * factor);
    return mapper.treeToValue(copy, JobContent.class);
  }
}
