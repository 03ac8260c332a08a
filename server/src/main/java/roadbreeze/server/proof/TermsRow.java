package roadbreeze.server.proof;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.roadlog.EqualTerms;
import roadbreeze.core.roadlog.HotDay;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.message.Said;

/**
 * One temperature before the work against after it.
 *
 * @param basis null where they cannot be compared
 * @param morePercent heat that is shed after the work for the same kelvin
 * @param spreadPercent half width of nineteen in twenty
 * @param coolerK at what was driven after the work
 * @param before places of the windows used, among those before
 * @param says in sentences that a customer may be told; none where they cannot be compared
 * @param why it cannot be compared, or not on the same terms
 * @param wanted the drive that would settle it
 */
public record TermsRow(
    Fluid fluid,
    @Nullable EqualTerms.Basis basis,
    @Nullable Double morePercent,
    @Nullable Double spreadPercent,
    @Nullable Double coolerK,
    @Nullable Double spreadK,
    List<Integer> before,
    List<Integer> after,
    List<Said> says,
    List<Said> why,
    @Nullable Said wanted) {

  /**
   * @param day that the after work is carried over to, °C
   */
  static TermsRow of(Fluid fluid, EqualTerms.Side before, EqualTerms.Side after, double day) {
    EqualTerms terms = EqualTerms.of(fluid, before, after);
    List<Finding> says = new ArrayList<>(terms.says());
    HotDay.of(terms, after, day).ifPresent(says::add);
    return new TermsRow(
        fluid,
        terms.basis().orElse(null),
        ReadingResult.nullable(100 * terms.more()),
        ReadingResult.nullable(100 * terms.spread()),
        ReadingResult.nullable(terms.kelvin()),
        ReadingResult.nullable(terms.kelvinSpread()),
        terms.before(),
        terms.after(),
        Said.of(says),
        Said.of(terms.why()),
        terms.wanted().map(Said::of).orElse(null));
  }
}
