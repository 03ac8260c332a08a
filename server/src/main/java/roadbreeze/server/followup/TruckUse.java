package roadbreeze.server.followup;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.followup.Habit;
import roadbreeze.core.followup.Odometer;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Row;

/**
 * How a job's truck is used while nobody records it.
 *
 * @param startsPerWeek from cold
 * @param haulsPerMonth with the trailer
 * @param haulOilLifeH hours at 80 °C that age the oil as one haul does; null as the usual one
 * @param odometer as it was read
 */
@RecordBuilder
record TruckUse(
    @Within(min = 0, max = 20_000, kind = Kind.DISTANCE) double kmPerWeek,
    @Within(min = 0, max = 100, kind = Kind.COUNT) double startsPerWeek,
    @Within(min = 0, max = 100, kind = Kind.COUNT) double haulsPerMonth,
    @Within(min = 0, max = 2000, kind = Kind.DISTANCE) double haulKm,
    @Nullable @Within(min = 0, max = 500, kind = Kind.TIME) Double haulOilLifeH,
    @NotNull @Size(max = 500) @DistinctIds List<@NotNull @Valid OdometerRead> odometer)
    implements TruckUseBuilder.With {

  /** Where nobody has said anything; our own. */
  static final TruckUse ASSUMED = new TruckUse(250, 8, 2, 60, null, List.of());

  /** Of a haul that nobody has driven in the model: an hour with the pan at 102 °C. */
  private static final double USUAL_HAUL_H = 4;

  private static final double WEEK = 7;
  private static final double MONTH = 365.25 / 12;

  /** What the odometer showed. */
  record OdometerRead(
      @NotNull @Pattern(regexp = "[a-z][a-z0-9-]*") @Size(max = 24) String id,
      @NotNull LocalDate day,
      @Within(min = 0, max = 5_000_000, kind = Kind.DISTANCE) double km)
      implements Row {}

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it shows less than on a day before
   */
  TruckUse forwards() {
    List<OdometerRead> days =
        odometer.stream()
            .sorted(Comparator.comparing(OdometerRead::day).thenComparing(OdometerRead::km))
            .toList();
    for (int i = 1; i < days.size(); i++) {
      if (days.get(i).km() < days.get(i - 1).km()) {
        throw Refusal.ODOMETER_BACKWARDS.refuse(1000 * days.get(i - 1).km());
      }
    }
    return this;
  }

  Odometer odometerRead() {
    return new Odometer(
        odometer.stream()
            .map(o -> new Odometer.Reading(o.day().toEpochDay(), 1000 * o.km()))
            .toList());
  }

  /** Of a day; the odometer knows better how far it goes. */
  Habit habit() {
    return new Habit(
        odometerRead().perDay(1000 * kmPerWeek / WEEK),
        startsPerWeek / WEEK,
        haulsPerMonth / MONTH,
        1000 * haulKm,
        haulOilLifeH == null ? USUAL_HAUL_H : haulOilLifeH);
  }
}
