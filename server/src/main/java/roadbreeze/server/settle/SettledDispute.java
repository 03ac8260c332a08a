package roadbreeze.server.settle;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.settle.Dispute;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.message.Said;

/**
 * A dispute with its schools run on this truck.
 *
 * @param inTime driven on its road; else held on the worst stretch until it settles
 * @param measure code of the figure that decides
 * @param recommended index of the school
 * @param otherwise when another school would be right
 */
public record SettledDispute(
    Said question,
    boolean inTime,
    String measure,
    List<School> schools,
    int recommended,
    Said reason,
    Said otherwise) {

  /**
   * One way of doing it.
   *
   * @param problem why it cannot be driven so, null where it can
   * @param sureHeadroomK in nine cases of ten, by the figure that decides; null without a state, as
   *     the gauges are
   * @param effects what else it does
   */
  public record School(
      Said name,
      @Nullable Said problem,
      @Nullable Standing standing,
      @Nullable Verdict.Gauge coolant,
      @Nullable Verdict.Gauge feed,
      @Nullable Verdict.Gauge pan,
      Double sureHeadroomK,
      List<Said> effects) {
    static School of(Dispute.School s, Dispute.Measure measure) {
      Margins h = s.margins().orElse(null);
      return new School(
          Said.of(s.name()),
          s.problem().map(Said::of).orElse(null),
          h == null ? null : h.standing(),
          h == null ? null : Verdict.Gauge.of(h.coolant()),
          h == null ? null : Verdict.Gauge.of(h.feed()),
          h == null ? null : Verdict.Gauge.of(h.pan()),
          h == null ? null : Double.valueOf(measure.of(h)),
          Said.of(s.effects()));
    }
  }

  static SettledDispute of(Dispute d) {
    return new SettledDispute(
        Said.of(d.question()),
        d.inTime(),
        d.measure().key(),
        d.schools().stream().map(s -> School.of(s, d.measure())).toList(),
        d.recommended(),
        Said.of(d.reason()),
        Said.of(d.otherwise()));
  }
}
