package roadbreeze.server.assess;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Turn;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.SwitchPoints;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.parts.CoolerPart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Jobs as nobody would enter them are worked out or refused with a reason, never failed on. */
class RandomJobsTest {
  private static final int JOBS = 25;
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();

  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14})
  void whateverIsEnteredThereIsAnAnswer(long seed) throws Exception {
    Random random = new Random(seed);
    int answered = 0;
    for (int n = 0; n < JOBS; n++) {
      JobContent job = random(random);
      if (!VALIDATOR.validate(job).isEmpty()) {
        continue; // refused at its field, before anything is worked out
      }
      String what = "seed %d, job %d: %s".formatted(seed, n, MAPPER.writeValueAsString(job));
      for (Build build : job.builds()) {
        String answer;
        try {
          Detail detail = Detail.of(job, build);
          answered += detail.balance() == null ? 0 : 1;
          assertThat(detail.balance() == null).isEqualTo(detail.verdict().problem() != null);
          answer = MAPPER.writeValueAsString(List.of(detail, LineResult.of(job, build)));
        } catch (RefusedException e) {
          answer = e.finding().toString();
        }
        assertThat(answer).as(what).doesNotContain("NaN", "Infinity");
      }
    }
    assertThat(answered).as("most of them stand").isGreaterThan(JOBS / 2);
  }

  /** A demo job with coolers thrown at it and two of its numbers off by a half. */
  private static JobContent random(Random random) {
    JobContent job =
        List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH).get(random.nextInt(4));
    JsonNode tree = MAPPER.valueToTree(job);
    for (JsonNode build : tree.get("builds")) {
      List<FittedCooler> coolers = new ArrayList<>();
      for (int k = random.nextInt(4); k > 0; k--) {
        coolers.add(cooler(random, "c" + k));
      }
      ((ObjectNode) build)
          .put("parallel", random.nextBoolean())
          .put("oilOrder", OilOrder.values()[random.nextInt(3)].name())
          .set("coolers", MAPPER.valueToTree(coolers));
    }
    for (int k = 0; k < 2; k++) {
      scale(tree, random);
    }
    return MAPPER.treeToValue(tree, JobContent.class);
  }

  private static FittedCooler cooler(Random random, String id) {
    CoolerPart part = Jobs.HIVE.builds().get(2).coolers().get(0).part();
    CoolerFit.Place place = CoolerFit.Place.values()[random.nextInt(4)];
    return new FittedCooler(
        id,
        part,
        place,
        Turn.values()[random.nextInt(4)],
        random.nextBoolean(),
        600 * random.nextDouble() - 80,
        400 * random.nextDouble() - 80,
        50 * random.nextDouble(),
        random.nextBoolean(),
        random.nextBoolean() ? 0.3 : null,
        random.nextBoolean() ? new SwitchPoints(95, 85, FanSensor.GEARBOX, false) : null,
        null,
        0.5 + random.nextDouble());
  }

  private static void scale(JsonNode node, Random random) {
    if (node instanceof ArrayNode list && !list.isEmpty()) {
      scale(list.get(random.nextInt(list.size())), random);
    } else if (node instanceof ObjectNode object && !object.isEmpty()) {
      List<String> names = new ArrayList<>(object.propertyNames());
      String name = names.get(random.nextInt(names.size()));
      if (object.get(name).isDouble()) {
        object.put(name, object.get(name).asDouble() * (0.5 + random.nextDouble()));
      } else {
        scale(object.get(name), random);
      }
    }
  }
}
