package roadbreeze.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;

class AirTraverseTest {
  private static final Air AIR = Air.at(20, 0);
  private static final double FACE = 0.76 * 0.52;
  private static final double[] WHOLE = {1};
  private final Stack stack = WorkedCase.stack(false);

  private double flow(double factor) {
    return AirFlow.cold(stack, AIR, 0, WHOLE, new AirFactors(1, factor, 1, 1)).totalFlow(stack);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.3, 0.8, 1.3, 2.5})
  void aPlantedFanFactorIsFoundAgain(double planted) {
    AirTraverse read = AirTraverse.atCore(flow(planted) / FACE, FACE, stack, AIR, WHOLE, 1);
    assertThat(read.fanFactor()).hasValueCloseTo(planted, within(1e-5));
    assertThat(read.measured()).isCloseTo(flow(planted), within(1e-9));
    assertThat(read.model()).isCloseTo(flow(1), within(1e-9));
    assertThat(read.speedShare()).isEmpty();
    assertThat(read.finding().code()).isEqualTo(AirTraverse.Reading.AT_CORE);
    // A factor that is in the stack already is part of what is found.
    AirTraverse again = AirTraverse.atCore(flow(planted) / FACE, FACE, stack, AIR, WHOLE, 1.1);
    assertThat(again.fanFactor()).hasValueCloseTo(1.1 * planted, within(1e-4));
  }

  @Test
  void readingsThatNoFanCouldCauseAreNotForced() {
    for (double factor : new double[] {0.05, 5}) {
      AirTraverse read = AirTraverse.atCore(flow(factor) / FACE, FACE, stack, AIR, WHOLE, 1);
      assertThat(read.fanFactor()).isEmpty();
      assertThat(read.finding().code()).isEqualTo(AirTraverse.Reading.IMPOSSIBLE);
    }
  }

  @Test
  void inFreeAirTheFlowIsTheSpeed() {
    double disc = Math.PI / 4 * 0.38 * 0.38;
    AirTraverse pair = AirTraverse.inFreeAir(0.6 * 2.9 / (2 * disc), 2, 0.38, 2.9);
    assertThat(pair.speedShare()).hasValueCloseTo(0.6, within(1e-12));
    assertThat(pair.fanFactor()).isEmpty();
    assertThat(AirTraverse.inFreeAir(40, 2, 0.38, 2.9).speedShare()).hasValue(1);
  }
}
