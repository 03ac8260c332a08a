package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.order.OrderSolver.Patience;

/** Alone in its process where it is run alone: the first question of all may be dropped. */
class InterruptedSolverTest {
  @Test
  void aQuestionThatIsDroppedFirstSpoilsNoLaterOne() throws Exception {
    Thread first = new Thread(InterruptedSolverTest::ordered);
    first.start();
    first.interrupt();
    first.join();
    assertThat(ordered()).isInstanceOf(OrderSolver.Ordered.class);
  }

  private static OrderSolver.Solved ordered() {
    Step step =
        new Step(
            "one",
            Set.of(),
            Set.of(),
            Set.of(),
            Set.of(),
            Set.of(),
            Set.of(),
            5,
            0,
            1,
            false,
            EngineState.STOPPED);
    return OrderSolver.solve(
        List.of(step), Rule.of(List.of(step)), 1, new Fixed(Map.of(), Map.of()), Patience.QUICK);
  }
}
