package roadbreeze.core.finder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import roadbreeze.core.explain.Code;

/**
 * What a search, or a part of one, came to.
 *
 * @param sets of parts looked at: as many as fell out and as keep every limit unbeaten
 * @param tried candidates worked out: those sets in every place and order
 * @param front those that no other beats in headroom, cost and hours at once, cheapest first; some
 *     may break a limit
 * @param fallen how many sets fell out, and why
 */
public record Result(long sets, long tried, List<Found> front, Map<Reason, Long> fallen) {

  /** Why a set of parts is not worth considering. */
  public enum Reason implements Code {
    TOO_LARGE,
    BLOCKED,
    OVER_BUDGET,
    OVER_HOURS,
    COOLANT_OVER,
    OIL_OVER,
    NO_STEADY_STATE,
    BEATEN;
  }

  /** What a candidate of the short list is there for. */
  public enum Merit implements Code {
    /** No part bought: the truck restored. */
    NOTHING_BOUGHT,
    /** The cheapest that keeps every limit in nine cases of ten. */
    CHEAPEST_SURE,
    /** The cheapest that keeps every limit as computed. */
    CHEAPEST_KEPT,
    /** The least work among those that keep every limit in nine cases of ten. */
    LEAST_WORK,
    /** The most headroom of all. */
    MOST_HEADROOM,
    /** Where none keeps every limit, the one that breaks it least. */
    COMES_NEAREST,
    /** The cheapest for its headroom, between the others. */
    GOOD_VALUE,
    /** The same where it still breaks a limit. */
    STEP_TOWARDS;
  }

  /** A candidate of the short list. */
  public record Pick(Merit merit, Found found) {}

  private static final int SHORT = 7;

  /** Lays parts of one search together. */
  public static Result merge(List<Result> parts) {
    long sets = 0;
    long tried = 0;
    List<Found> all = new ArrayList<>();
    Map<Reason, Long> fallen = new EnumMap<>(Reason.class);
    for (Result part : parts) {
      sets += part.sets;
      tried += part.tried;
      all.addAll(part.front);
      part.fallen.forEach((reason, count) -> fallen.merge(reason, count, Long::sum));
    }
    return of(sets, tried, all, fallen);
  }

  /**
   * The same where a road decides: those that none beats on their stretch are driven over it. What
   * was beaten there is not.
   *
   * @param road a candidate as it stands there; empty where it cannot drive it
   */
  public Result driven(Function<Found, Optional<Found>> road) {
    Map<Reason, Long> counts = new EnumMap<>(Reason.class);
    counts.putAll(fallen);
    List<Found> there = new ArrayList<>();
    for (Found found : front) {
      found.breaks().ifPresent(why -> counts.merge(why, -1L, Long::sum));
      Optional<Found> driven = road.apply(found);
      driven.ifPresentOrElse(
          f -> {
            there.add(f);
            f.breaks().ifPresent(why -> counts.merge(why, 1L, Long::sum));
          },
          () -> counts.merge(Reason.NO_STEADY_STATE, 1L, Long::sum));
    }
    counts.values().removeIf(count -> count == 0);
    return of(sets, tried, there, counts);
  }

  static Result of(long sets, long tried, List<Found> all, Map<Reason, Long> fallen) {
    List<Found> front = new ArrayList<>();
    List<Found> sorted = new ArrayList<>(all);
    sorted.sort(
        Comparator.comparingDouble(Found::cost)
            .thenComparingDouble(Found::minutes)
            .thenComparing(f -> !f.keeps())
            .thenComparingDouble(f -> -f.sureHeadroom()));
    Map<Reason, Long> counts = new EnumMap<>(Reason.class);
    counts.putAll(fallen);
    for (Found candidate : sorted) {
      // The truck with nothing bought stays on the list: it is what the others are measured by.
      if (!candidate.untouched()
          && front.stream().anyMatch(f -> f.beats(candidate) || same(f, candidate))) {
        if (candidate.keeps()) {
          counts.merge(Reason.BEATEN, 1L, Long::sum); // what breaks a limit is counted as that
        }
      } else {
        front.add(candidate);
      }
    }
    // A dearer one never unseats a cheaper one, so one pass in order of cost is enough.
    return new Result(sets, tried, List.copyOf(front), Map.copyOf(counts));
  }

  private static boolean same(Found a, Found b) {
    return Math.round(a.sureHeadroom() * 10) == Math.round(b.sureHeadroom() * 10)
        && a.cost() == b.cost()
        && a.minutes() == b.minutes();
  }

  /** True if some candidate keeps every limit, in nine cases of ten or only as computed. */
  public boolean enough() {
    return front.stream().anyMatch(Found::keeps);
  }

  /** Sets that keep every limit and that nothing beats. */
  public long unbeaten() {
    return front.stream().filter(Found::keeps).count();
  }

  /** The candidate with the most sure headroom. */
  public Optional<Found> best() {
    return front.stream().max(Comparator.comparingDouble(Found::sureHeadroom));
  }

  /** The small set worth considering, each with what it is there for, best reason first. */
  public List<Pick> shortList() {
    Map<Found, Merit> picks = new LinkedHashMap<>();
    Comparator<Found> cheapest =
        Comparator.comparingDouble(Found::cost).thenComparingDouble(f -> -f.sureHeadroom());
    Optional<Found> bare =
        front.stream()
            .filter(Found::untouched)
            .max(Comparator.comparingDouble(Found::sureHeadroom));
    if (bare.isPresent() && bare.get().holds()) {
      picks.put(bare.get(), Merit.NOTHING_BOUGHT);
    }
    least(Found::holds, cheapest).ifPresent(f -> picks.putIfAbsent(f, Merit.CHEAPEST_SURE));
    least(Found::keeps, cheapest).ifPresent(f -> picks.putIfAbsent(f, Merit.CHEAPEST_KEPT));
    least(Found::holds, Comparator.comparingDouble(Found::minutes).thenComparing(cheapest))
        .ifPresent(f -> picks.putIfAbsent(f, Merit.LEAST_WORK));
    best()
        .ifPresent(
            f -> picks.putIfAbsent(f, f.keeps() ? Merit.MOST_HEADROOM : Merit.COMES_NEAREST));
    bare.ifPresent(f -> picks.putIfAbsent(f, Merit.NOTHING_BOUGHT));
    // Between nothing and the most, the cheapest at even steps of headroom.
    double floor =
        bare.map(Found::sureHeadroom).orElse(best().map(Found::sureHeadroom).orElse(0.0));
    double top = best().map(Found::sureHeadroom).orElse(floor);
    int steps = SHORT - picks.size();
    for (int k = 1; k <= steps; k++) {
      double wanted = floor + (top - floor) * k / (steps + 1);
      least(f -> f.sureHeadroom() >= wanted, cheapest)
          .ifPresent(f -> picks.putIfAbsent(f, f.keeps() ? Merit.GOOD_VALUE : Merit.STEP_TOWARDS));
    }
    return picks.entrySet().stream().map(e -> new Pick(e.getValue(), e.getKey())).toList();
  }

  private Optional<Found> least(Predicate<Found> which, Comparator<Found> order) {
    return front.stream().filter(which).min(order);
  }
}
