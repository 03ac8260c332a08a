package roadbreeze.core.check;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Problem;

/**
 * What was read in one check.
 *
 * @param numbers SI and °C, as many as each {@link Ask#count} says
 */
public record Answers(Map<Ask, List<Double>> numbers, Map<Ask, Ask.Answer> choices) {
  /**
   * @throws BadInputException if a number lies outside what can be, or an answer is none of the
   *     ask's
   */
  public Answers {
    numbers = copy(numbers);
    choices = copy(choices);
    numbers.forEach(
        (ask, values) -> {
          if (values.size() != ask.count()) {
            throw Problem.READING_OF.refuse(ask);
          }
          for (double value : values) {
            if (!(value >= ask.low() && value <= ask.high())) {
              throw Problem.OUT_OF_RANGE.refuse(
                  ask, of(ask, value), of(ask, ask.low()), of(ask, ask.high()));
            }
          }
        });
    choices.forEach(
        (ask, answer) -> {
          if (!ask.answers().contains(answer)) {
            throw Problem.READING_OF.refuse(ask);
          }
        });
  }

  private static Argument.Amount of(Ask ask, double value) {
    return Argument.amount(ask.kind(), value);
  }

  private static <T> Map<Ask, T> copy(Map<Ask, T> of) {
    return of.isEmpty() ? Map.of() : new EnumMap<>(of);
  }

  OptionalDouble number(Ask ask) {
    return numbers.containsKey(ask)
        ? OptionalDouble.of(numbers.get(ask).get(0))
        : OptionalDouble.empty();
  }

  /** A number that was read. */
  double value(Ask ask) {
    return number(ask).orElseThrow();
  }

  boolean has(Ask... asks) {
    for (Ask ask : asks) {
      if (!numbers.containsKey(ask) && !choices.containsKey(ask)) {
        return false;
      }
    }
    return true;
  }

  boolean is(Ask ask, Ask.Answer answer) {
    return choices.get(ask) == answer;
  }

  /** Of a grid; its zones are of one size. */
  double mean(Ask ask) {
    return numbers.get(ask).stream().mapToDouble(v -> v).average().orElseThrow();
  }
}
