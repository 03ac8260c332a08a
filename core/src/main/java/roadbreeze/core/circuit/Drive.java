package roadbreeze.core.circuit;

import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.air.Air;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The driveline of a rig at a place, as far as heat depends on it: the gearbox's cold oil and a fan
 * on the engine load the engine. Remembers its last state; not thread-safe.
 */
final class Drive {
  /** Spin loss that moves no temperature, relative. */
  private static final double SAME = 1e-7;

  /** No gearbox hunts for good: after so many shifts it stays in the lower gear; our own. */
  private static final int MOST_SHIFTS = 6;

  private final Rig rig;
  private final Factors factors;
  private final OperatingPoint point;
  private final Air air;

  /** How the truck stands, null where it drives. */
  private final Powertrain.Standing standing;

  private double engagement;
  private double thickness = Double.NaN;
  private Powertrain.State state;
  private int gear;
  private int shifts;
  private int highestGear;

  Drive(Rig rig, Factors factors, OperatingPoint point, Air air, double engagement) {
    this(rig, factors, point, air, engagement, null);
  }

  /** Of a truck that stands with its engine running. */
  static Drive standing(
      Rig rig,
      Factors factors,
      OperatingPoint place,
      Air air,
      double engagement,
      Powertrain.Standing how) {
    return new Drive(rig, factors, place, air, engagement, how);
  }

  private Drive(
      Rig rig,
      Factors factors,
      OperatingPoint point,
      Air air,
      double engagement,
      Powertrain.Standing standing) {
    this.standing = standing;
    this.rig = rig;
    this.factors = factors;
    this.point = point;
    this.air = air;
    this.engagement = engagement;
    highestGear = point.holdGear();
  }

  /** May hunt anew. */
  void forgetShifts() {
    shifts = 0;
    highestGear = point.holdGear();
  }

  /** Takes up how far the fan on the engine grips. */
  void grip(double newEngagement) {
    if (newEngagement != engagement) {
      engagement = newEngagement;
      state = null;
    }
  }

  double engagement() {
    return engagement;
  }

  /** How much more the gearbox's oil is to turn in than at 90 °C (-). */
  double spinThickness(double sump) {
    return Driveline.spinThickness(rig.oilLoop().fluid(), sump);
  }

  /**
   * The state with the gearbox's oil so thick.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot climb there
   */
  Powertrain.State at(double spinThickness) {
    if (state == null || Math.abs(spinThickness - thickness) > SAME * thickness) {
      thickness = spinThickness;
      int before = gear;
      drive();
      if (before != 0 && gear != before && ++shifts > MOST_SHIFTS) {
        highestGear = Math.min(before, gear);
        drive();
      }
    }
    return state;
  }

  private void drive() {
    if (standing != null) {
      state = rig.powertrain().standing(standing, belts(), thickness);
      return;
    }
    Powertrain.Task task =
        new Powertrain.Task(
            v ->
                rig.load()
                    .force(
                        point.grade(),
                        point.airSpeed(v),
                        point.surface(),
                        air.density(),
                        factors.get(Factor.DRAG_AREA)),
            highestGear,
            air,
            belts(),
            thickness);
    state = rig.powertrain().drive(task, point.speed());
    gear = state.gear();
  }

  private DoubleUnaryOperator belts() {
    Accessories accessories = rig.accessories();
    double fixed =
        accessories.basePower()
            + (point.airConditioning() ? accessories.airConditioningPower() : 0);
    return rig.clutchedFan() < 0
        ? engineSpeed -> fixed
        : engineSpeed -> fixed + beltFanPower(engineSpeed);
  }

  /** What the fan on the engine takes from its belt, W. */
  double beltFanPower(double engineSpeed) {
    int fan = rig.clutchedFan();
    return fan < 0 ? 0 : rig.clutch().belt().power(engineSpeed, grip(fan));
  }

  private double grip(int fan) {
    return engagement * rig.fanSettings().get(fan).condition();
  }

  /** Speed of each fan over its curve's reference speed. */
  double[] fanSpeedRatio(double engineSpeed) {
    double[] ratio = new double[rig.fanSettings().size()];
    for (int f = 0; f < ratio.length; f++) {
      FanSetting setting = rig.fanSettings().get(f);
      ratio[f] =
          setting.drive() instanceof FanDrive.Electric electric
              ? electric.speedRatio() * setting.condition()
              : rig.clutch().belt().speedRatio(engineSpeed, grip(f));
    }
    return ratio;
  }
}
