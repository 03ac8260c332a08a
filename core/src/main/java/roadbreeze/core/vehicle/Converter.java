package roadbreeze.core.vehicle;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A torque converter: pump torque {@code C(s)·ωe²} with {@code C = C0(1 − s⁴)}, torque ratio
 * falling linearly from stall to 1 at a speed ratio of 0.86.
 */
public final class Converter {
  private static final double COUPLING_SPEED_RATIO = 0.86;

  private final double stallTorque;
  private final double capacity;
  private final double stallTorqueRatio;

  /**
   * @param stallTorque N·m at stall
   * @param stallRpm engine speed at stall, rpm
   * @param stallTorqueRatio turbine over pump torque at stall, 1.2 to 3.5
   */
  public Converter(double stallTorque, double stallRpm, double stallTorqueRatio) {
    double stallSpeed =
        Rpm.toRadPerSecond(new Range(Quantity.STALL_RPM, 800, 4500).require(stallRpm));
    this.stallTorque = Range.requirePositive(Quantity.STALL_TORQUE, stallTorque);
    capacity = stallTorque / (stallSpeed * stallSpeed);
    this.stallTorqueRatio =
        new Range(Quantity.STALL_TORQUE_RATIO, 1.2, 3.5).require(stallTorqueRatio);
  }

  /** At stall, N·m. */
  public double stallTorque() {
    return stallTorque;
  }

  /**
   * A working point.
   *
   * @param speedRatio turbine over engine speed (-)
   * @param engineSpeed rad/s
   * @param pumpTorque N·m
   * @param efficiency (-)
   */
  public record Slip(double speedRatio, double engineSpeed, double pumpTorque, double efficiency) {
    /** Heat into the fluid, W. */
    public double heat() {
      return pumpTorque * engineSpeed * (1 - efficiency);
    }

    /** What comes out of it, W. */
    public double turbinePower() {
      return pumpTorque * engineSpeed * efficiency;
    }
  }

  /**
   * The slip at which the turbine torque meets demand.
   *
   * @param turbineSpeed rad/s, > 0
   * @param turbineTorque N·m, > 0
   */
  public Slip slip(double turbineSpeed, double turbineTorque) {
    double demand = demand(turbineSpeed, turbineTorque);
    double s = demand <= given(COUPLING_SPEED_RATIO) ? coupled(demand) : multiplying(demand);
    return at(s, turbineSpeed / s);
  }

  /** True where the turbine meets that demand with a speed ratio of this or more. */
  boolean slipsLess(double leastSpeedRatio, double turbineSpeed, double turbineTorque) {
    return demand(turbineSpeed, turbineTorque) <= given(leastSpeedRatio);
  }

  /** Turbine torque over what the pump at stall takes at the turbine's speed (-). */
  private double demand(double turbineSpeed, double turbineTorque) {
    return turbineTorque / (capacity * turbineSpeed * turbineSpeed);
  }

  /** The demand met at a speed ratio: from very much at s → 0 steadily down to nothing at s = 1. */
  private double given(double s) {
    return torqueRatio(s) * (1 - s * s * s * s) / (s * s);
  }

  /** Where both torques are one, 1/s² − s² = demand. */
  private static double coupled(double demand) {
    return Math.sqrt((Math.sqrt(demand * demand + 4) - demand) / 2);
  }

  private double multiplying(double demand) {
    return new BracketingNthOrderBrentSolver(1e-14, 1e-12, 1e-9, 5)
        .solve(200, s -> Math.log(given(s) / demand), 1e-4, COUPLING_SPEED_RATIO);
  }

  /**
   * The working point at given speeds.
   *
   * @param speedRatio 0 at stall, to 1
   * @param engineSpeed rad/s
   */
  public Slip at(double speedRatio, double engineSpeed) {
    return new Slip(
        speedRatio,
        engineSpeed,
        pumpCapacity(speedRatio) * engineSpeed * engineSpeed,
        speedRatio * torqueRatio(speedRatio));
  }

  private double pumpCapacity(double s) {
    return capacity * (1 - s * s * s * s);
  }

  private double torqueRatio(double s) {
    return Math.max(1, stallTorqueRatio - (stallTorqueRatio - 1) * s / COUPLING_SPEED_RATIO);
  }
}
