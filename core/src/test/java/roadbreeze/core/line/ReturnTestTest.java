package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.line.ReturnTest.Says;

class ReturnTestTest {
  /** A hot tank heats cold oil: there the warmer line is the one that leaves. */
  @ParameterizedTest
  @CsvSource({
    "80, 70, 65, CONFIRMED",
    "70, 80, 65, OTHER_WAY_ROUND",
    "30, 55, 80, CONFIRMED",
    "55, 30, 80, OTHER_WAY_ROUND",
    "60, 62.9, 80, LINES_ALIKE",
    "60, 63, 80, CONFIRMED",
    "75, 80, 80.9, TANK_ALIKE",
    "75, 80, 81, CONFIRMED"
  })
  void theLineNearerToTheTankLeavesIt(double inlet, double outlet, double tank, Says says) {
    assertThat(ReturnTest.of(inlet, outlet, tank).code()).isEqualTo(says);
  }
}
