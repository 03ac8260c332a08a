package roadbreeze.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.explain.Code;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.stack.FanCurve;

/**
 * A fan, or a pair on one shroud, as it is built.
 *
 * @param count blades side by side that the curve is the sum of
 * @param diameter of the blades, m
 * @param curve at its reference speed, before any correction by a traverse
 * @param electricalPower of an electric fan whose current is known, W
 * @param pulleyRatio and the following: of a fan on the engine
 * @param referencePower shaft power at its reference speed, W
 * @param clutchLimitRpm a clutch carries no more than this; {@link #USUAL_CLUTCH_LIMIT} if not
 *     known
 * @param gripsFrom air behind the radiator for a bimetal clutch, coolant for a controlled one, °C
 */
@RecordBuilder
public record FanUnit(
    Type kind,
    int count,
    double diameter,
    FanCurve curve,
    OptionalDouble electricalPower,
    OptionalDouble pulleyRatio,
    OptionalDouble referenceRpm,
    OptionalDouble referencePower,
    OptionalDouble gripsFrom,
    OptionalDouble gripsFully,
    OptionalDouble clutchLimitRpm)
    implements FanUnitBuilder.With {
  /** Air power over electrical power; usual of brushed axial fans. */
  private static final double FAN_EFFICIENCY = 0.45;

  // A viscous clutch never lets go wholly, nor holds wholly: usual shares of the pulley's speed.
  private static final double CLUTCH_RELEASED = 0.25;
  private static final double CLUTCH_FULL = 0.9;

  /** Speed that a viscous clutch carries at most, rpm; our own default. */
  public static final double USUAL_CLUTCH_LIMIT = 2600;

  /** Least engagement of a controlled clutch while the air conditioning runs; usual calibration. */
  private static final double AIR_CONDITIONING_FLOOR = 0.5;

  /** What turns it. */
  public enum Type {
    ELECTRIC,
    BELT,
    VISCOUS,
    CONTROLLED;

    public boolean onEngine() {
      return this != ELECTRIC;
    }
  }

  /**
   * @param sensorOffset the coolant sensor reads so much too low, K
   * @param held a driver's switch holds a controlled clutch fully gripped
   * @throws roadbreeze.core.problem.BadInputException if a fan on the engine lacks what turns it
   */
  FanDrive drive(double sensorOffset, boolean held) {
    return switch (kind) {
      case ELECTRIC -> electric();
      // A solid fan always follows its pulley whole, however fast.
      case BELT -> new FanDrive.Viscous(belt(Double.POSITIVE_INFINITY, 1, 1), 0, 1);
      case VISCOUS ->
          new FanDrive.Viscous(
              clutched(),
              needed(Quantity.GRIPS_FROM, gripsFrom),
              needed(Quantity.GRIPS_FULLY, gripsFully));
      case CONTROLLED ->
          new FanDrive.Controlled(
              clutched(),
              needed(Quantity.GRIPS_FROM, gripsFrom) + sensorOffset,
              needed(Quantity.GRIPS_FULLY, gripsFully) + sensorOffset,
              AIR_CONDITIONING_FLOOR,
              held);
    };
  }

  static FanDrive electric() {
    return new FanDrive.Electric(1, FAN_EFFICIENCY);
  }

  private FanDrive.Belt clutched() {
    return belt(clutchLimitRpm.orElse(USUAL_CLUTCH_LIMIT), CLUTCH_RELEASED, CLUTCH_FULL);
  }

  private FanDrive.Belt belt(double limitRpm, double released, double full) {
    return new FanDrive.Belt(
        needed(Quantity.PULLEY_RATIO, pulleyRatio),
        limitRpm,
        needed(Quantity.REFERENCE_RPM, referenceRpm),
        needed(Quantity.REFERENCE_POWER, referencePower),
        released,
        full);
  }

  private static double needed(Code what, OptionalDouble value) {
    return value.orElseThrow(() -> Problem.FAN_NEEDS.refuse(what));
  }

  /** The same with its clutch grown solid. */
  public FanUnit lockedUp() {
    return withKind(Type.BELT);
  }
}
