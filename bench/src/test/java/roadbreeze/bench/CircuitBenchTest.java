package roadbreeze.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.wiring.Network;
import roadbreeze.core.wiring.Solved;

class CircuitBenchTest {
  /** What is timed against each other comes to the same. */
  @Test
  void theTableIsEverySituationByItself() {
    Network network = CircuitBench.network();
    List<Solved> plain = CircuitBench.plain(network);
    List<Solved> table = CircuitBench.table(network).solved();
    assertThat(table).hasSameSizeAs(plain);
    for (int i = 0; i < plain.size(); i++) {
      assertThat(table.get(i).situation()).isEqualTo(plain.get(i).situation());
      assertThat(table.get(i).pulled()).isEqualTo(plain.get(i).pulled());
      assertThat(table.get(i).drawn()).isCloseTo(plain.get(i).drawn(), within(1e-9));
    }
  }
}
