package roadbreeze.core.circuit;

import java.util.List;
import java.util.Map;
import roadbreeze.core.air.Air;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The steady state of a rig at an operating point.
 *
 * @param coolant radiator inlet, °C
 * @param coolantReturn at the engine after radiator and in-tank cooler, °C
 * @param sump transmission fluid in the pan, °C
 * @param feed fluid leaving for the coolers, °C
 * @param thermostatOpening 0 to 1
 * @param radiatorFlow coolant, kg/s
 * @param fanEngagement of the clutched fan, 1 if there is none
 * @param fanSpeedRatio of each fan, over its curve's reference speed
 * @param inletRise recirculated warmth of the air at the face, K
 */
public record Balance(
    Powertrain.State driveline,
    Air air,
    AirFlow airFlow,
    double coolant,
    double coolantReturn,
    double sump,
    double feed,
    double thermostatOpening,
    double radiatorFlow,
    double fanEngagement,
    double[] fanSpeedRatio,
    double inletRise,
    HeatFlows heat,
    double[][] airTemperature,
    double[][] cellHeat,
    List<Warning> warnings) {

  Balance withWarnings(List<Warning> found) {
    return new Balance(
        driveline,
        air,
        airFlow,
        coolant,
        coolantReturn,
        sump,
        feed,
        thermostatOpening,
        radiatorFlow,
        fanEngagement,
        fanSpeedRatio,
        inletRise,
        heat,
        airTemperature,
        cellHeat,
        found);
  }

  /**
   * Where heat comes from and goes, W.
   *
   * @param fuel power in the fuel
   * @param engineToCoolant engine heat in the coolant
   * @param tank from oil to coolant in the in-tank cooler, negative where it heats the oil
   * @param coolers per layer name, oil to air
   * @param gearboxCase oil to the air round the case
   */
  public record HeatFlows(
      double fuel,
      double brake,
      double engineToCoolant,
      double converter,
      double gearbox,
      double radiator,
      double heater,
      double tank,
      Map<String, Double> coolers,
      double gearboxCase,
      double condenser,
      double chargeAir) {

    /** What does not balance in the coolant, W. */
    public double coolantResidual() {
      return engineToCoolant + tank - radiator - heater;
    }

    /** What does not balance in the oil, W. */
    public double oilResidual() {
      return converter
          + gearbox
          - tank
          - coolers.values().stream().mapToDouble(Double::doubleValue).sum()
          - gearboxCase;
    }
  }
}
