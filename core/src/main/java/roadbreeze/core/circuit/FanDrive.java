package roadbreeze.core.circuit;

import roadbreeze.core.vehicle.Rpm;

/** What turns a fan. Speed ratios are over the reference speed of the fan's curve. */
public sealed interface FanDrive {
  /**
   * Speed with a clutch that grips as well as it does (-).
   *
   * @param engineSpeed rad/s
   */
  double gripped(double engineSpeed);

  /**
   * An electric fan, or any fan taken at a known speed. Its electrical power is part of the truck's
   * accessories.
   *
   * @param speedRatio speed follows voltage
   * @param efficiency air power over electrical power
   */
  record Electric(double speedRatio, double efficiency) implements FanDrive {
    @Override
    public double gripped(double engineSpeed) {
      return speedRatio;
    }
  }

  /** A fan on the engine whose clutch decides how much of the pulley's speed it follows. */
  sealed interface Clutched extends FanDrive {
    Belt belt();

    /** Engagement the clutch takes up, released to full. */
    double engagement(double airBehindRadiator, double coolant, boolean airConditioning);

    @Override
    default double gripped(double engineSpeed) {
      return belt().speedRatio(engineSpeed, belt().full);
    }
  }

  /**
   * The belt side of a fan on the engine. A coupling passes torque and not power, so the belt pays
   * for the fan's torque at the pulley's speed.
   *
   * @param pulleyRatio fan pulley over engine speed
   * @param limitRpm a viscous clutch carries no more than this; infinite for a solid fan
   * @param referenceRpm speed of the fan's curve
   * @param referencePower shaft power at that speed, W; the rotor's own grows with the cube of
   *     speed
   * @param released engagement when the clutch lets go
   * @param full engagement when it grips
   */
  record Belt(
      double pulleyRatio,
      double limitRpm,
      double referenceRpm,
      double referencePower,
      double released,
      double full) {

    /** Of the pulley, over the reference speed (-). */
    private double inputRatio(double engineSpeed) {
      return pulleyRatio * Rpm.fromRadPerSecond(engineSpeed) / referenceRpm;
    }

    /** Of the blades, over the reference speed (-). */
    double speedRatio(double engineSpeed, double engagement) {
      return Math.min(inputRatio(engineSpeed), limitRpm / referenceRpm) * engagement;
    }

    /** What the belt pays, W. */
    double power(double engineSpeed, double engagement) {
      double n = speedRatio(engineSpeed, engagement);
      return referencePower * n * n * inputRatio(engineSpeed);
    }

    double ramp(double temperature, double low, double high) {
      double share = Math.max(0, Math.min(1, (temperature - low) / (high - low)));
      return released + share * (full - released);
    }
  }

  /**
   * Viscous clutch with a bimetal spring in the air behind the radiator.
   *
   * @param low air temperature where it starts to grip, °C
   * @param high where it grips fully, °C
   */
  record Viscous(Belt belt, double low, double high) implements Clutched {
    @Override
    public double engagement(double airBehindRadiator, double coolant, boolean airConditioning) {
      return belt.ramp(airBehindRadiator, low, high);
    }
  }

  /**
   * Electrically controlled clutch: a duty ramp on coolant temperature.
   *
   * @param low coolant temperature where the duty starts to rise, °C
   * @param high where it is full, °C
   * @param airConditioningFloor least engagement while the air conditioning runs
   * @param override true when the driver has called for full
   */
  record Controlled(
      Belt belt, double low, double high, double airConditioningFloor, boolean override)
      implements Clutched {
    Controlled held() {
      return new Controlled(belt, low, high, airConditioningFloor, true);
    }

    @Override
    public double engagement(double airBehindRadiator, double coolant, boolean airConditioning) {
      double wanted = override ? belt.full : belt.ramp(coolant, low, high);
      return airConditioning ? Math.max(wanted, airConditioningFloor) : wanted;
    }
  }
}
