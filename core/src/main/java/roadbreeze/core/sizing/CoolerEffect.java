package roadbreeze.core.sizing;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/**
 * What the fitted coolers do against the same build without them, K.
 *
 * @param airLost share of the flow through the whole face
 */
public record CoolerEffect(double coolant, double feed, double pan, double airLost) {

  /**
   * @param with the balance of the rig with its coolers
   * @return empty where no cooler is fitted
   */
  public static Optional<CoolerEffect> of(
      Setup setup, Rig rig, OperatingPoint point, Balance with) {
    if (setup.fitting().coolers().isEmpty()) {
      return Optional.empty();
    }
    Rig bare = Assembly.rig(setup.with(setup.fitting().withCoolers(List.of())));
    Balance without = new SteadyBalance(bare).quiet().solve(point);
    return Optional.of(
        new CoolerEffect(
            with.coolant() - without.coolant(),
            with.feed() - without.feed(),
            with.sump() - without.sump(),
            1 - with.airFlow().totalFlow(rig.stack()) / without.airFlow().totalFlow(bare.stack())));
  }
}
