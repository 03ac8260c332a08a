package roadbreeze.server;

import java.util.List;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.JobContent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The demo jobs, and copies of them with single numbers changed. */
public final class Jobs {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final List<JobContent> ALL = DemoWorld.jobs();

  public static final JobContent HIVE = ALL.get(0);
  public static final JobContent TILT_TRAY = ALL.get(1);
  public static final JobContent BUCKET = ALL.get(2);
  public static final JobContent PLOUGH = ALL.get(3);

  private Jobs() {}

  /**
   * A copy of a job with one place changed.
   *
   * @param path as in the front end: {@code builds.2.coolers.0.gapMm}
   * @param value a number, text, boolean, null, or a record
   */
  public static JobContent with(JobContent job, String path, Object value) {
    JsonNode tree = MAPPER.valueToTree(job);
    int dot = path.lastIndexOf('.');
    JsonNode parent = dot < 0 ? tree : tree.at("/" + path.substring(0, dot).replace('.', '/'));
    JsonNode wanted = MAPPER.valueToTree(value);
    String name = path.substring(dot + 1);
    if (parent instanceof ArrayNode list) {
      list.set(Integer.parseInt(name), wanted);
    } else if (parent instanceof ObjectNode object && object.has(name)) {
      object.set(name, wanted);
    } else {
      throw new IllegalArgumentException("the job has no " + path);
    }
    return MAPPER.treeToValue(tree, JobContent.class);
  }

  /** The number at a place. */
  public static JsonNode at(JobContent job, String path) {
    return MAPPER.valueToTree(job).at("/" + path.replace('.', '/'));
  }
}
