package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Road;
import roadbreeze.server.problem.Within;

/**
 * A point of a road; the last one only ends it.
 *
 * @param distanceM from the start
 * @param speedKmh asked from here on
 * @param gradePercent of a climb at this elevation from here on, null where elevations give it
 * @param stop made here before driving on, null without one
 */
public record TripPoint(
    @Within(min = 0, max = 400_000, kind = Kind.LENGTH) double distanceM,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double elevationM,
    @Within(min = 5, max = 130, kind = Kind.SPEED) double speedKmh,
    @Nullable @Within(min = -15, max = 30, kind = Kind.PERCENT) Double gradePercent,
    @Nullable @Valid Stop stop) {

  /**
   * Standing with the engine at idle.
   *
   * @param inGear the converter is stalled; else the selector is in neutral
   * @param fansDead no electric fan runs
   */
  public record Stop(
      @Within(min = 0, max = 180, kind = Kind.COUNT) double minutes,
      boolean inGear,
      boolean fansDead) {}

  Road.Point toCore() {
    return new Road.Point(
        distanceM,
        elevationM,
        speedKmh / 3.6,
        gradePercent == null ? OptionalDouble.empty() : OptionalDouble.of(gradePercent / 100),
        Optional.ofNullable(stop)
            .map(s -> new Road.Stop(s.minutes() * 60, s.inGear(), s.fansDead())));
  }
}
