package roadbreeze.core.circuit;

import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;
import roadbreeze.core.vehicle.Rpm;

/**
 * Pump, thermostat, radiator and heater.
 *
 * @param pumpFlowAt4000 kg/s at 4000 engine rpm, proportional to engine speed
 * @param heaterConductance of the cab heater against ambient, W/K; 0 when off
 */
public record CoolantLoop(
    Coolant coolant, double pumpFlowAt4000, Thermostat thermostat, double heaterConductance) {
  private static final Range HEATER = new Range(Quantity.HEATER_CONDUCTANCE, 0, 500);
  public static final Range PUMP_FLOW = new Range(Quantity.PUMP_FLOW, 0.2, 15);

  public CoolantLoop {
    PUMP_FLOW.require(pumpFlowAt4000);
    HEATER.require(heaterConductance);
  }

  /** The same loop with another thermostat. */
  public CoolantLoop with(Thermostat other) {
    return new CoolantLoop(coolant, pumpFlowAt4000, other, heaterConductance);
  }

  double pumpFlow(double engineSpeed) {
    return pumpFlowAt4000 * Rpm.fromRadPerSecond(engineSpeed) / 4000;
  }
}
