package roadbreeze.core.explain;

import java.util.List;

/**
 * One formula of a working: made beside the code that computes it, so that the two cannot drift.
 *
 * @param formula as in the source, which needs no translating
 * @param result what it came to
 * @param source whose it is
 */
public record Step(String formula, Finding result, List<Input> inputs, String source) {
  public Step {
    inputs = List.copyOf(inputs);
  }

  /** Where a number of a working comes from. */
  public enum Origin {
    /** Somebody's: measured, entered or only assumed, as the job's marks say. */
    GIVEN,
    /** Of the model. */
    DEFAULT,
    /** From the steps before. */
    COMPUTED
  }

  /** One number that went in. */
  public record Input(Term name, Argument value, Origin origin) {}

  public static Input given(Term name, double value) {
    return amount(name, value, Origin.GIVEN);
  }

  public static Input standard(Term name, double value) {
    return amount(name, value, Origin.DEFAULT);
  }

  public static Input computed(Term name, double value) {
    return amount(name, value, Origin.COMPUTED);
  }

  private static Input amount(Term name, double value, Origin origin) {
    return new Input(name, new Argument.Amount(name.kind(), value), origin);
  }

  public static Input computed(Term name, Finding said) {
    return new Input(name, new Argument.Findings(List.of(said)), Origin.COMPUTED);
  }
}
