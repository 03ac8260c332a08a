package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.server.build.Build;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Fault;
import roadbreeze.server.problem.Within;

/**
 * A build of a job on a road. Ambient at the start, air conditioning, heater and held gear are
 * those of the job's haul.
 *
 * @param build its id
 * @param hysteresisK of the thermostat, null for the usual 3 K
 */
public record TripRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @NotNull @Size(min = 2, max = 200) List<@NotNull @Valid TripPoint> road,
    @NotNull @Valid TripStart start,
    @Nullable @Within(min = 0, max = 15, kind = Kind.DIFFERENCE) Double hysteresisK) {
  /** Longer than this at the speeds asked is no single run, s. */
  private static final double LONGEST = 3 * 3600;

  /** Where the temperatures start. */
  public record TripStart(
      @Within(min = -40, max = 130, kind = Kind.TEMPERATURE) double coolantC,
      @Within(min = -40, max = 130, kind = Kind.TEMPERATURE) double outletTankC,
      @Within(min = -40, max = 180, kind = Kind.TEMPERATURE) double panC) {

    HaulRun.Start toCore() {
      return new HaulRun.Start(coolantC, outletTankC, panC);
    }
  }

  /** The published check: 14 km of climb with the worked case's switched fan. */
  public static TripRequest checkCase() {
    BuildRequest worked = DemoWorld.workedCase();
    return new TripRequest(
        worked.job(),
        worked.build(),
        List.of(new TripPoint(0, 600, 75, null, null), new TripPoint(14_000, 1370, 75, null, null)),
        new TripStart(95, 75, 80),
        null);
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if there is none of this id
   */
  Build chosen() {
    return job.build(build);
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if a point does not lie beyond the
   *     one before, or all of it takes too long
   */
  Trip trip() {
    double longest = 0;
    for (int i = 0; i < road.size(); i++) {
      TripPoint here = road.get(i);
      longest += here.stop() == null ? 0 : here.stop().minutes() * 60;
      if (i > 0) {
        TripPoint before = road.get(i - 1);
        if (here.distanceM() <= before.distanceM()) {
          throw Fault.ROAD_TURNS_BACK.refuse((double) (i + 1), here.distanceM());
        }
        longest += (here.distanceM() - before.distanceM()) / (before.speedKmh() / 3.6);
      }
    }
    if (longest > LONGEST) {
      throw Fault.ROAD_TOO_LONG.refuse(longest, LONGEST);
    }
    OperatingPoint haul = job.point();
    return new Trip(
        new Road(road.stream().map(TripPoint::toCore).toList()),
        haul.ambient(),
        haul.airConditioning(),
        haul.heater(),
        haul.holdGear());
  }

  double hysteresis() {
    return hysteresisK == null ? HaulRun.USUAL_HYSTERESIS : hysteresisK;
  }
}
