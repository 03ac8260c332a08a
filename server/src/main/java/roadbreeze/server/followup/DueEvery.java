package roadbreeze.server.followup;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.followup.Due.Interval;
import roadbreeze.core.followup.Measure;
import roadbreeze.server.problem.Within;

/**
 * By what something comes due; whichever is first. What is null does not count.
 *
 * @param oilLifeH hours at 80 °C that age the oil as much
 * @param seasonMonths of which each begins a season, 1 to 12
 */
record DueEvery(
    @Nullable @Within(min = 1, max = 3650, kind = Kind.COUNT) Integer days,
    @Nullable @Within(min = 1, max = 500_000, kind = Kind.DISTANCE) Double distanceKm,
    @Nullable @Within(min = 1, max = 1000, kind = Kind.COUNT) Integer heatCycles,
    @Nullable @Within(min = 1, max = 20_000, kind = Kind.TIME) Double oilLifeH,
    @Nullable @Within(min = 1, max = 1000, kind = Kind.COUNT) Integer hauls,
    @NotNull @Size(max = 12)
        Set<@Within(min = 1, max = 12, kind = Kind.COUNT) Integer> seasonMonths) {

  DueEvery {
    seasonMonths = seasonMonths == null ? Set.of() : new TreeSet<>(seasonMonths);
  }

  /**
   * @param since it was done last
   */
  List<Interval> from(LocalDate since) {
    List<Interval> all = new ArrayList<>();
    if (days != null) {
      all.add(new Interval(Measure.DAYS, days));
    }
    if (!seasonMonths.isEmpty()) {
      LocalDate season = since.withDayOfMonth(1).plusMonths(1);
      while (!seasonMonths.contains(season.getMonthValue())) {
        season = season.plusMonths(1);
      }
      all.add(new Interval(Measure.DAYS, ChronoUnit.DAYS.between(since, season)));
    }
    if (distanceKm != null) {
      all.add(new Interval(Measure.DISTANCE, 1000 * distanceKm));
    }
    if (heatCycles != null) {
      all.add(new Interval(Measure.HEAT_CYCLES, heatCycles));
    }
    if (oilLifeH != null) {
      all.add(new Interval(Measure.OIL_LIFE, oilLifeH));
    }
    if (hauls != null) {
      all.add(new Interval(Measure.HAULS, hauls));
    }
    return all;
  }
}
