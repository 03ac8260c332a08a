package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class GuessTest {
  private static final double TOLERANCE = 1e-9;
  private final List<Double> asked = new ArrayList<>();

  private double refined(Guess guess, DoubleUnaryOperator residual) {
    asked.clear();
    return guess.refined(
        x -> {
          asked.add(x);
          return residual.applyAsDouble(x);
        },
        1,
        TOLERANCE,
        0,
        400);
  }

  @Test
  void findsTheRootOfAFallingResidualAndStartsFromItNextTime() {
    Guess guess = new Guess(100);
    assertThat(refined(guess, x -> (120 - x) / 50)).isCloseTo(120, within(1e-6));
    // Asked last at the root, so that what the residual leaves behind belongs to it.
    assertThat(asked.get(asked.size() - 1)).isCloseTo(120, within(1e-6));
    assertThat(refined(guess, x -> (120 - x) / 50)).isCloseTo(120, within(1e-6));
    assertThat(asked).hasSize(1);
    // A shifted straight line is met by the slope that is known.
    assertThat(refined(guess, x -> (135 - x) / 50)).isCloseTo(135, within(1e-6));
    assertThat(asked).hasSize(2);
    assertThat(refined(new Guess(110), x -> Math.exp(-x / 40) - Math.exp(-3)))
        .isCloseTo(120, within(1e-5));
  }

  @Test
  void givesUpRatherThanBeWrong() {
    assertThat(refined(new Guess(100), x -> (x - 120) / 50)).as("a rising residual").isNaN();
    assertThat(refined(new Guess(100), x -> 1)).as("a flat one").isNaN();
    assertThat(refined(new Guess(100), x -> (500 - x) / 50)).as("a root past the ceiling").isNaN();
    assertThat(refined(new Guess(100), x -> (-5 - x) / 50)).as("a root below the floor").isNaN();
    // A jump has no root within the tolerance.
    assertThat(refined(new Guess(100), x -> x < 110 ? 1 - x / 1000 : -x / 1000)).isNaN();
  }

  @Test
  void takesOverWhatAnotherHasFound() {
    Guess first = new Guess(100);
    refined(first, x -> (120 - x) / 50);
    Guess second = new Guess(10);
    second.take(first);
    refined(second, x -> (121 - x) / 50);
    assertThat(asked).hasSize(2);
    second.moveTo(121);
    refined(second, x -> (121 - x) / 50);
    assertThat(asked).hasSize(1);
  }
}
