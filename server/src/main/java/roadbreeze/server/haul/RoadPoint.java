package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Road;
import roadbreeze.core.vehicle.Surface;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A point of a road; the last one only ends it.
 *
 * @param distanceKm from the start, as driven
 * @param speedKmh asked from here on
 * @param surface from here on
 * @param headwindKmh along the road from here on, negative from behind
 * @param ambientC where the air is known, null where it follows from weather and height
 * @param place its name, empty without one
 * @param stop made here before driving on, null without one
 */
public record RoadPoint(
    @Id String id,
    @Within(min = 0, max = RoadPoint.FARTHEST_KM, kind = Kind.DISTANCE) double distanceKm,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double elevationM,
    @Within(min = 5, max = 130, kind = Kind.SPEED) double speedKmh,
    @NotNull Surface surface,
    @Within(min = -80, max = 80, kind = Kind.SPEED) double headwindKmh,
    @Nullable @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) Double ambientC,
    @NotNull @Size(max = 40) String place,
    @Nullable @Valid RoadStop stop)
    implements Row {
  /** No single road is longer. */
  static final double FARTHEST_KM = 1000;

  /** On asphalt in still air, without a name. */
  public static RoadPoint of(String id, double distanceKm, double elevationM, double speedKmh) {
    return new RoadPoint(id, distanceKm, elevationM, speedKmh, Surface.ASPHALT, 0, null, "", null);
  }

  Road.Point toCore() {
    return new Road.Point(
        distanceKm * 1000,
        elevationM,
        speedKmh / 3.6,
        OptionalDouble.empty(),
        surface,
        headwindKmh / 3.6,
        ambientC == null ? OptionalDouble.empty() : OptionalDouble.of(ambientC),
        Optional.ofNullable(stop).map(RoadStop::toCore));
  }
}
