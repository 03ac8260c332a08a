package roadbreeze.core.settle;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Headroom;

/**
 * A dispute with its schools run on this truck.
 *
 * @param measure the figure that the schools are compared by, and that the reason speaks of
 * @param recommended index of the school
 * @param otherwise when another school would be right
 */
public record Dispute(
    Finding question,
    Measure measure,
    List<School> schools,
    int recommended,
    Finding reason,
    Finding otherwise) {

  /** Which headroom in nine cases of ten decides. */
  public enum Measure implements Code {
    /** The least of the three limits. */
    LEAST,
    COOLANT,
    PAN;

    /** K. */
    public double of(Headroom verdict) {
      return switch (this) {
        case LEAST -> verdict.sure();
        case COOLANT -> verdict.coolant().sureHeadroom();
        case PAN -> verdict.pan().sureHeadroom();
      };
    }
  }

  /** What decides where a school finds no steady state and no difference can be told. */
  public enum Without implements Code {
    NONE_STANDS,
    ONLY_STAND("schools FINDINGS");

    private final List<Parameter> parameters;

    Without(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * One way of doing it.
   *
   * @param problem why it has no steady state here
   * @param verdict where it has one
   * @param effects what else it does
   */
  public record School(
      Finding name, Optional<Finding> problem, Optional<Headroom> verdict, List<Finding> effects) {}

  static Dispute of(
      Finding question,
      Measure measure,
      List<Side> sides,
      Side recommended,
      Finding reason,
      Finding otherwise) {
    List<Finding> standing = sides.stream().filter(Side::stands).map(s -> s.name).toList();
    Finding why =
        standing.size() == sides.size()
            ? reason
            : standing.isEmpty() ? Without.NONE_STANDS.with() : Without.ONLY_STAND.with(standing);
    return new Dispute(
        question,
        measure,
        sides.stream().map(Side::school).toList(),
        sides.indexOf(recommended),
        why,
        otherwise);
  }
}
