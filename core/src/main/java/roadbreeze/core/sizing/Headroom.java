package roadbreeze.core.sizing;

import java.util.List;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;

/**
 * The headroom strip of one build: three margins and the balance behind them.
 *
 * @param boilingPoint of the coolant under its cap here, °C
 * @param spread where the bands come from
 */
public record Headroom(
    Margin coolant,
    Margin feed,
    Margin pan,
    double boilingPoint,
    Balance balance,
    Uncertainty spread) {

  /**
   * @param capPressure gauge, Pa
   * @throws roadbreeze.core.problem.NotConvergedException if there is no steady state
   */
  public static Headroom of(Rig rig, OperatingPoint point, Limits limits, double capPressure) {
    return of(rig, point, limits, capPressure, Uncertainty.SOURCES, List.of());
  }

  /**
   * The same with other spreads of the model, and with inputs that nobody has measured.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if there is no steady state
   */
  public static Headroom of(
      Rig rig,
      OperatingPoint point,
      Limits limits,
      double capPressure,
      List<Uncertainty.Source> sources,
      List<Uncertainty.Doubt> doubts) {
    SteadyBalance solver = new SteadyBalance(rig);
    Balance balance = solver.solve(point);
    Uncertainty band = Uncertainty.near(solver, point, sources, doubts);
    double boiling = rig.coolantLoop().coolant().boilingPoint(capPressure, point.altitude());
    return new Headroom(
        new Margin(balance.coolant(), limits.coolantUnder(boiling), band.coolant()),
        new Margin(balance.feed(), limits.feed(), band.feed()),
        new Margin(balance.sump(), limits.pan(), band.sump()),
        boiling,
        balance,
        band);
  }

  public Margins margins() {
    return new Margins(coolant, feed, pan);
  }

  /** The worst of the three. */
  public Standing standing() {
    return margins().standing();
  }

  /** The margin of one of the three. */
  public Margin of(Fluid fluid) {
    return margins().of(fluid);
  }

  /** The fluid whose limit is nearest in nine cases of ten. */
  public Fluid binding() {
    return margins().binding();
  }

  /** The least headroom of the three in nine cases of ten, K. */
  public double sure() {
    return margins().sure();
  }
}
