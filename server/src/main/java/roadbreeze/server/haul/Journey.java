package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.Weather;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * A road from end to end, on a day.
 *
 * @param name of the road
 * @param coldestC of the day at the road's start, just before dawn
 * @param hottestC of the day there, in the afternoon
 * @param departureHour 0 to 24
 * @param start temperatures it begins with, null where the truck stood overnight
 * @param changes what the driver does otherwise than at the start, each from a place on
 */
public record Journey(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(min = 2, max = Journey.MOST_POINTS) @DistinctIds @Onward
        List<@NotNull @Valid RoadPoint> points,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double coldestC,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double hottestC,
    @Within(min = 0, max = 24, kind = Kind.TIME) double departureHour,
    @Nullable @Valid StartWarmth start,
    @NotNull @Size(max = 20) @DistinctIds List<@NotNull @Valid DriverChange> changes) {
  static final int MOST_POINTS = 200;

  /** Longer than this at the speeds asked is no single haul, s. */
  private static final double LONGEST = 12 * 3600;

  /** Where the temperatures start. */
  public record StartWarmth(
      @Within(min = -40, max = 130, kind = Kind.TEMPERATURE) double engineC,
      @Within(min = -40, max = 130, kind = Kind.TEMPERATURE) double outletTankC,
      @Within(min = -40, max = 180, kind = Kind.TEMPERATURE) double oilC) {
    /** After some driving without a load. */
    static final StartWarmth WARM = new StartWarmth(88, 75, 75);
  }

  /**
   * The same road on another day, as much colder at dawn as before.
   *
   * @param departure hour, null leaves it as it is
   */
  public Journey on(double hottest, @Nullable Double departure) {
    return new Journey(
        name,
        points,
        Math.max(-40, hottest - (hottestC - coldestC)),
        hottest,
        departure == null ? departureHour : departure,
        start,
        changes);
  }

  /** Without the day. */
  public Road road() {
    return new Road(points.stream().map(RoadPoint::toCore).toList());
  }

  /**
   * @param habits of the driver from the start on
   * @throws roadbreeze.server.problem.RefusedRequestException if all of it takes too long
   */
  Trip trip(Habits habits) {
    double longest = 0;
    for (int i = 0; i < points.size(); i++) {
      RoadPoint here = points.get(i);
      longest += here.stop() == null ? 0 : here.stop().minutes() * 60;
      if (i > 0) {
        RoadPoint before = points.get(i - 1);
        double speed = Math.min(before.speedKmh() / 3.6, habits.fastest());
        longest += (here.distanceKm() - before.distanceKm()) * 1000 / speed;
      }
    }
    if (longest > LONGEST) {
      throw Refusal.ROAD_TOO_LONG.refuse(longest, LONGEST);
    }
    List<Trip.Change> driving = new ArrayList<>();
    driving.add(new Trip.Change(points.get(0).distanceKm() * 1000, habits));
    changes.forEach(c -> driving.add(c.toCore(habits.heater())));
    return new Trip(
        road(),
        new Weather(coldestC, hottestC, departureHour, points.get(0).elevationM()),
        driving);
  }

  HaulRun.Start startOf(Trip trip) {
    OperatingPoint first = trip.standing(0, 0);
    return start == null
        ? HaulRun.Start.soaked(first.ambient())
        : new HaulRun.Start(start.engineC(), start.outletTankC(), start.oilC());
  }
}
