package roadbreeze.core.vehicle;

import java.util.List;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** A four-stroke engine: full-load torque and the heat it gives the coolant (Willans line). */
public final class Engine {
  public static final Range DISPLACEMENT = new Range(Quantity.ENGINE_DISPLACEMENT, 0.2e-3, 20e-3);
  public static final Range IDLE_RPM = new Range(Quantity.IDLE_RPM, 300, 1500);

  /** How the engine breathes and burns, with defaults from the spread of Heywood's tables. */
  public enum Kind {
    PETROL(150e3, 0.38, 0.24, 1.2, 0.6, 700),
    DIESEL(190e3, 0.46, 0.19, 1, 0.7, 650),
    /** Boost makes up half of what thin air takes: half of petrol's exponents. */
    BOOSTED_DIESEL(190e3, 0.46, 0.19, 0.6, 0.3, 650);

    final double frictionPressure;
    final double indicatedEfficiency;
    final double coolantShare;
    final double pressureExponent;
    final double temperatureExponent;
    final double idleRpm;

    Kind(
        double frictionPressure,
        double indicatedEfficiency,
        double coolantShare,
        double pressureExponent,
        double temperatureExponent,
        double idleRpm) {
      this.frictionPressure = frictionPressure;
      this.indicatedEfficiency = indicatedEfficiency;
      this.coolantShare = coolantShare;
      this.pressureExponent = pressureExponent;
      this.temperatureExponent = temperatureExponent;
      this.idleRpm = idleRpm;
    }

    /** Usual idle speed. */
    public double idleRpm() {
      return idleRpm;
    }

    /** Friction mean effective pressure, Pa. */
    public double frictionPressure() {
      return frictionPressure;
    }

    public double indicatedEfficiency() {
      return indicatedEfficiency;
    }

    /** κ, share of the fuel's power that reaches the coolant (±15 %). */
    public double coolantShare() {
      return coolantShare;
    }
  }

  // Air that torque curves are given for, and what dense air may add at most (ISO 1585).
  private static final double REFERENCE_PRESSURE = 101.3e3;
  private static final double REFERENCE_KELVIN = 298;
  private static final double MOST_GAIN = 1.05;

  /** Of the power that motors an engine, what its coolant gets; our own default. */
  private static final double MOTORED_SHARE = 0.5;

  private final Kind kind;
  private final double displacement;
  private final PolynomialSplineFunction torque;
  private final double idleSpeed;
  private final double lowestSpeed;
  private final double highestSpeed;
  private final double greatestPower;

  /**
   * @param displacement m³
   * @param rpm rising, at least two points
   * @param torque full load at 25 °C and sea level, N·m, one per rpm
   * @param idleRpm never turns slower
   */
  public Engine(Kind kind, double displacement, double[] rpm, double[] torque, double idleRpm) {
    this.kind = kind;
    idleSpeed = Rpm.toRadPerSecond(IDLE_RPM.require(idleRpm));
    this.displacement = DISPLACEMENT.require(displacement);
    if (rpm.length < 2 || rpm.length != torque.length) {
      throw Problem.TORQUE_POINTS.refuse(torque.length, rpm.length);
    }
    double[] speed = new double[rpm.length];
    double greatest = 0;
    for (int i = 0; i < rpm.length; i++) {
      speed[i] = Rpm.toRadPerSecond(Range.requirePositive(Quantity.ENGINE_RPM, rpm[i]));
      Range.requirePositive(Quantity.ENGINE_TORQUE, torque[i]);
      if (i > 0 && !(rpm[i] > rpm[i - 1])) {
        throw Problem.TORQUE_SPEEDS.refuse();
      }
      // Ends of a segment bound the power inside it.
      greatest = Math.max(greatest, speed[i] * Math.max(torque[i], torque[Math.max(0, i - 1)]));
    }
    this.torque = new LinearInterpolator().interpolate(speed, torque);
    lowestSpeed = speed[0];
    highestSpeed = speed[speed.length - 1];
    greatestPower = greatest;
  }

  public Kind kind() {
    return kind;
  }

  /** rad/s */
  public double idleSpeed() {
    return idleSpeed;
  }

  /**
   * Full-load torque in some air, N·m; level below the curve's first point, none past its last.
   *
   * @param speed rad/s
   */
  public double fullLoadTorque(double speed, Air air) {
    if (speed > highestSpeed) {
      return 0;
    }
    return torque.value(Math.max(lowestSpeed, speed)) * torqueShare(air);
  }

  /**
   * What the air leaves of the curve (-).
   *
   * @see "ISO 1585; humidity left out, boosted diesel our own reading of it"
   */
  public double torqueShare(Air air) {
    double pressure = air.pressure() / REFERENCE_PRESSURE;
    double warmth = REFERENCE_KELVIN / (air.temperature() + Air.KELVIN);
    return Math.min(
        MOST_GAIN,
        Math.pow(pressure, kind.pressureExponent) * Math.pow(warmth, kind.temperatureExponent));
  }

  /** No point of the curve gives more than this, W, before the air's share. */
  double greatestPower() {
    return greatestPower;
  }

  /** What it takes to turn, W: {@code fmep·V_d·N/120}. */
  double frictionPower(double speed) {
    return kind.frictionPressure * displacement * Rpm.fromRadPerSecond(speed) / 120;
  }

  /** Power in the fuel, W: {@code (P_brake + fmep·V_d·N/120)/η_i}. */
  public double fuelPower(double brakePower, double speed) {
    return Math.max(0, brakePower + frictionPower(speed)) / kind.indicatedEfficiency;
  }

  /**
   * Heat that the coolant gets, W: the fuel's share, and of what motors it with the fuel cut a
   * half.
   *
   * @param brakePower negative where the hill turns it
   * @param factor on the share κ (-)
   */
  public double coolantHeat(double brakePower, double speed, double factor) {
    return factor * kind.coolantShare * fuelPower(brakePower, speed)
        + MOTORED_SHARE * Math.max(0, -brakePower);
  }

  /** The heat a coolant gets of a brake power, with what went in; at the nominal κ. */
  public Step explain(double brakePower, double speed) {
    return new Step(
        "Q = κ·(P_brake + fmep·V_d·N/120)/η_i",
        Result.ENGINE_HEAT.with(kind.coolantShare * fuelPower(brakePower, speed)),
        List.of(
            Step.standard(Term.KAPPA, kind.coolantShare),
            Step.standard(Term.FRICTION_PRESSURE, kind.frictionPressure),
            Step.standard(Term.INDICATED_EFFICIENCY, kind.indicatedEfficiency),
            Step.given(Term.DISPLACEMENT, displacement)),
        "Willans line; Heywood (1988), energy balance tables");
  }
}
