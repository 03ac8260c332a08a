package roadbreeze.server.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Validation;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.nose.Starter;
import roadbreeze.core.space.Neighbour;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.nose.NoseMeasures;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.nose.NoseSolid;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.rig.Vehicle;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class NoseLayoutsTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final NoseLayouts LAYOUTS =
      new NoseLayouts(Validation.buildDefaultValidatorFactory().getValidator());
  private static final Schema SCHEMA =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(NoseLayouts.schema().toString(), InputFormat.JSON);

  private static List<?> faults(JsonNode file) {
    return SCHEMA.validate(file.toString(), InputFormat.JSON);
  }

  private static Stream<JobContent> demos() {
    return Stream.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH);
  }

  /** The first version knew no ports. */
  @Test
  void aLayoutOfTheFirstVersionIsReadStill() {
    ObjectNode file = JSON.valueToTree(LAYOUTS.file(Jobs.HIVE));
    file.put("formatVersion", 1);
    ((ObjectNode) file.get("nose")).remove("ports");
    NoseSection read = LAYOUTS.read(file);
    assertThat(read.solids()).isEqualTo(Jobs.HIVE.nose().solids());
    assertThat(read.ports()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("demos")
  void whatIsWrittenFollowsThePublishedSchemaAndIsReadAgain(JobContent job) {
    JsonNode file = JSON.valueToTree(LAYOUTS.file(job));
    assertThat(faults(file)).isEmpty();
    assertThat(LAYOUTS.read(file)).isEqualTo(job.nose());
  }

  @ParameterizedTest
  @EnumSource(Vehicle.Type.class)
  void eachKindOfTruckHasAStarter(Vehicle.Type kind) {
    NoseLayout usual = NoseLayouts.shipped(kind);
    assertThat(faults(JSON.valueToTree(usual))).isEmpty();
    assertThat(LAYOUTS.read(JSON.valueToTree(usual)).solids()).hasSizeGreaterThan(20);
    JobContent taken = JobFormat.shipped("intake/" + kind.name().toLowerCase().replace('_', '-'));
    NoseSection start = LAYOUTS.start(taken);
    assertThat(start.solids()).hasSameSizeAs(usual.nose().solids());
    // The truck that is taken in is the one that the starter was drawn round.
    for (int i = 0; i < start.solids().size(); i++) {
      NoseSolid drawn = start.solids().get(i);
      NoseSolid shipped = usual.nose().solids().get(i);
      assertThat(drawn.what()).isEqualTo(shipped.what());
      if (drawn.box() != null && shipped.round() == null) {
        assertThat(drawn.box().leftMm()).isCloseTo(shipped.box().leftMm(), within(0.11));
        assertThat(drawn.box().frontMm()).isCloseTo(shipped.box().frontMm(), within(0.11));
        assertThat(drawn.box().heightMm()).isCloseTo(shipped.box().heightMm(), within(0.11));
      }
    }
  }

  @Test
  void eightMeasuresMakeAStarterThisTrucksAndNarrowIt() {
    JobContent bare = Jobs.with(Jobs.HIVE, "nose.measures", NoseMeasures.NONE);
    NoseSection guessed = LAYOUTS.start(bare);
    NoseSection measured =
        LAYOUTS.start(
            Jobs.with(bare, "nose.measures", new NoseMeasures(700.0, 0.0, 300.0, 0.0, 90.0)));
    assertThat(solid(guessed, "brace")).isNotNull();
    assertThat(solid(measured, "brace")).as("measured as none").isNull();
    assertThat(solid(measured, "latch").box().heightMm()).isEqualTo(90);
    assertThat(solid(measured, "bonnet").box().bottomMm()).isEqualTo(700);
    assertThat(solid(measured, "bumper").box().frontMm()).isEqualTo(-300);
    assertThat(solid(guessed, "horn").plusMinusMm())
        .isCloseTo(Starter.plusMinus(3) * 1000, within(0.06));
    assertThat(solid(measured, "horn").plusMinusMm())
        .isCloseTo(Starter.plusMinus(8) * 1000, within(0.06));
    assertThat(measured.measures().bonnetMm()).isEqualTo(700);
  }

  private static NoseSolid solid(NoseSection nose, String id) {
    return nose.solids().stream().filter(s -> s.id().equals(id)).findFirst().orElse(null);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"format\": \"some-layout\", \"formatVersion\": 1}",
        "{\"format\": \"road-breeze-nose\"}",
        "{\"format\": \"road-breeze-nose\", \"formatVersion\": 9}",
        "[]"
      })
  void whatIsNoLayoutIsRefused(String file) {
    assertThatThrownBy(() -> LAYOUTS.read(JSON.readTree(file)))
        .isInstanceOf(RefusedRequestException.class);
    assertThat(faults(JSON.readTree(file))).isNotEmpty();
  }

  @Test
  void aThingIsABoxOrATubeAndOfASizeThatCanBe() {
    ObjectNode both = JSON.valueToTree(LAYOUTS.file(Jobs.HIVE));
    ObjectNode solid = (ObjectNode) both.at("/nose/solids/0");
    solid.putObject("tube").put("diameterMm", 10).putArray("points");
    ObjectNode negative = JSON.valueToTree(LAYOUTS.file(Jobs.HIVE));
    ((ObjectNode) negative.at("/nose/solids/0/box")).put("widthMm", -4);
    ObjectNode none = JSON.valueToTree(LAYOUTS.file(Jobs.HIVE));
    ((ObjectNode) none.at("/nose/solids/0")).putNull("box");
    ObjectNode many = JSON.valueToTree(LAYOUTS.file(Jobs.HIVE));
    ArrayNode solids = (ArrayNode) many.at("/nose/solids");
    for (int i = solids.size(); i <= 200; i++) {
      solids.add(((ObjectNode) solids.get(0)).deepCopy().put("id", "more-" + i));
    }
    for (ObjectNode wrong : List.of(both, negative, none, many)) {
      assertThat(faults(wrong)).isNotEmpty();
      assertThatThrownBy(() -> LAYOUTS.read(wrong))
          .isInstanceOf(ConstraintViolationException.class);
    }
  }

  @Test
  void everyCoolerKnowsWhatIsNearestToIt() {
    SpaceResult space = SpaceResult.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN));
    assertThat(space.packFrontMm()).isCloseTo(120, within(1e-9));
    assertThat(space.packBackMm()).isCloseTo(120 + 16 + 12 + 40, within(1e-9));
    SpaceResult.Near brace =
        space.near().stream().filter(n -> n.solid().equals("obstacle-1")).findFirst().orElseThrow();
    // The cooler ends 330 across, the brace begins at 370; both stand 65 to 95 behind the grille.
    assertThat(brace.gapMm()).isCloseTo(40, within(1e-6));
    assertThat(brace.state()).isEqualTo(Neighbour.State.CLEAR);
    assertThat(brace.from().acrossMm()).isCloseTo(330, within(1e-6));
    assertThat(brace.to().acrossMm()).isCloseTo(370, within(1e-6));
    JobContent doubted = Jobs.with(Jobs.HIVE, "nose.solids.obstacle-1.plusMinusMm", 35);
    assertThat(SpaceResult.of(doubted, doubted.build(Jobs.PLAN)).near().get(0).state())
        .isEqualTo(Neighbour.State.DOUBTFUL);
  }
}
