package roadbreeze.core.circuit;

import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Opening is linear from start-to-open to full-open.
 *
 * @param startToOpen °C
 * @param fullOpen °C, usually about 9 K above
 * @param stuckAt opening it stands at whatever the coolant does, NaN where it works
 */
public record Thermostat(double startToOpen, double fullOpen, double stuckAt) {
  public static final Range START = new Range(Quantity.THERMOSTAT_START, 50, 115);

  public Thermostat {
    START.require(startToOpen);
    if (!(fullOpen >= startToOpen + 2 && fullOpen <= startToOpen + 25)) {
      throw Problem.THERMOSTAT_SPAN.refuse(startToOpen, fullOpen);
    }
  }

  /** One that works. */
  public Thermostat(double startToOpen, double fullOpen) {
    this(startToOpen, fullOpen, Double.NaN);
  }

  /** 0 shut to 1 wide open. */
  public double opening(double coolantTemperature) {
    return Double.isNaN(stuckAt)
        ? Math.max(0, Math.min(1, (coolantTemperature - startToOpen) / (fullOpen - startToOpen)))
        : stuckAt;
  }

  /**
   * How far its wax may go until it leaves the end of its way, K; negative between the ends.
   *
   * @param opening where it stands (-)
   * @param hysteresis between opening and shutting, K
   */
  public double restLeft(double opening, double wax, double hysteresis) {
    if (!Double.isNaN(stuckAt)) {
      return Double.POSITIVE_INFINITY;
    }
    if (opening <= 0) {
      return startToOpen - wax;
    }
    return opening >= 1 ? wax + hysteresis - fullOpen : -hysteresis;
  }

  /** 0 where it is shut, 1 where it regulates, 2 where it is wide open or stuck. */
  int part(double coolantTemperature) {
    return !Double.isNaN(stuckAt) || coolantTemperature >= fullOpen
        ? 2
        : coolantTemperature > startToOpen ? 1 : 0;
  }

  /** A step that ends where it starts or ends to regulate instead of crossing that, °C. */
  double notPastKink(double from, double to) {
    if (!Double.isNaN(stuckAt)) {
      return to;
    }
    if (from < startToOpen && to > startToOpen
        || from > startToOpen && from <= fullOpen && to < startToOpen) {
      return startToOpen;
    }
    return from < fullOpen && to > fullOpen || from > fullOpen && to < fullOpen ? fullOpen : to;
  }
}
