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

  static Dispute of(
      String question, List<Side> sides, Side recommended, String reason, String otherwise) {
    return new Dispute(
        question,
        sides.stream().map(Side::school).toList(),
        sides.indexOf(recommended),
        reason,
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
