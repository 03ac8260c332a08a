package roadbreeze.core.followup;

import java.util.List;

/**
 * When something is due.
 *
 * @param first what makes it due first
 * @param days until then; negative since when it should have been done, infinite where it never
 *     comes at this rate
 * @param shares how much of each has gone, in the order of what was asked
 */
public record Due(Measure first, double days, List<Share> shares) {
  /**
   * What is due each so many.
   *
   * @param every above 0
   */
  public record Interval(Measure measure, double every) {}

  /**
   * How much of it has gone.
   *
   * @param used of what it is due each
   * @param days until it is due by this alone
   */
  public record Share(Measure measure, double used, double every, double days) {}

  /**
   * @param intervals at least one
   * @param used since it was done last
   * @param perDay as it goes on
   */
  public static Due of(List<Interval> intervals, Use used, Use perDay) {
    List<Share> shares =
        intervals.stream()
            .map(
                i -> {
                  double has = used.of(i.measure());
                  double left = i.every() - has;
                  double rate = perDay.of(i.measure());
                  double days = rate > 0 ? left / rate : left > 0 ? Double.POSITIVE_INFINITY : 0;
                  return new Share(i.measure(), has, i.every(), days);
                })
            .toList();
    Share first = shares.get(0);
    for (Share s : shares) {
      first = s.days() < first.days() ? s : first;
    }
    return new Due(first.measure(), first.days(), shares);
  }
}
