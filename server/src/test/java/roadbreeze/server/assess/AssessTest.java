package roadbreeze.server.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.intake.Intake;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.Mark;

class AssessTest {
  private static final JobContent NEW = Intake.job("medium-diesel");

  private static Verdict.Gauge gauge(Verdict verdict, Fluid fluid) {
    return switch (fluid) {
      case COOLANT -> verdict.coolant();
      case FEED -> verdict.feed();
      case PAN -> verdict.pan();
    };
  }

  /** Numbers of the release before: a change of shape changes none of them. */
  @ParameterizedTest
  @CsvFileSource(resources = "/demo-verdicts.csv", numLinesToSkip = 1)
  void theDemoStandsWhereItStood(
      String job, String build, String fluid, double peak, double limit, double band) {
    JobContent content =
        DemoWorld.jobs().stream()
            .filter(j -> j.about().name().equals(job))
            .findFirst()
            .orElseThrow();
    Build there =
        content.builds().stream().filter(b -> b.name().equals(build)).findFirst().orElseThrow();
    Verdict.Gauge gauge =
        gauge(Verdict.of(content, there), Fluid.valueOf(fluid.toUpperCase(java.util.Locale.ROOT)));
    assertThat(gauge.peakC()).isCloseTo(peak, within(0.01));
    assertThat(gauge.limitC()).isCloseTo(limit, within(0.01));
    assertThat(gauge.bandK()).isCloseTo(band, within(0.01));
  }

  /** How a fan's blades meet the air, its circuit says; against the air it is worth nothing. */
  @Test
  void bladesTheWrongWayRoundCostHeadroom() {
    double asMade = coolant(Jobs.HIVE, false, false);
    double turned = coolant(Jobs.HIVE, false, true);
    double against = coolant(Jobs.HIVE, true, false);
    double standing = Verdict.of(STANDING, STANDING.build(Jobs.PLAN)).coolant().peakC();
    assertThat(turned).isGreaterThan(asMade + 0.5);
    assertThat(against).isGreaterThan(turned + 0.5).isCloseTo(standing, within(1e-6));
    // Both at once is a fan made for the other side, put right.
    assertThat(coolant(Jobs.with(Jobs.HIVE, MADE_FOR_OTHER, true), true, true))
        .isCloseTo(asMade, within(1e-9));
  }

  private static final String FAN = "builds.plan-3.fans.fan-1.speedPercent";
  private static final String MADE_FOR_OTHER = "builds.plan-3.wiring.devices.fan-1.otherSide";
  private static final JobContent STANDING = Jobs.with(Jobs.HIVE, FAN, 0);

  private static double coolant(JobContent job, boolean swapped, boolean bladesTurned) {
    String device = "builds.plan-3.wiring.devices.fan-1.";
    JobContent wired = Jobs.with(job, device + "swapped", swapped);
    wired = Jobs.with(wired, device + "bladesTurned", bladesTurned);
    return Verdict.of(wired, wired.build(Jobs.PLAN)).coolant().peakC();
  }

  private static double amount(Said said, String name) {
    return said.values().get(name).value();
  }

  private static Working.Line step(Working working, String formula) {
    return working.steps().stream()
        .filter(s -> s.formula().contains(formula))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no step with " + formula));
  }

  private static Working.Input given(Working.Line step, String term) {
    return step.inputs().stream()
        .filter(i -> i.name().equals("term." + term))
        .findFirst()
        .orElseThrow();
  }

  private static double input(Working.Line step, String term) {
    return given(step, term).value().value();
  }

  private static Stream<Arguments> everyNumber() {
    return Stream.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH)
        .flatMap(
            job -> Stream.of(Fluid.values()).map(q -> Arguments.of(job.about().name(), job, q)));
  }

  @ParameterizedTest(name = "{0}, {2}")
  @MethodSource("everyNumber")
  void whatIsOpenedIsWhatTheStripShows(String name, JobContent job, Fluid fluid) {
    for (Build build : job.builds()) {
      Verdict.Gauge gauge = gauge(Verdict.of(job, build), fluid);
      Working working = Working.of(job, build, fluid);
      assertThat(amount(working.result(), "peak")).isEqualTo(gauge.peakC());
      assertThat(amount(working.sureness(), "band")).isEqualTo(gauge.bandK());
      for (Working.Line step : working.steps()) {
        assertThat(step.source()).isNotBlank();
        assertThat(step.inputs()).isNotEmpty();
        assertThat(step.toString()).doesNotContain("NaN", "Infinity");
      }
    }
  }

  @Test
  void theRoadLoadIsItsInputsByHand() {
    Working.Line road = step(Working.of(Jobs.HIVE, plan(), Fluid.COOLANT), "F = m");
    double speed = input(road, "speedHeld");
    double theta = Math.atan(input(road, "grade"));
    double force =
        input(road, "combinedMass")
                * 9.80665
                * (Math.sin(theta) + input(road, "rollingCoefficient") * Math.cos(theta))
            + 0.5 * input(road, "airDensity") * input(road, "dragArea") * speed * speed;
    assertThat(amount(road.result(), "force")).isCloseTo(force, within(0.01));
    // A sum is no better than the worst of what it adds up: the trailer was weighed, the truck not.
    assertThat(given(road, "combinedMass").origin()).isEqualTo(Working.Origin.ENTERED);
    JobContent weighed =
        marked(Jobs.HIVE, Map.of("trailer.massKg", Mark.MEASURED, "vehicle.massKg", Mark.MEASURED));
    Working.Line sure = step(Working.of(weighed, plan(), Fluid.COOLANT), "F = m");
    assertThat(given(sure, "combinedMass").origin()).isEqualTo(Working.Origin.MEASURED);
  }

  /** Nobody has entered a number of a truck that nobody has seen. */
  @ParameterizedTest
  @EnumSource
  void noNumberOfAnUnseenTruckWasEntered(Fluid fluid) {
    for (Working.Line line : Working.of(NEW, NEW.build(Jobs.RESTORED), fluid).steps()) {
      for (Working.Input input : line.inputs()) {
        if (!input.name().equals("term.grade")) { // the road's, not the truck's
          assertThat(input.origin()).as(input.name()).isNotEqualTo(Working.Origin.ENTERED);
        }
      }
    }
    assertThat(NEW.rig().marks())
        .containsKeys(
            "vehicle.engine.torqueNm",
            "vehicle.gearbox.gearRatios",
            "vehicle.gearbox.oilKv40",
            "vehicle.limits.panC");
  }

  private static Build plan() {
    return Jobs.HIVE.build(Jobs.PLAN);
  }

  @Test
  void heatIsTheWillansLineOfItsInputsByHand() {
    Working working = Working.of(Jobs.HIVE, plan(), Fluid.COOLANT);
    Said brake = step(working, "P_brake = ").result();
    Working.Line heat = step(working, "Q = κ");
    double friction =
        input(heat, "frictionPressure")
            * input(heat, "displacement")
            * amount(brake, "speed")
            / 120;
    double fuel = (amount(brake, "power") + friction) / input(heat, "indicatedEfficiency");
    assertThat(amount(heat.result(), "heat")).isCloseTo(input(heat, "kappa") * fuel, within(1.0));
    assertThat(given(heat, "kappa").origin()).isEqualTo(Working.Origin.MODEL);
  }

  @Test
  void balancesCloseAndTheFeedIsThePanAndTheSlip() {
    Build build = Jobs.BUCKET.build(Jobs.PLAN);
    Working feed = Working.of(Jobs.BUCKET, build, Fluid.FEED);
    Working.Line pan = step(feed, "Q_converter + Q_gearbox");
    Said made = step(feed, "Q_converter = ").result();
    assertThat(input(pan, "tankHeat") + input(pan, "coolerHeat") + input(pan, "caseHeat"))
        .isCloseTo(amount(made, "slip") + amount(made, "gearbox"), within(1.0));
    Working.Line last = step(feed, "T_feed");
    assertThat(amount(last.result(), "temperature"))
        .isCloseTo(
            input(last, "panTemperature")
                + input(last, "converterHeat") / input(last, "oilCapacity"),
            within(1e-6));
    Working.Line coolant = step(Working.of(Jobs.BUCKET, build, Fluid.COOLANT), "Q_engine + Q_tank");
    assertThat(input(coolant, "engineHeat") + input(coolant, "tankHeat"))
        .isCloseTo(input(coolant, "radiatorHeat"), within(1.0));
  }

  @ParameterizedTest
  @EnumSource
  void whatIsOnlyAssumedIsSaidToBe(Fluid fluid) {
    JobContent fresh = Intake.job("diesel-utility");
    Working working = Working.of(fresh, fresh.build(Jobs.RESTORED), fluid);
    assertThat(given(step(working, "F = m"), "combinedMass").origin())
        .isEqualTo(Working.Origin.ASSUMED);
    assertThat(working.sureness().toString()).contains("result.assumedNumbers");
    assertThat(fanSpread(traversed(0.95), fluid)).isEqualTo(0.05);
    if (fluid != Fluid.FEED) {
      JobContent job = traversed(0.95);
      Working air = Working.of(job, job.build(Jobs.RESTORED), fluid);
      Working.Input factor = given(step(air, "ram + fan"), "fanPressureFactor");
      assertThat(factor.origin()).isEqualTo(Working.Origin.MEASURED);
      assertThat(factor.value().value()).isEqualTo(0.95);
    }
    // Readings by which the model is not corrected make it no surer.
    assertThat(fanSpread(traversed(null), fluid)).isEqualTo(0.15);
    assertThat(fanSpread(Jobs.HIVE, fluid)).isEqualTo(0.15);
  }

  private static JobContent traversed(Double factor) {
    AirTraverse read = Jobs.traverse(Jobs.HIVE, AirTraverse.Where.AT_CORE, 3, factor);
    return Jobs.with(Jobs.HIVE, "rig.traverses", List.of(read));
  }

  private static double fanSpread(JobContent job, Fluid fluid) {
    Said sureness = Working.of(job, job.build(Jobs.RESTORED), fluid).sureness();
    return sureness.values().get("sources").said().stream()
        .filter(s -> "factor.fanPressure".equals(s.values().get("source").word()))
        .mapToDouble(s -> amount(s, "spread"))
        .findFirst()
        .orElseThrow();
  }

  private static JobContent marked(JobContent job, Map<String, Mark> marks) {
    return Jobs.with(job, "rig.marks", marks);
  }

  @Test
  void onlyWhatIsAssumedAndThereIsDoubted() {
    JobContent one =
        marked(
            Jobs.HIVE,
            Map.of(
                "trailer.massKg", Mark.DEFAULT,
                "vehicle.massKg", Mark.MEASURED,
                "vehicle.name", Mark.DEFAULT,
                "no.such.place", Mark.DEFAULT));
    assertThat(assumed(one)).containsExactly("rig.trailer.massKg");
    String tank = "vehicle.gearbox.inTankWattsPerKelvin";
    JobContent noTank =
        Jobs.with(marked(Jobs.HIVE, Map.of(tank, Mark.DEFAULT)), "rig." + tank, null);
    assertThat(assumed(noTank)).isEmpty();
    // A radiator at its least depth cannot be a fifth thinner: doubtful, but not by that much.
    String depth = "vehicle.cooling.radiator.depthMm";
    JobContent thin = Jobs.with(marked(Jobs.HIVE, Map.of(depth, Mark.DEFAULT)), "rig." + depth, 8);
    assertThat(assumed(thin)).isEmpty();
    JobContent fan =
        Jobs.with(
            marked(Jobs.HIVE, Map.of()),
            "builds.restored.marks",
            Map.of("fans.fan-1.part.freeFlowM3s", Mark.DEFAULT));
    assertThat(assumed(fan)).containsExactly("builds.restored.fans.fan-1.part.freeFlowM3s");
  }

  private static List<String> assumed(JobContent job) {
    return Detail.of(job, job.build(Jobs.RESTORED)).measureNext().stream()
        .map(Detail.Assumed::path)
        .toList();
  }

  @Test
  void measuringANumberNeverWidensTheBandAndTheNamedThreeNarrowItMost() {
    Detail all = Detail.of(NEW, NEW.build(Jobs.RESTORED));
    assertThat(all.measureNext()).hasSize(3);
    String first = all.measureNext().get(0).path();
    assertThat(Jobs.at(NEW, first).isNumber()).as(first).isTrue();
    double narrowest = Double.POSITIVE_INFINITY;
    double byFirst = Double.NaN;
    for (String path : NEW.rig().marks().keySet()) {
      Map<String, Mark> marks = new TreeMap<>(NEW.rig().marks());
      marks.put(path, Mark.MEASURED);
      JobContent read = marked(NEW, marks);
      Verdict verdict = Verdict.of(read, read.build(Jobs.RESTORED));
      assertThat(verdict.coolant().bandK())
          .isLessThanOrEqualTo(all.verdict().coolant().bandK() + 1e-6);
      double both = verdict.coolant().bandK() + verdict.pan().bandK();
      narrowest = Math.min(narrowest, both);
      byFirst = first.equals("rig." + path) ? both : byFirst;
    }
    // The first named narrows the two bands together most, or within a kelvin of it.
    if (first.startsWith("rig.")) {
      assertThat(byFirst).isCloseTo(narrowest, within(1.0));
    }
  }
}
