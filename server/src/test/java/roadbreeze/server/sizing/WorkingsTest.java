package roadbreeze.server.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobFile;
import roadbreeze.server.rig.AirTraverse;
import tools.jackson.databind.json.JsonMapper;

/** A number opened must add up to the number shown. */
class WorkingsTest {
  private static final Assessor ASSESSOR = new Assessor(new Doubts(JsonMapper.builder().build()));

  private static Working open(JobContent job, int build, Workings.Quantity quantity) {
    return ASSESSOR.workings(new BuildRequest(job, build)).of(quantity);
  }

  private static double first(String text) {
    Matcher m = Pattern.compile("[−-]?\\d+(\\.\\d+)?").matcher(text);
    assertThat(m.find()).as(text).isTrue();
    return Double.parseDouble(m.group().replace('−', '-'));
  }

  private static Working.Step step(Working working, String formula) {
    return working.steps().stream()
        .filter(s -> s.formula().contains(formula))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no step with " + formula));
  }

  private static double input(Working.Step step, String name) {
    return first(given(step, name).value());
  }

  private static Working.Input given(Working.Step step, String name) {
    return step.inputs().stream().filter(i -> i.name().equals(name)).findFirst().orElseThrow();
  }

  private static Stream<Arguments> everyNumber() {
    return Stream.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH)
        .flatMap(
            job ->
                Stream.of(Workings.Quantity.values()).map(q -> Arguments.of(job.name(), job, q)));
  }

  @ParameterizedTest(name = "{0}, {2}")
  @MethodSource("everyNumber")
  void whatIsOpenedIsWhatTheStripShows(String name, JobContent job, Workings.Quantity quantity) {
    for (int build = 0; build < job.builds().size(); build++) {
      Assessment.BuildState state = ASSESSOR.assess(job).builds().get(build);
      Assessment.Gauge gauge =
          switch (quantity) {
            case COOLANT -> state.coolant();
            case FEED -> state.feed();
            case PAN -> state.pan();
          };
      Working working = open(job, build, quantity);
      assertThat(first(working.result())).isCloseTo(gauge.peakC(), within(0.051));
      assertThat(working.title()).endsWith(job.builds().get(build).name());
      assertThat(first(working.sureness().substring(working.sureness().indexOf("±"))))
          .isCloseTo(gauge.bandK(), within(0.051));
      for (Working.Step step : working.steps()) {
        assertThat(step.source()).isNotBlank();
        assertThat(step.result()).doesNotContain("NaN").doesNotContain("Infinity");
        assertThat(step.inputs())
            .isNotEmpty()
            .allMatch(
                i -> List.of("measured", "entered", "default", "computed").contains(i.origin()))
            .noneMatch(i -> i.value().contains("NaN"));
      }
    }
  }

  @Test
  void theRoadLoadIsItsInputsByHand() {
    Working.Step road = step(open(Jobs.HIVE, 2, Workings.Quantity.COOLANT), "F = m");
    double mass = input(road, "combined mass");
    double speed = input(road, "speed held") / 3.6;
    double theta = Math.atan(input(road, "grade") / 100);
    double force =
        mass * 9.80665 * (Math.sin(theta) + input(road, "Crr") * Math.cos(theta))
            + 0.5 * input(road, "air density") * input(road, "CdA") * speed * speed;
    assertThat(first(road.result())).isCloseTo(force, within(2.0));
    assertThat(given(road, "combined mass").origin()).isEqualTo("measured");
  }

  @Test
  void heatIsTheWillansLineOfItsInputsByHand() {
    Working working = open(Jobs.HIVE, 2, Workings.Quantity.COOLANT);
    Working.Step brake = step(working, "P_brake = ");
    Working.Step heat = step(working, "Q = κ");
    double rpm = first(brake.result().substring(brake.result().indexOf("at ")));
    double friction =
        input(heat, "fmep") * 1e3 * input(heat, "displacement") * 1e-3 * rpm / 120 / 1e3;
    double fuel = (first(brake.result()) + friction) / input(heat, "η_i");
    assertThat(first(heat.result())).isCloseTo(input(heat, "κ") * fuel, within(0.1));
    assertThat(given(heat, "κ").origin()).isEqualTo("default");
  }

  @Test
  void balancesCloseAndTheFeedIsThePanAndTheSlip() {
    JobContent slipping = Jobs.BUCKET;
    Working feed = open(slipping, 2, Workings.Quantity.FEED);
    Working.Step pan = step(feed, "Q_converter + Q_gearbox");
    Working.Step made = step(feed, "Q_converter = ");
    String[] parts = made.result().split(",");
    assertThat(
            input(pan, "in-tank cooler") + input(pan, "fitted cooler") + input(pan, "gearbox case"))
        .isCloseTo(first(parts[0]) + first(parts[1]), within(0.03));
    Working.Step last = step(feed, "T_feed");
    assertThat(first(last.result()))
        .isCloseTo(
            input(last, "pan") + 1000 * input(last, "converter heat") / input(last, "ṁ·cp"),
            within(0.2));
    Working.Step coolant = step(open(slipping, 2, Workings.Quantity.COOLANT), "Q_engine + Q_tank");
    assertThat(input(coolant, "engine heat") + input(coolant, "in-tank cooler"))
        .isCloseTo(input(coolant, "radiator"), within(0.03));
  }

  @ParameterizedTest
  @EnumSource(Workings.Quantity.class)
  void whatIsOnlyAssumedIsSaidToBe(Workings.Quantity quantity) {
    JobContent fresh = JobFile.shipped("intake/diesel-utility");
    Working working = open(fresh, 1, quantity);
    assertThat(given(step(working, "F = m"), "combined mass").origin()).isEqualTo("default");
    assertThat(working.sureness()).contains("numbers that are only assumed");
    JobContent read =
        Jobs.with(
            Jobs.HIVE, "traverse", new AirTraverse(AirTraverse.Where.AT_CORE, 1, List.of(3.0)));
    assertThat(open(read, 1, quantity).sureness()).contains("fan pressure ±5 %");
    assertThat(open(Jobs.HIVE, 1, quantity).sureness())
        .contains("fan pressure ±15 %")
        .doesNotContain("assumed");
  }
}
