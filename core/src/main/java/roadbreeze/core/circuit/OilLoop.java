package roadbreeze.core.circuit;

import java.util.List;
import roadbreeze.core.fluid.TransmissionFluid;
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
  private static final Range CASE_AIR = new Range("air round the case over ambient", 0, 80, "K");
  public static final Range FLOW = new Range("transmission fluid flow", 1e-5, 1e-3, "m³/s");
  public static final Range CASE_CONDUCTANCE = new Range("case conductance", 1, 200, "W/K");

  public OilLoop {
    FLOW.require(flow);
    CASE_CONDUCTANCE.require(caseConductance);
    CASE_AIR.require(caseAirRise);
    stages = List.copyOf(stages);
  }
}
