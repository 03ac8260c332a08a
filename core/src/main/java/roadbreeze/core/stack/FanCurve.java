package roadbreeze.core.stack;

import org.hipparchus.stat.regression.SimpleRegression;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A fan at its reference speed in air of 1.2 kg/m³: {@code p = p0 − p0/Q0² · Q²}. Beyond free
 * delivery it is a resistance; at rest it is only that.
 *
 * @param shutoffPressure p0, Pa
 * @param freeFlow Q0, free-air delivery, m³/s
 * @param estimated true if only the free-air figure is known and p0 is a guess
 */
public record FanCurve(double shutoffPressure, double freeFlow, boolean estimated) {
  public static final Range SHUTOFF = new Range(Quantity.FAN_SHUTOFF, 10, 3000);
  public static final Range FREE_FLOW = new Range(Quantity.FAN_FREE_FLOW, 0.02, 10);

  /** Shut-off pressure of a typical electric fan, assumed where a box gives only free-air flow. */
  public static final double TYPICAL_SHUTOFF = 220;

  private static final double REFERENCE_DENSITY = 1.2;

  public FanCurve {
    SHUTOFF.require(shutoffPressure);
    FREE_FLOW.require(freeFlow);
  }

  /** The same fan moving more or less, at the pressure it has. */
  public FanCurve withFreeFlowScaled(double factor) {
    return new FanCurve(shutoffPressure, freeFlow * factor, estimated);
  }

  public static FanCurve fromFreeAirFlow(double freeFlow) {
    return new FanCurve(TYPICAL_SHUTOFF, freeFlow, true);
  }

  /**
   * Least-squares fit through measured points; in Q² the curve is a straight line.
   *
   * @param flow m³/s, at least two different ones
   * @param pressure Pa, one per flow
   * @throws BadInputException if the points do not fall with flow
   */
  public static FanCurve through(double[] flow, double[] pressure) {
    if (flow.length != pressure.length || flow.length < 2) {
      throw Problem.FAN_CURVE_POINTS.refuse(pressure.length, flow.length);
    }
    SimpleRegression line = new SimpleRegression();
    for (int i = 0; i < flow.length; i++) {
      line.addData(flow[i] * flow[i], pressure[i]);
    }
    if (!(line.getSlope() < 0)) {
      throw Problem.FAN_CURVE_RISES.refuse();
    }
    double shutoff = line.getIntercept();
    return new FanCurve(shutoff, Math.sqrt(shutoff / -line.getSlope()), false);
  }

  /**
   * Pressure rise, Pa; negative where the fan only resists.
   *
   * @param flow m³/s
   * @param speedRatio speed over the curve's reference speed, ≥ 0
   * @param density of the air, kg/m³
   */
  public double pressure(double flow, double speedRatio, double density) {
    double relative = flow / freeFlow;
    return density
        / REFERENCE_DENSITY
        * shutoffPressure
        * (speedRatio * speedRatio - relative * relative);
  }

  /** How the pressure changes with flow, Pa/(m³/s); never rising. */
  double slope(double flow, double density) {
    return -2 * density / REFERENCE_DENSITY * shutoffPressure * flow / (freeFlow * freeFlow);
  }
}
