package roadbreeze.core.sizing;

import java.util.stream.Stream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;

/**
 * The headroom strip of one build: three margins and the balance behind them.
 *
 * @param boilingPoint of the coolant under its cap here, °C
 */
public record Headroom(
    Margin coolant, Margin feed, Margin pan, double boilingPoint, Balance balance) {

  /**
   * @param capPressure gauge, Pa
   * @throws roadbreeze.core.problem.NotConvergedException if there is no steady state
   */
  public static Headroom of(Rig rig, OperatingPoint point, Limits limits, double capPressure) {
    Balance balance = new SteadyBalance(rig).solve(point);
    Uncertainty band = Uncertainty.of(rig, point);
    double boiling =
        rig.coolantLoop().coolant().boilingPoint(capPressure, point.altitude());
    return new Headroom(
        new Margin(balance.coolant(), limits.coolantUnder(boiling), band.coolant()),
        new Margin(balance.feed(), limits.feed(), band.feed()),
        new Margin(balance.sump(), limits.pan(), band.sump()),
        boiling,
        balance);
  }

  /** The worst of the three. */
  public Standing standing() {
    return Stream.of(coolant, feed, pan)
        .map(Margin::standing)
        .max(Standing::compareTo)
        .orElseThrow();
  }
}
