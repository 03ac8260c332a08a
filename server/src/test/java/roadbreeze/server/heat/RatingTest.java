package roadbreeze.server.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;

class RatingTest {
  private static final String RESTORED = Jobs.RESTORED;
  private static final String PLAN = Jobs.PLAN;

  private static RatingResult read(
      JobContent job, String build, Double heatKw, Double differenceK, Double massKg) {
    return HeatController.read(new RatingRequest(job, build, heatKw, differenceK, massKg));
  }

  @Test
  void aHeatIsScaledToTheTemperaturesHere() {
    RatingResult said = read(Jobs.HIVE, RESTORED, 6.0, 80.0, null);
    // Pan limit 107 °C over air of 38 °C is 69 K: 6 kW at 80 K come to 6·69/80.
    assertThat(said.claimedHereKw()).isCloseTo(6.0 * 69 / 80, within(1e-9));
    RatingResult unsaid = read(Jobs.HIVE, RESTORED, 6.0, null, null);
    assertThat(unsaid.claimedHereKw()).isCloseTo(6.0 * 69 / 55, within(1e-9));
    assertThat(unsaid.reading().toString()).contains("boxRatingReading.temperaturesUnsaid");
    assertThat(said.reading().toString()).doesNotContain("temperaturesUnsaid");
  }

  @Test
  void whatMustLeaveThroughCoolersIsTheOilsHeatLessTheCase() {
    RatingResult result = read(Jobs.HIVE, RESTORED, 2.0, 60.0, null);
    // Worked case: 4.20 kW into the oil; the case gives 20.4 W/K × (107 − 48 °C) = 1.20 kW.
    assertThat(result.neededKw()).isCloseTo(4.20 - 1.204, within(0.006));
    assertThat(result.enough()).isFalse();
    assertThat(read(Jobs.HIVE, RESTORED, 3.0, 60.0, null).enough()).isTrue();
    assertThat(result.fittedKw()).isZero();
    RatingResult fitted = read(Jobs.HIVE, PLAN, 2.0, 60.0, null);
    assertThat(fitted.fittedKw()).isPositive();
    assertThat(fitted.reading().toString()).contains("boxRatingReading.fitted");
  }

  @Test
  void aMassIsReadAgainstTheMassThatHolds() {
    RatingResult over = read(Jobs.HIVE, PLAN, null, null, 9000.0);
    assertThat(over.massHeldKg()).isBetween(5000.0, 7500.0);
    assertThat(over.enough()).isFalse();
    assertThat(over.claimedHereKw()).isNull();
    assertThat(over.reading().toString()).contains("boxRatingReading.limitUnderClaim");
    assertThat(read(Jobs.HIVE, PLAN, null, null, 4000.0).enough()).isTrue();
    // The mass held is the build's own and not the box's.
    assertThat(read(Jobs.HIVE, PLAN, null, null, 4000.0).massHeldKg()).isEqualTo(over.massHeldKg());
    RatingResult bare = read(Jobs.HIVE, RESTORED, null, null, 4000.0);
    assertThat(bare.massHeldKg()).isLessThan(over.massHeldKg());
  }

  @Test
  void whatItCannotClimbWithIsSaid() {
    JobContent steep = Jobs.with(Jobs.HIVE, "haul.gradePercent", 15);
    RatingResult result = read(steep, PLAN, null, null, 60_000.0);
    assertThat(result.reading().toString())
        .contains("boxRatingReading.noClimbAtMass", "problem.noGearPulls");
    JobContent winter =
        Jobs.with(
            Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 0), "haul.speedKmh", 60),
            "haul.ambientC",
            -20);
    RatingResult easy = read(winter, PLAN, null, null, 5000.0);
    assertThat(easy.massHeldKg()).isNull();
    assertThat(easy.reading().toString()).contains("boxRatingReading.noLimitReached");
  }

  @Test
  void aBoxNamesEitherAHeatOrAMass() {
    assertThatThrownBy(() -> read(Jobs.HIVE, PLAN, null, null, null))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.boxHeatOrMass");
    assertThatThrownBy(() -> read(Jobs.HIVE, PLAN, 5.0, null, 3000.0))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> read(Jobs.HIVE, "nobody", 5.0, null, null))
        .hasMessageContaining("refusal.noSuchBuild");
  }
}
