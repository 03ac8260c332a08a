package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class ParallelFlowTest {
  private static final double FLOW = 10e-3 / 60;

  @Test
  void laminarElementsShareInverselyToTheirResistance() {
    ParallelFlow split = ParallelFlow.share(List.of(q -> 1e8 * q, q -> 3e8 * q), FLOW);
    assertThat(split.flows()[0]).isCloseTo(0.75 * FLOW, within(1e-9 * FLOW));
    assertThat(split.flows()[1]).isCloseTo(0.25 * FLOW, within(1e-9 * FLOW));
    assertThat(split.pressureDrop()).isCloseTo(0.75e8 * FLOW, within(1e-6));
  }

  @Test
  void turbulentOnesByTheRootAndAllHaveOneDrop() {
    List<DoubleUnaryOperator> drops =
        List.of(q -> 1e12 * q * q, q -> 4e12 * q * q, q -> 2e8 * q + 1e12 * q * q);
    ParallelFlow split = ParallelFlow.share(drops, FLOW);
    double sum = 0;
    for (int i = 0; i < drops.size(); i++) {
      assertThat(drops.get(i).applyAsDouble(split.flows()[i]))
          .isCloseTo(split.pressureDrop(), within(1e-6 * split.pressureDrop()));
      sum += split.flows()[i];
    }
    assertThat(sum).isCloseTo(FLOW, within(1e-9 * FLOW));
    assertThat(split.flows()[0]).isCloseTo(2 * split.flows()[1], within(1e-6 * FLOW));
  }

  @Test
  void oneAloneTakesAllAndABlockedOneNothing() {
    ParallelFlow alone = ParallelFlow.share(List.of(q -> 1e8 * q), FLOW);
    assertThat(alone.flows()).containsExactly(FLOW);
    assertThat(alone.pressureDrop()).isEqualTo(1e8 * FLOW);
    ParallelFlow blocked = ParallelFlow.share(List.of(q -> 1e8 * q, q -> 1e16 * q), FLOW);
    assertThat(blocked.flows()[1]).isLessThan(1e-7 * FLOW);
    assertThat(blocked.flows()[0]).isCloseTo(FLOW, within(1e-6 * FLOW));
  }
}
