package roadbreeze.core.circuit;

import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Range;

/**
 * Opening is linear from start-to-open to full-open.
 *
 * @param startToOpen °C
 * @param fullOpen °C, usually about 9 K above
 */
public record Thermostat(double startToOpen, double fullOpen) {
  public static final Range START = new Range("thermostat start-to-open", 50, 115, "°C");

  public Thermostat {
    START.require(startToOpen);
    if (!(fullOpen >= startToOpen + 2 && fullOpen <= startToOpen + 25)) {
      throw new BadInputException(
          "thermostat full-open",
          "full-open must be 2 to 25 K above start-to-open (%.0f °C), not at %.0f °C"
              .formatted(startToOpen, fullOpen));
    }
  }

  /** 0 shut to 1 wide open. */
  public double opening(double coolantTemperature) {
    return Math.max(0, Math.min(1, (coolantTemperature - startToOpen) / (fullOpen - startToOpen)));
  }
}
