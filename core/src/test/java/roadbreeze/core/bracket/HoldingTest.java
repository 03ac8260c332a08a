package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.problem.BadInputException;

class HoldingTest {
  private static final StripStock STOCK = BracketTest.STOCK;

  private static List<Support> four(StripStock stock, double reach, double isolator) {
    OptionalDouble rubber = isolator > 0 ? OptionalDouble.of(isolator) : OptionalDouble.empty();
    return Collections.nCopies(4, new Support.Strip(stock, reach, rubber));
  }

  /** Four of 25 × 3.2 mm steel under 2.5 kg. */
  @ParameterizedTest
  @CsvSource({"60, 87.67, 43.1", "120, 30.99, 86.2"})
  void frequencyAndStressAsPublished(double reach, double frequency, double stress) {
    Holding holding = Holding.of(2.5, four(STOCK, reach / 1000, 0), false);
    assertThat(holding.frequency()).isCloseTo(frequency, within(0.006));
    assertThat(holding.stress() / 1e6).isCloseTo(stress, within(0.06));
    assertThat(holding.roughStress() / holding.stress()).isCloseTo(1.6, within(1e-9));
    assertThat(holding.findings()).isEmpty();
  }

  @Test
  void whatShakesOrYieldsIsSaidWithTheChangeThatMendsIt() {
    Holding slack = Holding.of(2.5, four(STOCK, 0.14, 0), false);
    assertThat(slack.findings())
        .extracting(f -> f.code())
        .containsExactly(Holding.Fault.SHAKES, Holding.Fault.THICKER);
    double thickness = slack.findings().get(1).amount("to");
    StripStock thicker = new StripStock(Metal.STEEL, 25e-3, thickness, 3.2e-3);
    Holding mended = Holding.of(2.5, four(thicker, 0.14, 0), false);
    assertThat(mended.findings()).isEmpty();
    assertThat(mended.frequency()).isCloseTo(slack.findings().get(1).amount("gives"), within(1e-9));
    // On rough ground the same set is asked for more.
    assertThat(Holding.of(2.5, four(STOCK, 0.12, 0), true).findings())
        .extracting(f -> f.code())
        .contains(Holding.Fault.YIELDS);
  }

  @Test
  void rubberSoftensAndTheStifferBracketCarriesMore() {
    double stiff = Holding.of(2.5, four(STOCK, 0.06, 0), false).frequency();
    double soft = Holding.of(2.5, four(STOCK, 0.06, 60e3), false).frequency();
    assertThat(soft).isLessThan(stiff);
    // Far softer rubber than strip: it alone decides, f = √(4·k/m)/2π.
    double rubber = Holding.of(2.5, four(STOCK, 0.03, 2e3), false).frequency();
    assertThat(rubber).isCloseTo(Math.sqrt(4 * 2e3 / 2.5) / (2 * Math.PI), within(0.02));
    Support near = new Support.Strip(STOCK, 0.05, OptionalDouble.empty());
    Support far = new Support.Strip(STOCK, 0.10, OptionalDouble.empty());
    double shared = Holding.of(2.5, List.of(near, far), false).stress();
    // The short one is eight times as stiff and takes eight ninths.
    double load = 2.5 * 5 * 9.80665;
    assertThat(shared).isCloseTo(near.stress(load * 8 / 9), within(1.0));
  }

  @Test
  void aMassThatNoCoreHasIsRefused() {
    assertThatThrownBy(() -> Holding.of(-1, four(STOCK, 0.06, 0), false))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> four(STOCK, Double.NaN, 0)).isInstanceOf(BadInputException.class);
  }
}
