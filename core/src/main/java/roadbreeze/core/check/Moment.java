package roadbreeze.core.check;

import java.util.OptionalDouble;
import roadbreeze.core.circuit.OperatingPoint;

/**
 * Temperatures that were read while a truck was driven so for long enough to settle.
 *
 * @param coolant and pan, °C; empty where nobody looked
 * @param error of the reading, nine in ten, K
 * @param onDash read off the dash, so that a gauge that shows too much is part of it
 */
public record Moment(
    OperatingPoint point,
    OptionalDouble coolant,
    OptionalDouble pan,
    double error,
    boolean onDash) {

  public boolean isRead() {
    return coolant.isPresent() || pan.isPresent();
  }
}
