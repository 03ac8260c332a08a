package roadbreeze.core.switching;

import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A thermal switch in the coolant.
 *
 * @param on °C
 * @param off °C, below on
 */
public record FanSwitch(double on, double off) {
  public static final Range TEMPERATURE = new Range(Quantity.FAN_SWITCH, 40, 130);

  public FanSwitch {
    TEMPERATURE.require(on);
    TEMPERATURE.require(off);
    if (!(off < on)) {
      throw Problem.SWITCH_SPAN.refuse(on, off);
    }
  }
}
