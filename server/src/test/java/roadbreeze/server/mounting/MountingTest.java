package roadbreeze.server.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.radiator.FitRow;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.mounting.MountingController.BracketForm;
import roadbreeze.server.mounting.MountingController.FormsRequest;

class MountingTest {
  private static final String BRACKETS = "builds.plan-3.mounting.brackets.";
  private static final String UPPER_LEFT = "bracket-upper-left";

  private static MountingResult of(JobContent job) {
    return MountingResult.of(job, job.build(Jobs.PLAN));
  }

  @Test
  void theDemosBracketsGoFromEarToHoleAndHold() {
    MountingResult hive = of(Jobs.HIVE);
    assertThat(hive.findings()).isEmpty();
    assertThat(hive.brackets()).hasSize(4).allSatisfy(b -> assertThat(b.faults()).isEmpty());
    assertThat(hive.stacks()).hasSize(8).allSatisfy(s -> assertThat(s.findings()).isEmpty());
    assertThat(hive.holding().findings()).isEmpty();
    assertThat(hive.holding().frequencyHz()).isGreaterThan(hive.holding().leastHz());
    Ties ties = Ties.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN)).get("cooler-1");
    for (var bracket : Jobs.HIVE.build(Jobs.PLAN).mounting().brackets()) {
      assertThat(ties.inPlace(bracket)).isNotEmpty();
    }
  }

  /** From its own frame to the radiator's, past its tubes, where no hose is in the way. */
  @Test
  void anElectricFanIsStrappedToTheRadiatorsFrame() {
    Build plan = Jobs.HIVE.build(Jobs.PLAN);
    var straps = Ties.proposed(Jobs.HIVE, plan, "fan-1");
    assertThat(straps).hasSize(2);
    Ties ties = Ties.of(Jobs.HIVE, plan).get("fan-1");
    for (var strap : straps) {
      assertThat(strap.tie().hole()).startsWith("radiator-frame-");
      assertThat(ties.inPlace(strap)).isNotEmpty();
      assertThat(ties.off(strap)).isLessThan(0.1e-3);
    }
    Build both = plan.withMounting(plan.mounting().withBrackets(straps));
    assertThat(MountingResult.of(Jobs.HIVE, both).findings()).isEmpty();
    // A fan on the engine turns with it: there is nothing to strap.
    assertThat(Ties.proposed(Jobs.BUCKET, Jobs.BUCKET.build(Jobs.PLAN), "fan-1")).isEmpty();
    assertThat(FanFitResult.of(Jobs.BUCKET, Jobs.BUCKET.build(Jobs.PLAN)).onEngine()).isTrue();
  }

  /** The tilt-tray's second plan: from another truck, wider than the core support is open. */
  @Test
  void aRadiatorIsHeldAgainstItsTruckAndBracketed() {
    JobContent tray = Jobs.TILT_TRAY;
    Build plan = tray.build("plan-4");
    RadiatorResult fit = RadiatorResult.of(tray, plan);
    assertThat(fit.rows()).noneMatch(r -> r.state() == FitRow.State.ASK);
    assertThat(fit.plates()).hasSize(4);
    assertThat(fit.plates().get(0).notchDepthMm()).isCloseTo(10, within(0.01));
    var brackets = Ties.proposed(tray, plan, "radiator");
    assertThat(brackets).hasSize(2);
    Ties ties = Ties.of(tray, plan).get("radiator");
    assertThat(brackets).allSatisfy(b -> assertThat(ties.off(b)).isLessThan(0.1e-3));
    // They are cut and screwed like any other, though no cooler is fitted.
    Build held = plan.withMounting(plan.mounting().withBrackets(brackets));
    MountingResult mounting = MountingResult.of(tray, held);
    assertThat(mounting.findings()).isEmpty();
    assertThat(mounting.stacks()).hasSize(4);
    // What a sheet does not say is asked for.
    JobContent bare = Jobs.with(tray, "builds.plan-4.radiator.pinMm", null);
    assertThat(RadiatorResult.of(bare, bare.build("plan-4")).rows())
        .filteredOn(r -> r.what() == FitRow.What.PINS)
        .allMatch(r -> r.state() == FitRow.State.ASK);
    // Fitted plans that keep the truck's own have nothing to hold against it.
    assertThat(RadiatorResult.of(tray, tray.build(Jobs.PLAN)).rows()).isEmpty();
  }

  /** A deeper core comes nearer to a fan that stands on the engine, and not to one on the pack. */
  @Test
  void aDeeperRadiatorStandsNearerTheFan() {
    JobContent deep = Jobs.with(Jobs.TILT_TRAY, "builds.plan-4.radiator.depthMm", 52);
    Build plan = deep.build("plan-4");
    boolean onEngine = FanFitResult.of(deep, plan).onEngine();
    double before = FanFitResult.of(Jobs.TILT_TRAY, Jobs.TILT_TRAY.build("plan-4")).toCoreMm();
    assertThat(FanFitResult.of(deep, plan).toCoreMm())
        .isCloseTo(onEngine ? before - 12 : before, within(1e-6));
    assertThat(onEngine).isTrue();
  }

  @Test
  void whatIsMovedOrTakenAwayIsSaid() {
    assertThat(of(Jobs.with(Jobs.HIVE, "builds.plan-3.coolers.cooler-1.leftMm", 70)).findings())
        .extracting(f -> f.code())
        .contains("mountingResultMisfit.offItsHole");
    assertThat(of(Jobs.with(Jobs.HIVE, BRACKETS + UPPER_LEFT + ".tie.hole", "nowhere")).findings())
        .extracting(f -> f.code())
        .containsExactly("mountingResultMisfit.holeGone");
    assertThat(of(Jobs.with(Jobs.HIVE, BRACKETS + UPPER_LEFT + ".tie", null)).findings())
        .extracting(f -> f.code())
        .containsExactly("mountingResultMisfit.freeEars");
    String taken = Jobs.HIVE.build(Jobs.PLAN).mounting().brackets().get(1).tie().hole();
    assertThat(of(Jobs.with(Jobs.HIVE, BRACKETS + UPPER_LEFT + ".tie.hole", taken)).findings())
        .extracting(f -> f.code())
        .contains("mountingResultMisfit.holeTwice");
  }

  /** A box hard before the upper bar's left hole keeps every tool off its screw. */
  @Test
  void aScrewThatNoToolReachesIsSaid() {
    JobContent shut = Jobs.with(Jobs.HIVE, "nose.solids.obstacle-2.box.leftMm", -20);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.box.bottomMm", 190);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.box.frontMm", 0);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.box.depthMm", 38);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.box.widthMm", 900);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.box.heightMm", 400);
    shut = Jobs.with(shut, "nose.solids.obstacle-2.round", null);
    assertThat(of(shut).stacks())
        .filteredOn(s -> s.tool() != ToolAccess.Tool.SOCKET)
        .isNotEmpty()
        .allSatisfy(s -> assertThat(s.inTheWay().given()).isEqualTo("horn"));
    assertThat(of(Jobs.HIVE).stacks())
        .allSatisfy(s -> assertThat(s.tool()).isEqualTo(ToolAccess.Tool.SOCKET));
  }

  @Test
  void theOtherSchoolIsSetBeside() {
    assertThat(of(Jobs.HIVE).rods().risks())
        .extracting(f -> f.code())
        .contains("throughRodsRisk.rubs", "throughRodsRisk.losesAirGap");
    assertThat(of(Jobs.with(Jobs.HIVE, "builds.plan-3.coolers.cooler-1.place", "ELSEWHERE")).rods())
        .isNull();
  }

  /** Each bracket is bent of its own strip, whatever the first of the set is of. */
  @Test
  void formsAreOfTheBracketsOwnStrip() {
    JobContent thick = Jobs.with(Jobs.HIVE, BRACKETS + "bracket-lower-left.thicknessMm", 5);
    for (BracketForm form :
        new MountingController().forms(new FormsRequest(thick, Jobs.PLAN, "bracket-lower-left"))) {
      assertThat(form.bracket().thicknessMm()).isEqualTo(5);
      JobContent taken =
          Jobs.with(thick, BRACKETS + "bracket-lower-left.steps", form.bracket().steps());
      taken = Jobs.with(taken, BRACKETS + "bracket-lower-left.holes", form.bracket().holes());
      assertThat(of(taken).findings()).as("%s", form.kind()).isEmpty();
    }
    double thin = of(Jobs.HIVE).holding().frequencyHz();
    assertThat(of(thick).holding().frequencyHz()).isGreaterThan(thin);
    assertThat(of(thick).brackets().get(0).flatMm())
        .isCloseTo(of(Jobs.HIVE).brackets().get(0).flatMm(), within(1e-9));
  }
}
