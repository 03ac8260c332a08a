package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.vehicle.Surface;
import roadbreeze.server.problem.Within;

/**
 * A point of a road as a row of a CSV file.
 *
 * @param speedKmh as the row before where it is empty, as the rest of those below
 * @param stopMinutes a stop before driving on, empty without one
 */
public record RoadRow(
    @Within(min = 0, max = RoadPoint.FARTHEST_KM, kind = Kind.DISTANCE) double distanceKm,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double elevationM,
    @Within(min = 5, max = 130, kind = Kind.SPEED) Double speedKmh,
    @Nullable Surface surface,
    @Within(min = -80, max = 80, kind = Kind.SPEED) Double headwindKmh,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) Double ambientC,
    @Nullable @Size(max = 40) String place,
    @Within(min = 0, max = 720, kind = Kind.PERIOD) Double stopMinutes,
    @Nullable RoadStop.EngineAtRest engine) {

  /** Asked where a file names no speed, km/h. */
  static final double USUAL_SPEED = 60;

  static List<RoadRow> of(List<RoadPoint> points) {
    return points.stream()
        .map(
            p ->
                new RoadRow(
                    p.distanceKm(),
                    p.elevationM(),
                    p.speedKmh(),
                    p.surface(),
                    p.headwindKmh(),
                    p.ambientC(),
                    p.place(),
                    p.stop() == null ? null : p.stop().minutes(),
                    p.stop() == null ? null : p.stop().engine()))
        .toList();
  }

  static List<RoadPoint> points(List<RoadRow> rows) {
    List<RoadPoint> points = new ArrayList<>();
    double speed = USUAL_SPEED;
    Surface surface = Surface.ASPHALT;
    double wind = 0;
    for (RoadRow row : rows) {
      speed = row.speedKmh == null ? speed : row.speedKmh;
      surface = row.surface == null ? surface : row.surface;
      wind = row.headwindKmh == null ? wind : row.headwindKmh;
      points.add(
          new RoadPoint(
              "p" + (points.size() + 1),
              row.distanceKm,
              row.elevationM,
              speed,
              surface,
              wind,
              row.ambientC,
              row.place == null ? "" : row.place,
              row.stop()));
    }
    return points;
  }

  private @Nullable RoadStop stop() {
    return stopMinutes == null
        ? null
        : new RoadStop(stopMinutes, engine == null ? RoadStop.EngineAtRest.IDLE : engine, false);
  }
}
