package roadbreeze.core.settle;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Headroom;

/**
 * A dispute with its schools run on this truck.
 *
 * @param recommended index of the school
 * @param otherwise when another school would be right
 */
public record Dispute(
    Finding question, List<School> schools, int recommended, Finding reason, Finding otherwise) {

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
      Finding question, List<Side> sides, Side recommended, Finding reason, Finding otherwise) {
    List<Finding> standing = sides.stream().filter(Side::stands).map(s -> s.name).toList();
    Finding why =
        standing.size() == sides.size()
            ? reason
            : standing.isEmpty() ? Without.NONE_STANDS.with() : Without.ONLY_STAND.with(standing);
    return new Dispute(
        question,
        sides.stream().map(Side::school).toList(),
        sides.indexOf(recommended),
        why,
        otherwise);
  }
}
