package roadbreeze.core.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillVacuumTest {
  /** 85 kPa where the air allows it; higher up the pressure of the air there less 15 kPa. */
  @ParameterizedTest
  @CsvSource({"0, 85", "100, 85", "1000, 74.9", "2000, 64.5"})
  void noMoreIsDrawnThanTheAirHasToGive(double metres, double kilopascals) {
    assertThat(FillVacuum.most(metres) / 1000).isEqualTo(kilopascals, within(0.05));
  }
}
