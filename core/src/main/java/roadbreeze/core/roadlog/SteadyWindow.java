package roadbreeze.core.roadlog;

import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margin;

/**
 * A stretch of a drive in which speed, grade, fans and temperatures stood still: what it shed then
 * is what came in, and can be held against another such stretch.
 *
 * @param from s since the run began
 * @param to the same
 * @param at what it was driven at, on average
 * @param fans mean of the switched fans, 0 to 1 (-); not a number where nobody knows
 * @param knownAir whether the air conditioning ran is known
 * @param slip of the converter, mean (-); not a number where it is not known
 * @param heat of the model there, empty where the model cannot drive it
 */
public record SteadyWindow(
    double from,
    double to,
    boolean stands,
    OperatingPoint at,
    double fans,
    boolean knownAir,
    double slip,
    Held coolant,
    Held pan,
    Held feed,
    Optional<Heat> heat) {

  /**
   * A temperature over the window.
   *
   * @param mean °C; not a number where it was not recorded
   * @param drift K/s
   * @param error of the mean by the noise of its readings, one standard deviation, K
   * @param steady it drifted no more than the rule allows
   * @param near it drifted so little more that what it stored can be taken off, less surely
   */
  public record Held(double mean, double drift, double error, boolean steady, boolean near) {
    static final Held NONE = new Held(Double.NaN, Double.NaN, Double.NaN, false, false);
  }

  /**
   * What came in, W, and how sure that is beside what all windows of the truck share.
   *
   * @param engine into the coolant
   * @param oil converter and gearbox into the oil
   * @param byGrade standard deviation by what the grade may be off, relative
   * @param byWind by wind along the road, relative; the same for all windows of a drive
   * @param opening of the thermostat at the window's coolant (-)
   * @param oilShare that the gearbox's own bypass sends to the coolers (-)
   */
  public record Heat(
      double engine, double oil, Doubt byGrade, Doubt byWind, double opening, double oilShare) {}

  /** Relative, of the heat into coolant and into oil. */
  public record Doubt(double engine, double oil) {}

  public double seconds() {
    return to - from;
  }

  public Held of(Fluid fluid) {
    return switch (fluid) {
      case COOLANT -> coolant;
      case FEED -> feed;
      case PAN -> pan;
    };
  }

  /** Less heat, or less over the air, tells nothing: W and K; own. */
  private static final double LEAST_ENGINE_HEAT = 8000;

  private static final double LEAST_OIL_HEAT = 600;
  private static final double LEAST_RISE = 12;

  /** Of a temperature sensor, in a stream or in the air, nine in ten, K; own default. */
  static final double SENSOR = 1.0;

  /** What a kelvin stores, one standard deviation, relative; own. */
  private static final double STORE_OFF = 0.2;

  /** A thermostat that is not wide open decides by itself what is shed (-). */
  private static final double WIDE = 0.97;

  /** Why a window says nothing of a fluid; null where it does. */
  public ProofSays silent(Fluid fluid) {
    Held held = of(fluid);
    if (Double.isNaN(held.mean)) {
      return ProofSays.NOT_RECORDED;
    }
    if (!held.near) {
      return ProofSays.DRIFTS;
    }
    if (heat.isEmpty()) {
      return ProofSays.NOT_IN_MODEL;
    }
    boolean little =
        fluid == Fluid.COOLANT
            ? heat.get().engine < LEAST_ENGINE_HEAT
            : heat.get().oil < LEAST_OIL_HEAT;
    if (little || held.mean - at.ambient() < LEAST_RISE) {
      return ProofSays.LITTLE_HEAT;
    }
    if (fluid == Fluid.COOLANT && heat.get().opening < WIDE) {
      return ProofSays.THERMOSTAT_REGULATES;
    }
    return fluid != Fluid.COOLANT && heat.get().oilShare < WIDE ? ProofSays.BYPASS_REGULATES : null;
  }

  /** Of the model, into the coolant or the oil, less what it stores, W. */
  double shed(Fluid fluid) {
    return fluid == Fluid.COOLANT
        ? heat.orElseThrow().engine - HaulRun.ENGINE_CAPACITY * coolant.drift
        : heat.orElseThrow().oil - HaulRun.SUMP_CAPACITY * (pan.steady ? pan : of(fluid)).drift;
  }

  /** Kelvin over the air for each watt that is shed; {@link #silent} must not be. */
  public double kelvinPerWatt(Fluid fluid) {
    return (of(fluid).mean - at.ambient()) / shed(fluid);
  }

  /**
   * A truck at rest at what the window was driven at, with the fans that ran.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if it cannot drive there
   */
  Balance balance(Setup setup, OperatingPoint where) {
    Rig blown =
        HaulRun.blown(
            Assembly.rig(setup),
            setup.switchedFans(),
            k -> fans >= 0.5,
            Habits.usual(where.airConditioning()),
            false);
    return new SteadyBalance(blown).quiet().solve(where);
  }

  /** Half width of nineteen in twenty of that, relative. */
  public double spread(Fluid fluid) {
    return EqualTerms.NINETEEN_IN_TWENTY * Math.hypot(ownError(fluid), sharedError(fluid));
  }

  /** Standard deviation of that, relative, of this window alone. */
  double ownError(Fluid fluid) {
    double rise = of(fluid).mean - at.ambient();
    Doubt grade = heat.orElseThrow().byGrade;
    double in = fluid == Fluid.COOLANT ? heat.get().engine : heat.get().oil;
    double stored = STORE_OFF * Math.abs(in - shed(fluid)) / shed(fluid);
    double noise = Math.hypot(of(fluid).error / rise, stored);
    return Math.hypot(noise, fluid == Fluid.COOLANT ? grade.engine : grade.oil);
  }

  /** By what all windows of one drive have in common, relative: wind, and both sensors. */
  double sharedError(Fluid fluid) {
    double rise = of(fluid).mean - at.ambient();
    Doubt wind = heat.orElseThrow().byWind;
    double sensors = Math.sqrt(2) * SENSOR / Margin.NINE_IN_TEN;
    return Math.hypot(sensors / rise, fluid == Fluid.COOLANT ? wind.engine : wind.oil);
  }
}
