package roadbreeze.core.circuit;

import java.util.List;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Transmission fluid from the converter through its coolers to the sump.
 *
 * @param flow m³/s
 * @param stages in the order the lines give
 * @param caseConductance of the gearbox case, W/K
 * @param caseAirRise air round the case over ambient, K
 */
public record OilLoop(
    TransmissionFluid fluid,
    double flow,
    List<OilStage> stages,
    double caseConductance,
    double caseAirRise) {
  private static final Range CASE_AIR = new Range(Quantity.CASE_AIR_RISE, 0, 80);
  public static final Range FLOW = new Range(Quantity.OIL_FLOW, 1e-5, 1e-3);
  public static final Range CASE_CONDUCTANCE = new Range(Quantity.CASE_CONDUCTANCE, 1, 200);

  public OilLoop {
    FLOW.require(flow);
    CASE_CONDUCTANCE.require(caseConductance);
    CASE_AIR.require(caseAirRise);
    stages = List.copyOf(stages);
  }

  /** The same fluid and case with another way and flow, m³/s. */
  public OilLoop with(double newFlow, List<OilStage> newStages) {
    return new OilLoop(fluid, newFlow, newStages, caseConductance, caseAirRise);
  }
}
