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

  /** How the engine breathes and burns, with defaults from the spread of Heywood's tables. */
  public enum Kind {
    PETROL(150e3, 0.38, 0.24, 1),
    DIESEL(190e3, 0.46, 0.19, 1),
    /** Boost makes up most of thin air: torque falls with the fourth root of density only. */
    BOOSTED_DIESEL(190e3, 0.46, 0.19, 0.25);

    final double frictionPressure;
    final double indicatedEfficiency;
    final double coolantShare;
    final double densityExponent;

    Kind(
        double frictionPressure,
        double indicatedEfficiency,
        double coolantShare,
        double densityExponent) {
      this.frictionPressure = frictionPressure;
      this.indicatedEfficiency = indicatedEfficiency;
      this.coolantShare = coolantShare;
      this.densityExponent = densityExponent;
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

  private static final double REFERENCE_DENSITY = Air.at(25, 0).density();

  private final Kind kind;
  private final double displacement;
  private final PolynomialSplineFunction torque;
  private final double lowestSpeed;
  private final double highestSpeed;
  private final double greatestPower;

  /**
   * @param displacement m³
   * @param rpm rising, at least two points
   * @param torque full load at 25 °C and sea level, N·m, one per rpm
   */
  public Engine(Kind kind, double displacement, double[] rpm, double[] torque) {
    this.kind = kind;
    this.displacement = DISPLACEMENT.require(displacement);
    if (rpm.length < 2 || rpm.length != torque.length) {
      throw Problem.TORQUE_POINTS.refuse();
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

  /**
   * Full-load torque, N·m, derated by air density; level below the curve's first point, none past
   * its last.
   */
  public double fullLoadTorque(double speed, double airDensity) {
    if (speed > highestSpeed) {
      return 0;
    }
    return torque.value(Math.max(lowestSpeed, speed)) * derating(airDensity);
  }

  double derating(double airDensity) {
    return Math.min(1, Math.pow(airDensity / REFERENCE_DENSITY, kind.densityExponent));
  }

  /** No point of the curve gives more than this, W, before derating. */
  double greatestPower() {
    return greatestPower;
  }

  /** Power in the fuel, W: {@code (P_brake + fmep·V_d·N/120)/η_i}. */
  public double fuelPower(double brakePower, double speed) {
    double friction = kind.frictionPressure * displacement * Rpm.fromRadPerSecond(speed) / 120;
    return (brakePower + friction) / kind.indicatedEfficiency;
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
