package roadbreeze.server.trip;

import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/** What the road comes to with one build, as a row of a CSV file; none where it cannot drive. */
public record TotalsRow(
    String build,
    @Within(min = -50, max = 400, kind = Kind.TEMPERATURE) Double coolantC,
    @Within(min = -50, max = 400, kind = Kind.TEMPERATURE) Double coolantLimitC,
    @Within(min = 0, max = 1000, kind = Kind.DISTANCE) Double coolantAtKm,
    @Within(min = 0, max = 1e6, kind = Kind.DURATION) Double coolantOverS,
    @Within(min = -50, max = 400, kind = Kind.TEMPERATURE) Double feedC,
    @Within(min = 0, max = 1e6, kind = Kind.DURATION) Double feedOverS,
    @Within(min = -50, max = 400, kind = Kind.TEMPERATURE) Double panC,
    @Within(min = 0, max = 1000, kind = Kind.DISTANCE) Double panAtKm,
    @Within(min = 0, max = 1e6, kind = Kind.DURATION) Double panOverS,
    @Within(min = 0, max = 1e6, kind = Kind.TIME) Double oilLifeH,
    @Within(min = 0, max = 1e6, kind = Kind.ENERGY) Double fanEnergyKwh,
    @Within(min = 0, max = 1e6, kind = Kind.DURATION) Double loudS,
    @Within(min = 0, max = 1e6, kind = Kind.VOLUME) Double fuelL,
    @Within(min = 0, max = 1e6, kind = Kind.VOLUME) Double fanFuelL,
    @Within(min = 0, max = 1e6, kind = Kind.VOLUME) Double airConditioningFuelL,
    @Within(min = 0, max = 1e6, kind = Kind.DURATION) Double timeS) {

  static List<TotalsRow> all(JobContent job) {
    return TripResult.all(job).stream()
        .filter(t -> t.totals() != null)
        .map(t -> of(job.build(t.build()).name(), t))
        .toList();
  }

  private static TotalsRow of(String build, TripResult t) {
    return new TotalsRow(
        build,
        rounded(t.coolant().peakC(), 100),
        rounded(t.coolant().limitC(), 100),
        rounded(t.coolant().atKm(), 1000),
        rounded(t.coolant().overS(), 1),
        rounded(t.feed().peakC(), 100),
        rounded(t.feed().overS(), 1),
        rounded(t.pan().peakC(), 100),
        rounded(t.pan().atKm(), 1000),
        rounded(t.pan().overS(), 1),
        rounded(t.totals().oilLifeH(), 1000),
        rounded(t.totals().fanEnergyKwh(), 1000),
        rounded(t.totals().loudS(), 1),
        rounded(t.totals().fuelL(), 1000),
        rounded(t.totals().fanFuelL(), 1000),
        rounded(t.totals().airConditioningFuelL(), 1000),
        rounded(t.totals().timeS(), 1));
  }

  private static double rounded(double value, double per) {
    return Math.round(value * per) / per;
  }
}
