package roadbreeze.core.rig;

import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * What lets a fan run by a temperature.
 *
 * @param on °C
 * @param off °C, below on
 * @param sensor where it feels that
 * @param withAirConditioning it runs too while the air conditioning does, as its request asks
 */
public record FanSwitch(double on, double off, FanSensor sensor, boolean withAirConditioning) {
  public static final Range TEMPERATURE = new Range(Quantity.FAN_SWITCH, 40, 130);

  public FanSwitch {
    TEMPERATURE.require(on);
    TEMPERATURE.require(off);
    if (!(off < on)) {
      throw Problem.SWITCH_SPAN.refuse(on, off);
    }
  }

  /** By a temperature alone. */
  public FanSwitch(double on, double off, FanSensor sensor) {
    this(on, off, sensor, false);
  }

  /** By the engine's own sensor. */
  public FanSwitch(double on, double off) {
    this(on, off, FanSensor.CYLINDER_HEAD);
  }

  /** Of a switch and its sensor, new, nine in ten, K; our own. */
  public static final double TOLERANCE = 2;

  /** The same where its sensor reads so much too low, K: never past what a switch can be set to. */
  public FanSwitch later(double offset) {
    double by = Math.max(TEMPERATURE.low() - off, Math.min(offset, TEMPERATURE.high() - on));
    return new FanSwitch(on + by, off + by, sensor, withAirConditioning);
  }
}
