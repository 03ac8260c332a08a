package roadbreeze.core.roadlog;

import java.util.List;
import java.util.Map;
import java.util.Random;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.Weather;
import roadbreeze.core.log.Channel;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/** What a logger would have recorded of a truck whose model is off by known factors. */
final class PlantedDrive {
  static final double CLIMB = 0.055;

  private PlantedDrive() {}

  /** Level, a climb of 14 km, level again. */
  static Road longClimb(double speed) {
    return climb(speed, 14_000);
  }

  static Road climb(double speed, double length) {
    return new Road(
        List.of(
            Road.Point.of(0, 600, speed),
            Road.Point.of(4000, 600, speed),
            Road.Point.of(4000 + length, 600 + length * CLIMB, speed),
            Road.Point.of(8000 + length, 600 + length * CLIMB, speed)));
  }

  static Trip trip(Road road, double ambient, boolean airConditioning) {
    return new Trip(road, Weather.steady(ambient, 600), Habits.usual(airConditioning)).ramped();
  }

  static Trace trace(Setup setup, Factors planted, Trip trip) {
    return HaulRun.of(
        Assembly.rig(setup),
        planted,
        trip,
        new HaulRun.Start(88, 75, 75),
        setup.switchedFans(),
        HaulRun.USUAL_HYSTERESIS);
  }

  /**
   * A row a second.
   *
   * @param noise standard deviation of each temperature, K
   * @param offsets of the gauges, K
   */
  static Recording record(
      Trace trace, boolean airConditioning, double noise, Map<Channel, Double> offsets, Random by) {
    double end = trace.last().time();
    Recording.Builder log = new Recording.Builder(0, end);
    for (double t = 0.5; t < end; t += 1) {
      Trace.Moment m = trace.at(t);
      temperature(log, t, Channel.COOLANT, m.coolant(), noise, offsets, by);
      temperature(log, t, Channel.PAN, m.sump(), noise, offsets, by);
      temperature(log, t, Channel.OIL_FEED, m.feed(), noise, offsets, by);
      temperature(log, t, Channel.AMBIENT, m.ambient(), noise, offsets, by);
      log.add(Channel.SPEED, t, Math.max(0, m.speed() + 0.1 * by.nextGaussian()));
      log.add(Channel.RPM, t, m.engineRpm() + 8 * by.nextGaussian());
      log.add(Channel.BAROMETER, t, Air.standardPressure(m.elevation()) + 10 * by.nextGaussian());
      log.add(Channel.AIR_CONDITIONING, t, airConditioning ? 1 : 0);
    }
    return log.build();
  }

  private static void temperature(
      Recording.Builder log,
      double t,
      Channel channel,
      double value,
      double noise,
      Map<Channel, Double> offsets,
      Random by) {
    log.add(channel, t, value + offsets.getOrDefault(channel, 0.0) + noise * by.nextGaussian());
  }
}
