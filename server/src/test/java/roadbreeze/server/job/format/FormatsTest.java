package roadbreeze.server.job.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jakarta.validation.Validation;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.server.Jobs;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.job.About;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.GearboxBypass;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Files as releases have exported them. */
class FormatsTest {
  private static final JobFormat FORMAT =
      new JobFormat(Validation.buildDefaultValidatorFactory().getValidator());

  private static ObjectNode file(String name) {
    try (InputStream in = FormatsTest.class.getResourceAsStream("/formats/" + name + ".json")) {
      return (ObjectNode) JsonMapper.shared().readTree(in);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void theDemoAsItWasExportedBeforeKeepsItsNumbers() {
    assertThat(FORMAT.read(file("hive-utility-1"))).isEqualTo(Jobs.before(Jobs.HIVE));
    assertThat(FORMAT.read(file("plough-pickup-1"))).isEqualTo(Jobs.before(Jobs.PLOUGH));
  }

  @Test
  void aCrowdedFileOfShapeOneKeepsEverything() {
    JsonNode old = file("crowded-1").get("job");
    JobContent job = FORMAT.read(file("crowded-1"));
    assertThat(job.builds()).hasSize(old.get("builds").size());
    assertThat(job.builds().get(2).coolers()).hasSize(2);
    assertThat(job.builds().get(2).fans()).hasSize(2);
    assertThat(job.builds().get(2).fans().get(1).switchPoints().onC())
        .isEqualTo(old.at("/builds/2/switching/fanOnC").asDouble());
    assertThat(job.builds().get(3).lines().hoses()).hasSize(old.get("hoses").size());
    assertThat(job.builds().get(3).mounting().brackets()).hasSize(old.get("strips").size());
    assertThat(job.nose().solids()).hasSize(old.get("obstacles").size());
    assertThat(job.rig().traverses().get(0).readingsMs()).contains(2.75);
    assertThat(job.builds().get(2).marks()).hasSize(2);
    assertThat(job.builds().get(2).radiator().price()).isEqualTo(310.25);
  }

  @Test
  void aFileOfTheVeryFirstReleaseGivesTheNumbersItGaveThen() {
    JobContent job = FORMAT.read(file("hive-utility-0"));
    assertThat(job.rig().vehicle().kind().name()).isEqualTo("PETROL_UTILITY");
    Verdict plan = Verdict.of(job, job.builds().get(2));
    // The worked case of that release, with the physics of today.
    assertThat(plan.coolant().peakC()).isCloseTo(121.4, within(0.06));
    assertThat(plan.pan().peakC()).isCloseTo(97.7, within(0.06));
  }

  @Test
  void aFaultOfTheGearboxBypassBecomesOneOfTheTruckAsFound() {
    JobContent plough =
        Jobs.with(
            Jobs.carried(Jobs.PLOUGH), "rig.vehicle.gearbox.bypass", new GearboxBypass(70, 85));
    assertThat(FORMAT.read(file("plough-pickup-2")))
        .isEqualTo(Jobs.with(plough, "builds.found.condition.gearboxBypass", "STUCK_SHUT"));
  }

  @Test
  void theOneTraverseOfBeforeBelongsToTheRestoredTrucksMainFan() {
    JobContent hive =
        Jobs.with(Jobs.held(Jobs.HIVE), "about.notices", List.of(About.Notice.TRAVERSES_NAME_FANS));
    assertThat(FORMAT.read(file("hive-utility-3")))
        .isEqualTo(Jobs.with(hive, "rig.traverses", List.of(readBefore())));
  }

  /** The traverse of the files and databases of shape 3. */
  static AirTraverse readBefore() {
    AirTraverse read = Jobs.traverse(Jobs.HIVE, AirTraverse.Where.AT_CORE, 1, 0.912);
    return new AirTraverse(
        read.id(),
        read.where(),
        read.build(),
        read.fan(),
        read.part(),
        null,
        null,
        false,
        3,
        List.of(2.6, 2.9, 2.7, 2.8, 3.0, 2.6),
        0.912);
  }

  @Test
  void aHaulOfBeforeIsItsWorstStretch() {
    assertThat(FORMAT.read(file("plough-pickup-4"))).isEqualTo(Jobs.held(Jobs.PLOUGH));
  }

  @Test
  void aNoseOfBeforeIsItsOutlinesThroughTheOpening() {
    assertThat(FORMAT.read(file("hive-utility-5"))).isEqualTo(Jobs.flat(Jobs.HIVE));
  }

  @Test
  void aHoseOfBeforeIsAsLongAsItWasThought() {
    assertThat(FORMAT.read(file("hive-utility-6"))).isEqualTo(Jobs.unrouted(Jobs.HIVE));
  }

  @Test
  void aFanOfBeforeStandsAsItStood() {
    assertThat(FORMAT.read(file("hive-utility-7"))).isEqualTo(Jobs.unseated(Jobs.HIVE));
  }

  @Test
  void aRadiatorOfBeforeHasNoSeat() {
    assertThat(FORMAT.read(file("hive-utility-8"))).isEqualTo(Jobs.unmeasured(Jobs.HIVE));
  }

  @Test
  void aMountingOfBeforeHasNoChannel() {
    assertThat(FORMAT.read(file("hive-utility-9"))).isEqualTo(Jobs.unwired(Jobs.HIVE));
  }

  @Test
  void aJobOfBeforeIsTunedByNoDrive() {
    assertThat(FORMAT.read(file("hive-utility-14"))).isEqualTo(Jobs.calledByUnits(Jobs.HIVE));
  }

  @Test
  void inAJobOfBeforeNoProbeIsHeld() {
    assertThat(FORMAT.read(file("hive-utility-13"))).isEqualTo(Jobs.unheld(Jobs.HIVE));
  }

  @Test
  void aJobOfBeforeIsGoneAboutAsUsual() {
    assertThat(FORMAT.read(file("hive-utility-11"))).isEqualTo(Jobs.unordered(Jobs.HIVE));
  }

  @Test
  void ofAJobOfBeforeNothingIsMeasuredThatCameOut() {
    assertThat(FORMAT.read(file("hive-utility-12"))).isEqualTo(Jobs.unfilled(Jobs.HIVE));
  }

  @Test
  void aTruckOfBeforeHasAlternatorsThatNobodyHasRead() {
    assertThat(FORMAT.read(file("hive-utility-10"))).isEqualTo(Jobs.unwired(Jobs.HIVE));
  }

  @Test
  void whatIsWrittenTodayIsReadTomorrow() {
    ObjectNode today = JsonMapper.shared().createObjectNode();
    today.put("format", JobFormat.NAME).put("formatVersion", JobFormat.CURRENT);
    today.set("job", JsonMapper.shared().valueToTree(Jobs.TILT_TRAY));
    assertThat(FORMAT.read(today)).isEqualTo(Jobs.TILT_TRAY);
  }

  @ParameterizedTest
  @CsvSource({
    "other-format, 2, refusal.notAJob",
    "road-breeze-job, 0, refusal.notAJob",
    "road-breeze-job, 99, refusal.newerFormat"
  })
  void whatIsNoJobOfOursIsRefused(String format, int version, String code) {
    ObjectNode file = file("hive-utility-1").put("format", format).put("formatVersion", version);
    assertThatThrownBy(() -> FORMAT.read(file))
        .isInstanceOf(RefusedRequestException.class)
        .hasMessageContaining(code);
  }
}
