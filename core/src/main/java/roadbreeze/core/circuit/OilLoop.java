package roadbreeze.core.circuit;

import java.util.List;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.OilCircuit;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Transmission fluid from the converter through its coolers to the sump.
 *
 * @param circuit what the pump moves through lines and hoses
 * @param bypass the gearbox's own: share of the oil that it sends to the coolers
 * @param stages in the order the lines give
 * @param caseConductance of the gearbox case at 72 km/h, W/K
 */
public record OilLoop(
    TransmissionFluid fluid,
    OilCircuit circuit,
    Bypass bypass,
    List<OilStage> stages,
    double caseConductance) {
  public static final Range FLOW = new Range(Quantity.OIL_FLOW, 1e-5, 1e-3);
  public static final Range CASE_CONDUCTANCE = new Range(Quantity.CASE_CONDUCTANCE, 1, 200);

  /** From this engine speed up the pump moves all that the circuit lets through, rpm. */
  private static final double FULL_FLOW_FROM = 1500;

  // The case's air: still half as good as at 20 m/s, and warmer than ambient beside a warm engine.
  private static final double CASE_SPEED = 20;
  private static final double WARM_ENGINE_RISE = 10;
  private static final double ENGINE_COLD = 40;
  private static final double ENGINE_WARM = 80;

  public OilLoop {
    CASE_CONDUCTANCE.require(caseConductance);
    stages = List.copyOf(stages);
  }

  /** The same fluid and case with another way. */
  public OilLoop with(OilCircuit newCircuit, List<OilStage> newStages) {
    return new OilLoop(fluid, newCircuit, bypass, newStages, caseConductance);
  }

  /** Share of the circuit's flow that the pump moves at an engine speed (-). */
  static double pumpShare(double engineRpm) {
    return Math.min(1, engineRpm / FULL_FLOW_FROM);
  }

  /**
   * What holds up in lines and coolers all together, Pa.
   *
   * @param flow that the pump moves, m³/s
   */
  public double pressure(double flow, double engineRpm) {
    double share = flow / pumpShare(engineRpm) / circuit.pump().freeFlow();
    return circuit.pump().maxPressure() * Math.max(0, 1 - share * share);
  }

  /** Heat that the case gives the air round it, W. */
  public double caseHeat(double sump, double coolant, double ambient, double speed) {
    double warm = Math.max(0, Math.min(1, (coolant - ENGINE_COLD) / (ENGINE_WARM - ENGINE_COLD)));
    return caseConductance
        * (0.5 + 0.5 * speed / CASE_SPEED)
        * (sump - ambient - WARM_ENGINE_RISE * warm);
  }

  /** The same of a truck that is parked, against the air that stands round it, W. */
  public double standingCaseHeat(double sump, double air) {
    return caseConductance * 0.5 * (sump - air);
  }
}
