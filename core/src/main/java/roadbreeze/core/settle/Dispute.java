package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Margins;

/**
 * A dispute with its schools run on this truck.
 *
 * @param inTime on its road; else on the worst stretch, held until it settles
 * @param measure the figure that the schools are compared by, and that the reason speaks of
 * @param recommended index of the school
 * @param otherwise when another school would be right
 */
public record Dispute(
    Finding question,
    boolean inTime,
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
    public double of(Margins margins) {
      return switch (this) {
        case LEAST -> margins.sure();
        case COOLANT -> margins.coolant().sureHeadroom();
        case PAN -> margins.pan().sureHeadroom();
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
   * @param problem why it cannot be driven so
   * @param margins where it can
   * @param effects what else it does
   */
  public record School(
      Finding name, Optional<Finding> problem, Optional<Margins> margins, List<Finding> effects) {}

  static Dispute of(
      Finding question,
      Measure measure,
      List<? extends Side> sides,
      Side recommended,
      Finding reason,
      Finding otherwise) {
    List<Finding> standing = new ArrayList<>();
    for (Side side : sides) {
      if (side.stands()) {
        standing.add(side.name);
      }
    }
    Finding why =
        standing.size() == sides.size()
            ? reason
            : standing.isEmpty() ? Without.NONE_STANDS.with() : Without.ONLY_STAND.with(standing);
    return new Dispute(
        question,
        sides.get(0) instanceof OnRoad,
        measure,
        sides.stream().map(s -> s.school()).toList(),
        sides.indexOf(recommended),
        why,
        otherwise);
  }
}
