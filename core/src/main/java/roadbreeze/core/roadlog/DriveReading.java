package roadbreeze.core.roadlog;

import java.util.Optional;
import roadbreeze.core.log.Channel;
import roadbreeze.core.rig.Setup;

/**
 * A recorded drive as it was driven.
 *
 * @param log with what was known of the whole drive filled in
 * @param setup that was on the road
 */
public record DriveReading(
    Recording log, Setup setup, DrivenRoad road, GearReading gears, FanReading fans) {
  /** Slower it stands, m/s. */
  static final double STANDS = 1.4;

  /** An engine that turns runs, rpm. */
  static final double RUNS = 300;

  /**
   * @param stored the job's road, where the drive was on it
   */
  public static DriveReading of(Recording log, Setup setup, Optional<DrivenRoad.Stored> stored) {
    return new DriveReading(
        log,
        setup,
        DrivenRoad.of(log, stored),
        GearReading.of(log, setup.truck().powertrain().driveline()),
        FanReading.of(log, setup));
  }

  double speed(int i) {
    return log.at(Channel.SPEED, i);
  }

  boolean stands(int i) {
    return speed(i) < STANDS;
  }

  /** Nobody said otherwise: without a channel it is off. */
  boolean airConditioning(int i) {
    return log.at(Channel.AIR_CONDITIONING, i) > 0.5;
  }

  /** Enough is known of a step to drive it in the model. */
  boolean driveable(int i) {
    return !Double.isNaN(speed(i))
        && !Double.isNaN(log.at(Channel.AMBIENT, i))
        && !Double.isNaN(road.grade()[i]);
  }
}
