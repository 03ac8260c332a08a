package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.problem.BadInputException;

class StripTest {
  private static final StripStock STOCK = new StripStock(3.2e-3, 3.2e-3, 0.42);

  @Test
  void bendAllowanceAsPublished() {
    assertThat(STOCK.bendAllowance(Math.PI / 2) * 1000).isCloseTo(7.138, within(6e-4));
  }

  @ParameterizedTest
  @CsvSource({"20, 45, 24.308, 31.446, 23.976", "12, 30, 21.428, 26.186, 23.357"})
  void joggleAsPublished(double offset, double degrees, double straight, double flat, double run) {
    Joggle joggle = Joggle.of(STOCK, offset / 1000, Math.toRadians(degrees));
    assertThat(joggle.straight() * 1000).isCloseTo(straight, within(6e-4));
    assertThat(joggle.flat() * 1000).isCloseTo(flat, within(6e-4));
    assertThat(joggle.run() * 1000).isCloseTo(run, within(6e-4));
  }

  @Test
  void flatLengthIsLegsAndAllowances() {
    double right = Math.PI / 2;
    Strip strip = Strip.of(STOCK, List.of(0.04, 0.06, 0.02), List.of(right, -right));
    double allowance = STOCK.bendAllowance(right);
    assertThat(strip.flatLength()).isCloseTo(0.12 + 2 * allowance, within(1e-12));
    assertThat(strip.bends().get(0).centre()).isCloseTo(0.04 + allowance / 2, within(1e-12));
    assertThat(strip.bends().get(1).start()).isCloseTo(0.1 + allowance, within(1e-12));
  }

  @Test
  void refusesAnOffsetSmallerThanItsBends() {
    assertThatThrownBy(() -> Joggle.of(STOCK, 0.001, Math.toRadians(60)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.joggleTooSmall");
    assertThatThrownBy(() -> Strip.of(STOCK, List.of(0.1), List.of(1.0)))
        .isInstanceOf(BadInputException.class);
  }
}
