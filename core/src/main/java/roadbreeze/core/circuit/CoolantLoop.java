package roadbreeze.core.circuit;

import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;
import roadbreeze.core.vehicle.Rpm;

/**
 * Pump, thermostat and radiator.
 *
 * @param pumpFlowAt4000 kg/s at 4000 engine rpm, proportional to engine speed
 */
public record CoolantLoop(Coolant coolant, double pumpFlowAt4000, Thermostat thermostat) {
  public static final Range PUMP_FLOW = new Range(Quantity.PUMP_FLOW, 0.2, 15);

  /** Cab heater against ambient, W/K: 5 to 7 kW with warm coolant at −20 °C; our own default. */
  static final double HEATER_CONDUCTANCE = 60;

  /** What the outlet tank of a standing radiator loses to the air, W/K. */
  private static final double STANDING_LOSS = 15;

  /** Thermostat opening from which the radiator counts as flowing (-). */
  private static final double STANDING_BELOW = 0.02;

  public CoolantLoop {
    PUMP_FLOW.require(pumpFlowAt4000);
  }

  /** The same loop with another thermostat. */
  public CoolantLoop with(Thermostat other) {
    return new CoolantLoop(coolant, pumpFlowAt4000, other);
  }

  double pumpFlow(double engineSpeed) {
    return pumpFlowAt4000 * Rpm.fromRadPerSecond(engineSpeed) / 4000;
  }

  /** Conductance of the outlet tank to the air while the thermostat is all but shut, W/K. */
  public static double standingLoss(double opening) {
    return STANDING_LOSS * Math.max(0, 1 - opening / STANDING_BELOW);
  }
}
