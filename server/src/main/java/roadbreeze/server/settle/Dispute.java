package roadbreeze.server.settle;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.sizing.Assessment;

/**
 * A dispute with its schools run on this truck.
 *
 * @param recommended index of the school
 * @param otherwise when another school would be right
 */
public record Dispute(
    String question, List<School> schools, int recommended, String reason, String otherwise) {

  /** Where a school finds no steady state that decides, and no difference can be told. */
  static Dispute of(
      String question, List<Side> sides, Side recommended, String reason, String otherwise) {
    List<String> standing = sides.stream().filter(Side::stands).map(s -> s.name).toList();
    String why =
        standing.size() == sides.size()
            ? reason
            : standing.isEmpty()
                ? "None of them finds a steady state here: less load or speed comes first."
                : "Of these only what is named here finds a steady state: "
                    + String.join("; ", standing)
                    + ".";
    return new Dispute(
        question,
        sides.stream().map(Side::school).toList(),
        sides.indexOf(recommended),
        why,
        otherwise);
  }

  /**
   * One way of doing it.
   *
   * @param problem why it has no steady state here, null where it has
   * @param sureHeadroomK the least of the three limits in nine cases of ten, null without a state,
   *     as the gauges are
   * @param effects what else it does, in words
   */
  public record School(
      String name,
      @Nullable String problem,
      @Nullable Standing standing,
      @Nullable Assessment.Gauge coolant,
      @Nullable Assessment.Gauge feed,
      @Nullable Assessment.Gauge pan,
      Double sureHeadroomK,
      List<String> effects) {}
}
