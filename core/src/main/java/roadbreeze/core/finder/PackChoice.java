package roadbreeze.core.finder;

import java.util.List;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.workorder.WorkScope;

/**
 * The truck with one choice of fans, radiator and small fixes.
 *
 * @param setup without an auxiliary oil cooler, for one that is searched to take their place
 * @param kept with those it has
 * @param coolers whether searched coolers are tried in it
 * @param cost of what differs from the truck restored, in the yard's money
 * @param work on the truck as found to come to it, with the coolers it has
 * @param bareWork the same without them
 */
public record PackChoice(
    String id,
    Setup setup,
    Rig rig,
    Setup kept,
    Rig keptRig,
    boolean coolers,
    double cost,
    WorkScope work,
    WorkScope bareWork) {
  /**
   * @param kept the truck with this choice and the coolers it has
   */
  public static PackChoice of(
      String id, Setup kept, boolean coolers, double cost, WorkScope work, WorkScope bareWork) {
    Setup bare = kept.with(kept.fitting().withCoolers(List.of()));
    return new PackChoice(
        id, bare, Assembly.rig(bare), kept, Assembly.rig(kept), coolers, cost, work, bareWork);
  }
}
