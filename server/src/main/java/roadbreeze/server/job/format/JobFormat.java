package roadbreeze.server.job.format;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Refusal;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shapes that jobs have had. One chain of upgraders brings any of them to the present one: of
 * files that were exported, and of bodies in the database.
 */
@Component
public class JobFormat {
  public static final String NAME = "road-breeze-job";

  /** Shape of jobs today. */
  public static final int CURRENT = 15;

  /** Each step takes a job of its own number's shape to the next. */
  private static final List<UnaryOperator<ObjectNode>> STEPS =
      List.of(
          FlatBuilds::upgrade,
          NoSections::upgrade,
          TruckOnly::upgrade,
          OneTraverse::upgrade,
          NoJourney::upgrade,
          ObstaclesOnly::upgrade,
          NoRoutes::upgrade,
          UnseatedFans::upgrade,
          OldRadiators::upgrade,
          StripsOnly::upgrade,
          Unwired::upgrade,
          Unordered::upgrade,
          Unfilled::upgrade,
          Unheld::upgrade,
          Undriven::upgrade);

  private static final JsonMapper STRICT =
      JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  private final Validator validator;

  JobFormat(Validator validator) {
    this.validator = validator;
  }

  /**
   * A file of any version.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no job, or a newer one
   * @throws ConstraintViolationException if a value cannot be
   */
  public JobContent read(JsonNode file) {
    if (!file.path("format").asString("").equals(NAME)
        || !(file.path("job") instanceof ObjectNode job)
        || !file.path("formatVersion").isInt()) {
      throw Refusal.NOT_A_JOB.refuse();
    }
    int version = file.get("formatVersion").asInt();
    if (version > CURRENT) {
      throw Refusal.NEWER_FORMAT.refuse(version);
    }
    if (version < 1) {
      throw Refusal.NOT_A_JOB.refuse();
    }
    // The first two shapes both called themselves 1; only the second knew kinds of vehicles.
    boolean first = version == 1 && !job.path("vehicle").has("kind");
    ObjectNode current = upgrade(job, first ? 0 : version, CURRENT);
    JobContent content = STRICT.treeToValue(current, JobContent.class);
    Set<ConstraintViolation<JobContent>> broken = validator.validate(content);
    if (!broken.isEmpty()) {
      throw new ConstraintViolationException(broken);
    }
    return content;
  }

  /** A job of one shape in a later one. */
  static ObjectNode upgrade(ObjectNode job, int from, int to) {
    ObjectNode upgraded = job.deepCopy();
    for (int version = from; version < to; version++) {
      upgraded = STEPS.get(version).apply(upgraded);
    }
    return upgraded;
  }

  /**
   * A job that ships with the program.
   *
   * @param name of its file among the resources, without ending
   */
  public static JobContent shipped(String name) {
    try (InputStream in = new ClassPathResource(name + ".json").getInputStream()) {
      return STRICT.treeToValue(STRICT.readTree(in).get("job"), JobContent.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
