package roadbreeze.server.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.server.Jobs;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.AirTraverse.Where;

class TraverseCalculatorTest {
  private static final double FACE = 0.76 * 0.52;
  private static final FanPart BELT = Jobs.TILT_TRAY.build(Jobs.RESTORED).fans().get(0).part();

  private static final FanPart OWN =
      Jobs.with(Jobs.HIVE, "builds.restored.fans.fan-1.part.volts", 13.5)
          .build(Jobs.RESTORED)
          .fans()
          .get(0)
          .part();

  private static JobContent traversed(AirTraverse... traverses) {
    return Jobs.with(Jobs.HIVE, "rig.traverses", List.of(traverses));
  }

  private static JobContent read(double reading, Double factor) {
    return traversed(Jobs.traverse(Jobs.HIVE, Where.AT_CORE, reading, factor));
  }

  private static TraverseReport report(JobContent job) {
    return TraverseCalculator.report(job, job.build(Jobs.RESTORED));
  }

  private static TraverseReport.Read only(JobContent job) {
    return report(job).rows().get(0);
  }

  private static List<String> codes(TraverseReport.Read read) {
    return read.said().stream().map(Said::code).toList();
  }

  /** A traverse of another fan, run otherwise. */
  private static AirTraverse of(
      String id, FanPart part, Double rpm, Double volts, boolean cooled, double reading) {
    return new AirTraverse(
        id,
        Where.AT_CORE,
        "restored",
        "fan-1",
        part,
        rpm,
        volts,
        cooled,
        3,
        Collections.nCopies(9, reading),
        null);
  }

  private static double coolant(JobContent job, String build) {
    return Verdict.of(job, job.build(build)).coolant().peakC();
  }

  @ParameterizedTest
  @ValueSource(doubles = {2.2, 2.8, 3.4})
  void readingsAtTheCoreAreWhatTheCorrectedModelPasses(double reading) {
    TraverseReport.Read read = only(read(reading, null));
    assertThat(read.measuredFlow()).isCloseTo(reading * FACE, within(1e-9));
    TraverseReport.Read again = only(read(reading, read.fanFactor()));
    assertThat(again.modelFlow()).isCloseTo(reading * FACE, within(1e-4));
    // And correcting twice changes nothing more.
    assertThat(again.fanFactor()).isCloseTo(read.fanFactor(), within(1e-4));
    assertThat(codes(again)).doesNotContain("airReadingSays.correctAgain");
    assertThat(codes(only(read(reading, 1.3 * read.fanFactor()))))
        .contains("airReadingSays.correctAgain");
  }

  @Test
  void whatWasNotNotedIsSaid() {
    assertThat(codes(only(read(3.8, null))))
        .containsExactly("airReadingSays.atCore", "airReadingSays.noVoltage");
    JobContent noted = traversed(of("a", OWN, 800.0, OWN.volts(), false, 3.8));
    assertThat(codes(only(noted))).containsExactly("airReadingSays.atCore");
    assertThat(codes(only(traversed(of("a", BELT, null, null, false, 2.8)))))
        .contains("airReadingSays.noEngineSpeed");
    JobContent few = Jobs.with(noted, "rig.traverses.a.readingsMs", List.of(2.8, 2.9));
    assertThat(codes(only(few))).contains("airReadingSays.few");
    assertThat(codes(only(read(25, null)))).contains("airReadingSays.impossible");
    assertThat(codes(only(read(2.8, null)))).contains("airReadingSays.unlikely");
    JobContent elsewhere = Jobs.with(noted, "rig.traverses.a.build", "plan-9");
    assertThat(codes(only(elsewhere))).containsExactly("airReadingSays.buildGone");
    assertThat(only(elsewhere).modelFlow()).isNull();
  }

  @Test
  void howTheFanRanIsTakenIntoAccount() {
    double whole = only(traversed(of("a", OWN, null, OWN.volts(), false, 2.8))).modelFlow();
    double low = only(traversed(of("a", OWN, null, 0.8 * OWN.volts(), false, 2.8))).modelFlow();
    assertThat(low / whole).isBetween(0.72, 0.82);
    double idle = only(traversed(of("a", BELT, 800.0, null, false, 2.0))).modelFlow();
    double fast = only(traversed(of("a", BELT, 1600.0, null, false, 2.0))).modelFlow();
    // A core's drag rises slower than the square of flow.
    assertThat(fast / idle).isBetween(2.0, 2.8);
    double disc = Math.PI / 4 * 0.48 * 0.48;
    AirTraverse free = Jobs.traverse(Jobs.HIVE, Where.FREE_AIR, 0.7 * 2.8 / disc, null);
    assertThat(only(traversed(free)).speedPercent()).isCloseTo(70, within(1e-9));
  }

  @Test
  void theFanThatWasReadIsCorrectedAndOthersByWhatThePackHasInIt() {
    JobContent swapped = Jobs.with(Jobs.HIVE, "builds.plan-3.fans.fan-1.part.name", "Other fan");
    AirTraverse weak = Jobs.traverse(swapped, Where.AT_CORE, 2.2, 0.64);
    JobContent read = Jobs.with(swapped, "rig.traverses", List.of(weak));
    double own = coolant(read, Jobs.RESTORED) - coolant(swapped, Jobs.RESTORED);
    double other = coolant(read, Jobs.PLAN) - coolant(swapped, Jobs.PLAN);
    assertThat(own).isGreaterThan(2);
    assertThat(other / own).isBetween(0.3, 0.7);
    // A weaker pressure of all fans by the root of that is the same.
    JobContent root = swapped;
    double pressure = swapped.build(Jobs.PLAN).fans().get(0).part().shutoffPa();
    root = Jobs.with(root, "builds.plan-3.fans.fan-1.part.shutoffPa", 0.8 * pressure);
    assertThat(coolant(read, Jobs.PLAN)).isCloseTo(coolant(root, Jobs.PLAN), within(1e-6));
  }

  @Test
  void twoFansAreComparedOnEqualTerms() {
    List<AirTraverse> taken = new ArrayList<>();
    taken.add(of("first", OWN, null, 11.0, false, 2.0));
    taken.add(of("belt", BELT, 2400.0, null, true, 2.8));
    taken.add(of("again", OWN, null, OWN.volts(), false, 2.9));
    TraverseReport report = report(Jobs.with(Jobs.HIVE, "rig.traverses", taken));
    // The last readings of each fan, at both speeds that the one on the engine cares for.
    assertThat(report.compared())
        .extracting(TraverseReport.Compared::first, TraverseReport.Compared::second)
        .containsOnly(tuple("again", "belt"))
        .hasSize(2);
    assertThat(report.compared())
        .extracting(c -> c.said().code())
        .containsOnly("airReadingSays.more");
    // Read faster, the belt fan moved nearly as much: at idle it moves far less.
    double idle = report.rows().get(1).alike().get(0).flow();
    assertThat(report.rows().get(2).alike().get(0).flow()).isGreaterThan(1.8 * idle);
    assertThat(report.rows().get(1).alike()).hasSize(2);
    assertThat(report.rows().get(0).alike()).hasSize(1);
  }
}
