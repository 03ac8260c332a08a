package roadbreeze.server.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

class FillResultTest {
  private static final String FILL = "builds.plan-3.fill.";

  private static JobContent with(Object... paths) {
    JobContent job = Jobs.HIVE;
    for (int i = 0; i < paths.length; i += 2) {
      job = Jobs.with(job, (String) paths[i], paths[i + 1]);
    }
    return job;
  }

  private static FillResult of(JobContent job) {
    return FillResult.of(job, job.build("plan-3"));
  }

  private static List<String> codes(List<Said> said) {
    return said.stream().map(Said::code).toList();
  }

  @Test
  void thePublishedFillIsMixedAsItMustBe() {
    FillResult fill =
        of(
            with(
                "rig.fluids.coolantL",
                11.4,
                FILL + "coolantOutL",
                7.0,
                FILL + "foundPercent",
                33.0,
                FILL + "wantedPercent",
                50.0));
    assertThat(fill.refillPercent()).isCloseTo(60.7, within(0.05));
    assertThat(fill.concentrateL()).isCloseTo(4.25, within(0.005));
    assertThat(fill.waterL()).isCloseTo(2.75, within(0.005));
    assertThat(fill.leftL()).isCloseTo(4.4, within(1e-9));
    assertThat(fill.freezesC()).isCloseTo(-37.3, within(0.2));
    assertThat(fill.boilsC()).isBetween(115.0, 135.0);
  }

  /** Of plan B of the tilt-tray; what stays in the engine does not change. */
  @Test
  void whatANewRadiatorHoldsMoreIsFilledToo() {
    JobContent job = Jobs.with(Jobs.TILT_TRAY, "rig.fluids.coolantL", 14.0);
    job = Jobs.with(job, "builds.plan-4.fill.coolantOutL", 8.0);
    FillResult other = FillResult.of(job, job.build("plan-4"));
    JobContent before = Jobs.with(job, "builds.plan-4.radiator", null);
    FillResult kept = FillResult.of(before, before.build("plan-4"));
    double more = job.setup(job.build("plan-4")).radiatorHoldsMore() * 1000;
    assertThat(more).isBetween(0.1, 4.0);
    assertThat(other.concentrateL() + other.waterL()).isCloseTo(8 + more, within(1e-9));
    assertThat(kept.concentrateL() + kept.waterL()).isCloseTo(8, within(1e-9));
    assertThat(other.leftL()).isCloseTo(kept.leftL(), within(1e-9));
    assertThat(codes(other.coolantSays())).contains("fillSays.radiatorHoldsMore");
  }

  @Test
  void whereConcentrateAloneIsTooWeakMoreMustComeOut() {
    FillResult fill =
        of(
            with(
                "rig.fluids.coolantL",
                11.4,
                FILL + "coolantOutL",
                1.0,
                FILL + "foundPercent",
                30.0,
                FILL + "wantedPercent",
                60.0));
    assertThat(codes(fill.coolantSays())).contains("fillSays.drainMore");
    assertThat(fill.refillPercent()).isEqualTo(100);
    // What comes of it is told as it is, not as it is wanted.
    assertThat(fill.freezesC()).isGreaterThan(-25);
  }

  @Test
  void whatWasMixedIsWhatCountsForTheFrost() {
    FillResult weak =
        of(
            with(
                "rig.fluids.coolantL",
                11.4,
                FILL + "coolantOutL",
                7.0,
                FILL + "foundPercent",
                33.0,
                FILL + "wantedPercent",
                50.0,
                FILL + "mixedPercent",
                20.0));
    assertThat(weak.refillPercent()).isEqualTo(20);
    assertThat(codes(weak.coolantSays())).contains("fillSays.freezes");
  }

  @Test
  void nothingKnownIsSaidAndNothingIsInvented() {
    FillResult fill = of(with("rig.fluids.coolantL", null));
    assertThat(fill.drainedL()).isNull();
    assertThat(fill.concentrateL()).isNull();
    assertThat(codes(fill.coolantSays())).contains("fillSays.wholeUnknown");
    FillResult taken = of(with("rig.fluids.coolantL", 10.0, FILL + "coolantOutL", null));
    assertThat(taken.drainedL()).isCloseTo(6, within(1e-9));
    assertThat(codes(taken.coolantSays())).contains("fillSays.drainedTaken");
    // More came out than there is: the whole was entered wrong.
    FillResult wrong = of(with("rig.fluids.coolantL", 5.0, FILL + "coolantOutL", 7.0));
    assertThat(wrong.leftL()).isNull();
  }

  @Test
  void oilIsRenewedInPartAndItsCostStandsBesideAnExchange() {
    FillResult fill =
        of(
            with(
                "rig.fluids.oilL",
                11.0,
                FILL + "oilOutL",
                2.5,
                FILL + "oilPrice",
                12.0,
                FILL + "levelPanC",
                20.0));
    assertThat(fill.oil().times()).extracting(FillResult.Renewed::times).containsExactly(1, 2, 3);
    assertThat(fill.oil().times().get(2).percent()).isCloseTo(54, within(0.5));
    assertThat(fill.oil().times().get(2).cost()).isCloseTo(90, within(1e-9));
    assertThat(fill.oil().exchange().cost()).isCloseTo(13.2 * 12, within(1e-9));
    assertThat(codes(fill.oilSays())).contains("fillSays.panOutside");
  }

  @Test
  void whatWasMeasuredInTheBayIsHeldAgainstWhatWasPlanned() {
    FillResult fill =
        of(
            with(
                "rig.fluids.coolantL",
                11.4,
                FILL + "coolantOutL",
                7.0,
                FILL + "coolantInL",
                5.5,
                FILL + "lossKpa",
                9.0,
                FILL + "otherCap",
                "PRESSURE"));
    assertThat(codes(fill.coolantSays())).contains("fillSays.lessWentIn", "fillSays.leaks");
    assertThat(fill.capTwice()).isTrue();
    assertThat(fill.cap().code()).isEqualTo("fillSays.twoCaps");
  }

  @Test
  void everyWayHasItsStagesAndItsWatch() {
    for (WorkPlan.Filling way : WorkPlan.Filling.values()) {
      FillResult fill = of(with("builds.plan-3.work.filling", way.name()));
      assertThat(fill.way()).isEqualTo(way.name());
      assertThat(fill.fill()).isNotEmpty();
      assertThat(fill.bleed()).isNotEmpty();
    }
    FillResult vacuum = of(with("builds.plan-3.work.filling", "VACUUM"));
    assertThat(vacuum.fill()).anyMatch(s -> s.holdMinutes() == 5);
    assertThat(vacuum.vacuumKpa()).isLessThanOrEqualTo(85);
  }
}
