package roadbreeze.core.followup;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.log.Channel;
import roadbreeze.core.roadlog.Recording;

/**
 * What a recorded drive did to its truck. What nothing recorded is empty, never nothing.
 *
 * @param seconds from its first reading to its last
 * @param distance m
 * @param heatCycles from cold to warm
 * @param oilLife hours at 80 °C that age the oil as much
 */
public record DriveUse(
    double seconds,
    Optional<Double> distance,
    Optional<Double> heatCycles,
    Optional<Double> oilLife) {
  // Coolant that was below the one and comes above the other has warmed up once, °C; own defaults:
  // between them joints settle, and no thermostat keeps a running engine below the higher one.
  static final double COLD = 45;
  static final double WARM = 70;

  private static final double HOUR = 3600;

  public static DriveUse of(Recording log) {
    return new DriveUse(
        log.steps() * log.step(),
        over(log, Channel.SPEED, speed -> speed),
        cycles(log),
        over(log, Channel.PAN, pan -> Outcome.ageing(pan) / HOUR));
  }

  /** Over all that was recorded: what lies in gaps is nobody's. */
  private static Optional<Double> over(
      Recording log, Channel channel, DoubleUnaryOperator perSecond) {
    if (!log.has(channel)) {
      return Optional.empty();
    }
    double sum = 0;
    for (int i = 0; i < log.steps(); i++) {
      double value = log.at(channel, i);
      sum += Double.isNaN(value) ? 0 : perSecond.applyAsDouble(value) * log.step();
    }
    return Optional.of(sum);
  }

  private static Optional<Double> cycles(Recording log) {
    if (!log.has(Channel.COOLANT)) {
      return Optional.empty();
    }
    double cycles = 0;
    boolean cold = false;
    for (int i = 0; i < log.steps(); i++) {
      double coolant = log.at(Channel.COOLANT, i);
      if (coolant < COLD) {
        cold = true;
      } else if (cold && coolant > WARM) {
        cold = false;
        cycles++;
      }
    }
    return Optional.of(cycles);
  }
}
