package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.server.build.Build;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;

/**
 * The trucks as they stood when the matrix was asked for.
 *
 * @param trailer what all of them pull, null where each pulls its own
 */
record MatrixAsk(@Nullable String trailer, List<Truck> trucks) {
  /** Hottest of the day at the road's start, °C. */
  static final List<Double> HEATS = List.of(-5.0, 5.0, 12.0, 19.0, 26.0, 31.0, 36.0, 41.0, 46.0);

  /** From so warm a day on the air conditioning is on, °C. */
  private static final double COOLED_FROM = 18;

  /**
   * A truck with the build that it would leave with.
   *
   * @param build the last of its job's
   */
  record Truck(UUID job, String name, String build, JobContent content) {
    Build chosen() {
      return content.build(build);
    }

    /**
     * The truck on a road of the yard.
     *
     * @param departure hour, null leaves at the road's own
     */
    HaulCase on(Road road, double hottest, @Nullable Double departure) {
      Haul usual = road.haul();
      Haul then =
          new Haul(
                  usual.road(),
                  usual.gradePercent(),
                  usual.speedKmh(),
                  hottest,
                  usual.altitudeM(),
                  hottest >= COOLED_FROM)
              .on(usual.journey().on(hottest, departure));
      return content.on(then).driven(chosen());
    }
  }
}
