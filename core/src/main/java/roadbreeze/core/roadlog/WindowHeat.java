package roadbreeze.core.roadlog;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.vehicle.Powertrain;

/** What the model has coming in where something was read, and how sure that is. */
final class WindowHeat {
  /** Wind along the road that nobody recorded, nine in ten, m/s; own default. */
  private static final double WIND = 2;

  private static final double USUAL_COOLANT = 95;
  private static final double USUAL_OIL = 90;

  private WindowHeat() {}

  /** Temperatures that were read, °C; not a number where they were not. */
  record Warm(double coolant, double pan, double feed) {
    double oil() {
      return !Double.isNaN(pan) ? pan : !Double.isNaN(feed) ? feed : USUAL_OIL;
    }
  }

  /**
   * @param on switched fans that run, by their places among these
   * @param gradeError nine in ten, rise over run
   * @return empty where the model cannot drive there
   */
  static Optional<SteadyWindow.Heat> of(
      Setup setup,
      OperatingPoint at,
      boolean stands,
      List<Integer> on,
      double gradeError,
      Warm warm) {
    Rig rig = Assembly.rig(setup);
    Rig blown =
        HaulRun.blown(
            rig, setup.switchedFans(), on::contains, Habits.usual(at.airConditioning()), false);
    double hot = Double.isNaN(warm.coolant) ? USUAL_COOLANT : warm.coolant;
    double oil = warm.oil();
    double opening = rig.coolantLoop().thermostat().opening(hot);
    HeatExchange.State state =
        new HeatExchange.State(hot, hot - (hot - at.ambient()) / 5, oil, opening);
    try {
      HeatExchange.Flows here = flows(blown, at, stands, state);
      double error = gradeError / Margin.NINE_IN_TEN;
      SteadyWindow.Doubt grade =
          stands
              ? new SteadyWindow.Doubt(0, 0)
              : doubt(
                  here,
                  flows(blown, at.withGrade(at.grade() + error), false, state),
                  flows(blown, at.withGrade(at.grade() - error), false, state));
      double wind = WIND / Margin.NINE_IN_TEN;
      SteadyWindow.Doubt byWind =
          stands
              ? new SteadyWindow.Doubt(0, 0)
              : doubt(
                  here,
                  flows(blown, at.withHeadwind(wind), false, state),
                  flows(blown, at.withHeadwind(-wind), false, state));
      double share = rig.oilLoop().bypass().coreShare(oil);
      return Optional.of(
          new SteadyWindow.Heat(here.engine(), here.oilInput(), grade, byWind, opening, share));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  private static SteadyWindow.Doubt doubt(
      HeatExchange.Flows here, HeatExchange.Flows high, HeatExchange.Flows low) {
    return new SteadyWindow.Doubt(
        Math.abs(high.engine() - low.engine()) / 2 / here.engine(),
        Math.abs(high.oilInput() - low.oilInput()) / 2 / here.oilInput());
  }

  private static HeatExchange.Flows flows(
      Rig rig, OperatingPoint at, boolean stands, HeatExchange.State state) {
    double grip = rig.clutchedFan() < 0 ? 1 : rig.clutch().belt().full();
    HeatExchange exchange = exchange(rig, at, stands, grip);
    HeatExchange.Flows flows = exchange.at(state);
    if (rig.clutchedFan() >= 0) {
      exchange = exchange(rig, at, stands, exchange.wantedEngagement());
      flows = exchange.at(state);
    }
    return flows;
  }

  private static HeatExchange exchange(
      Rig rig, OperatingPoint at, boolean stands, double engagement) {
    return stands
        ? HeatExchange.standing(rig, Factors.NOMINAL, at, Powertrain.Standing.NEUTRAL, engagement)
        : HeatExchange.of(rig, Factors.NOMINAL, at, engagement);
  }
}
