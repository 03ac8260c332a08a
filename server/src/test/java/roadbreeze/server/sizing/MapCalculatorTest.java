package roadbreeze.server.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.sizing.MarginMap.Axes;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;
import tools.jackson.databind.json.JsonMapper;

class MapCalculatorTest {
  private static final int RESTORED = 1;
  private static final int PLAN = 2;
  private static final Assessor ASSESSOR = new Assessor(new Doubts(JsonMapper.builder().build()));

  private static MapResult map(
      int build, Axes axes, double[] across, double[] up, int steps, Integer against) {
    MapRequest request =
        new MapRequest(Jobs.HIVE, build, axes, across[0], across[1], up[0], up[1], steps, against);
    return MapCalculator.map(request, SizingService.boiling(Jobs.HIVE));
  }

  private static MapResult heatAndGrade(int build, Integer against) {
    return map(build, Axes.AMBIENT_GRADE, new double[] {28, 48}, new double[] {4, 8}, 5, against);
  }

  @Test
  void theHaulOnTheMapReadsAsOnTheStrip() {
    MapResult map = heatAndGrade(PLAN, null);
    assertThat(map.across()).containsExactly(28.0, 33.0, 38.0, 43.0, 48.0);
    Assessment.BuildState strip = ASSESSOR.assess(Jobs.HIVE).builds().get(PLAN);
    assertThat(map.coolantC().get(2).get(2)).isCloseTo(strip.coolant().peakC(), within(1e-3));
    assertThat(map.panC().get(2).get(2)).isCloseTo(strip.pan().peakC(), within(1e-3));
    assertThat(map.coolantLimitC()).isCloseTo(strip.coolant().limitC(), within(1e-9));
    assertThat(map.worstK().get(2).get(2)).isCloseTo(strip.coolant().headroomK(), within(1e-3));
    assertThat(map.speedKmh().get(2).get(2)).isCloseTo(75, within(1e-9));
  }

  @Test
  void theNineInTenLineIsStricterAndMeetsTheStripAtTheHaul() {
    MapResult map = heatAndGrade(PLAN, null);
    for (int i = 0; i < 5; i++) {
      for (int j = 0; j < 5; j++) {
        assertThat(map.sureK().get(i).get(j)).isLessThan(map.worstK().get(i).get(j));
      }
    }
    Assessment.Gauge coolant = ASSESSOR.assess(Jobs.HIVE).builds().get(PLAN).coolant();
    // The strip's band also holds the doubt of assumed inputs; this job has none assumed.
    assertThat(map.sureK().get(2).get(2))
        .isCloseTo(coolant.limitC() - coolant.nineInTenC(), within(0.12 * coolant.bandK()));
  }

  @Test
  void theDifferenceOfTwoBuildsIsTheOneLessTheOther() {
    MapResult plan = heatAndGrade(PLAN, null);
    MapResult restored = heatAndGrade(RESTORED, null);
    MapResult difference = heatAndGrade(PLAN, RESTORED);
    assertThat(plan.gainK()).isEmpty();
    for (int i = 0; i < 5; i++) {
      for (int j = 0; j < 5; j++) {
        assertThat(difference.gainK().get(i).get(j))
            .isCloseTo(plan.worstK().get(i).get(j) - restored.worstK().get(i).get(j), within(1e-6));
      }
    }
    // Against itself nothing is gained anywhere.
    assertThat(heatAndGrade(PLAN, PLAN).gainK())
        .allSatisfy(
            column -> assertThat(column).allSatisfy(k -> assertThat(k).isCloseTo(0, within(1e-6))));
  }

  @Test
  void massIsTheTrailersAndSpeedIsInKilometresAnHour() {
    MapResult mass =
        map(PLAN, Axes.AMBIENT_MASS, new double[] {28, 38}, new double[] {2100, 3100}, 3, null);
    assertThat(mass.coolantC().get(2).get(2))
        .isCloseTo(ASSESSOR.assess(Jobs.HIVE).builds().get(PLAN).coolant().peakC(), within(1e-3));
    MapResult speed =
        map(PLAN, Axes.SPEED_GRADE, new double[] {55, 95}, new double[] {5, 7}, 5, null);
    assertThat(speed.speedKmh().get(2).get(1)).isCloseTo(75, within(1e-6));
    assertThat(speed.coolantC().get(2).get(2))
        .isCloseTo(mass.coolantC().get(2).get(2), within(1e-3));
  }

  @Test
  void whereItCannotClimbThereIsNoNumber() {
    MapResult steep =
        map(PLAN, Axes.SPEED_GRADE, new double[] {20, 110}, new double[] {0, 34}, 5, RESTORED);
    List<Double> fast = steep.coolantC().get(4);
    assertThat(fast.get(0)).isNotNull();
    assertThat(steep.speedKmh().get(4).get(3)).isLessThan(110);
    JobContent heavy = Jobs.with(Jobs.HIVE, "trailer.massKg", 18_000);
    MapResult none =
        MapCalculator.map(
            new MapRequest(heavy, PLAN, Axes.AMBIENT_GRADE, 10, 40, 0, 34, 5, RESTORED),
            SizingService.boiling(heavy));
    assertThat(none.coolantC().get(4).get(4)).isNull();
    assertThat(none.worstK().get(4).get(4)).isNull();
    assertThat(none.gainK().get(4).get(4)).isNull();
  }

  @Test
  void axesMustRiseAndBuildsMustBeThere() {
    assertThatThrownBy(
            () ->
                map(PLAN, Axes.AMBIENT_GRADE, new double[] {40, 40}, new double[] {0, 8}, 5, null))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("across axis must rise");
    assertThatThrownBy(() -> heatAndGrade(PLAN, 5))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("builds 0 to 2");
  }
}
