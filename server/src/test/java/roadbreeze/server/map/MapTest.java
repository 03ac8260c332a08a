package roadbreeze.server.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.sizing.MarginMap.Axes;
import roadbreeze.server.Jobs;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.intake.Intake;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.RefusedRequestException;

class MapTest {
  private static MapResult map(
      JobContent job, String build, Axes axes, double[] span, int steps, String against) {
    return MapCalculator.map(
        new MapRequest(job, build, axes, span[0], span[1], span[2], span[3], steps, against));
  }

  private static MapResult heatAndGrade(String build, String against) {
    return map(Jobs.HIVE, build, Axes.AMBIENT_GRADE, new double[] {28, 48, 4, 8}, 5, against);
  }

  private static Verdict strip(JobContent job, String build) {
    return Verdict.of(job, job.build(build));
  }

  @Test
  void theHaulOnTheMapReadsAsOnTheStrip() {
    MapResult map = heatAndGrade(Jobs.PLAN, null);
    assertThat(map.across()).containsExactly(28.0, 33.0, 38.0, 43.0, 48.0);
    Verdict strip = strip(Jobs.HIVE, Jobs.PLAN);
    assertThat(map.coolantC().get(2).get(2)).isCloseTo(strip.coolant().peakC(), within(1e-3));
    assertThat(map.panC().get(2).get(2)).isCloseTo(strip.pan().peakC(), within(1e-3));
    assertThat(map.coolantLimitC()).isCloseTo(strip.coolant().limitC(), within(1e-9));
    assertThat(map.worstK().get(2).get(2)).isCloseTo(strip.coolant().headroomK(), within(1e-3));
    assertThat(map.speedKmh().get(2).get(2)).isCloseTo(75, within(1e-9));
  }

  /** With numbers that are only assumed, too: the map is no kinder than the strip. */
  @Test
  void theNineInTenLineMeetsTheStripAtTheHaul() {
    JobContent fresh = Intake.job("petrol-utility");
    for (JobContent job : List.of(Jobs.HIVE, Jobs.PLOUGH, fresh)) {
      double ambient = job.haul().ambientC();
      double grade = job.haul().gradePercent();
      MapResult map =
          map(
              job,
              Jobs.RESTORED,
              Axes.AMBIENT_GRADE,
              new double[] {ambient - 4, ambient + 4, grade - 1, grade + 1},
              3,
              null);
      Verdict strip = strip(job, Jobs.RESTORED);
      double coolant = strip.coolant().limitC() - strip.coolant().nineInTenC();
      double pan = strip.pan().limitC() - strip.pan().nineInTenC();
      assertThat(map.sureK().get(1).get(1))
          .as(job.about().name())
          .isCloseTo(Math.min(coolant, pan), within(0.12 * strip.coolant().bandK()));
      assertThat(map.sureK().get(1).get(1)).isLessThan(map.worstK().get(1).get(1));
    }
  }

  @Test
  void theDifferenceOfTwoBuildsIsTheOneLessTheOther() {
    MapResult plan = heatAndGrade(Jobs.PLAN, null);
    MapResult restored = heatAndGrade(Jobs.RESTORED, null);
    MapResult difference = heatAndGrade(Jobs.PLAN, Jobs.RESTORED);
    assertThat(plan.gainK()).isEmpty();
    for (int i = 0; i < 5; i++) {
      for (int j = 0; j < 5; j++) {
        assertThat(difference.gainK().get(i).get(j))
            .isCloseTo(plan.worstK().get(i).get(j) - restored.worstK().get(i).get(j), within(1e-6));
      }
    }
  }

  @Test
  void massIsTheTrailersAndSpeedIsInKilometresAnHour() {
    MapResult mass =
        map(Jobs.HIVE, Jobs.PLAN, Axes.AMBIENT_MASS, new double[] {28, 38, 2100, 3100}, 3, null);
    assertThat(mass.coolantC().get(2).get(2))
        .isCloseTo(strip(Jobs.HIVE, Jobs.PLAN).coolant().peakC(), within(1e-3));
    MapResult speed =
        map(Jobs.HIVE, Jobs.PLAN, Axes.SPEED_GRADE, new double[] {55, 95, 5, 7}, 5, null);
    assertThat(speed.speedKmh().get(2).get(1)).isCloseTo(75, within(1e-6));
    assertThat(speed.coolantC().get(2).get(2))
        .isCloseTo(mass.coolantC().get(2).get(2), within(1e-3));
  }

  @Test
  void whereItCannotClimbThereIsNoNumber() {
    JobContent heavy = Jobs.with(Jobs.HIVE, "rig.trailer.massKg", 18_000);
    MapResult none =
        map(heavy, Jobs.PLAN, Axes.AMBIENT_GRADE, new double[] {10, 40, 0, 34}, 5, Jobs.RESTORED);
    assertThat(none.coolantC().get(4).get(4)).isNull();
    assertThat(none.worstK().get(4).get(4)).isNull();
    assertThat(none.gainK().get(4).get(4)).isNull();
  }

  @Test
  void axesMustRiseAndBuildsMustBeThere() {
    double[] flat = {40, 40, 0, 8};
    assertThatThrownBy(() -> map(Jobs.HIVE, Jobs.PLAN, Axes.AMBIENT_GRADE, flat, 5, null))
        .isInstanceOf(RefusedRequestException.class)
        .hasMessageContaining("refusal.axisFalls");
    assertThatThrownBy(() -> heatAndGrade(Jobs.PLAN, "nobody"))
        .hasMessageContaining("refusal.noSuchBuild");
  }
}
