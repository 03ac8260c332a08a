package roadbreeze.core.switching;

import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Range;

/**
 * A thermal switch in the coolant.
 *
 * @param on °C
 * @param off °C, below on
 */
public record FanSwitch(double on, double off) {
  public static final Range TEMPERATURE = new Range("fan switch temperature", 40, 130, "°C");

  public FanSwitch {
    TEMPERATURE.require(on);
    TEMPERATURE.require(off);
    if (!(off < on)) {
      throw new BadInputException(
          "fan switch",
          "the fan must switch off below %.0f °C where it switches on, not at %.0f °C"
              .formatted(on, off));
    }
  }
}
