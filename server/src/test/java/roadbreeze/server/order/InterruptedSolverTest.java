package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.order.OrderSolver.Patience;

class InterruptedSolverTest {
  /** In a process of its own, where nothing of the solver is loaded yet. */
  @Test
  void aQuestionThatIsDroppedFirstSpoilsNoLaterOne() throws Exception {
    Process first =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                InterruptedSolverTest.class.getName())
            .inheritIO()
            .start();
    assertThat(first.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(first.exitValue()).isZero();
  }

  /**
   * The first question is dropped while the solver is loaded for it; ends with 1 if none is
   * answered.
   */
  public static void main(String[] args) {
    Thread.currentThread().interrupt();
    ordered();
    Thread.interrupted();
    System.exit(ordered() instanceof OrderSolver.Ordered ? 0 : 1);
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
        List.of(step), Rule.of(List.of(step)), 1, Fixed.NOTHING, Patience.QUICK);
  }
}
