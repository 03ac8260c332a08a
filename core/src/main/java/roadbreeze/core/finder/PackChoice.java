package roadbreeze.core.finder;

import java.util.List;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/**
 * The truck with one choice of fans, radiator and small fixes.
 *
 * @param setup without an auxiliary oil cooler, for one that is searched to take their place
 * @param kept with those it has
 * @param coolers whether searched coolers are tried in it
 * @param cost of what differs from the truck restored, in the yard's money
 * @param minutes of work it takes
 */
public record PackChoice(
    String id,
    Setup setup,
    Rig rig,
    Setup kept,
    Rig keptRig,
    boolean coolers,
    double cost,
    double minutes) {
  public PackChoice(String id, Setup kept, boolean coolers, double cost, double minutes) {
    this(id, bare(kept), kept, coolers, cost, minutes);
  }

  private PackChoice(
      String id, Setup bare, Setup kept, boolean coolers, double cost, double minutes) {
    this(id, bare, Assembly.rig(bare), kept, Assembly.rig(kept), coolers, cost, minutes);
  }

  private static Setup bare(Setup kept) {
    return kept.with(kept.fitting().withCoolers(List.of()));
  }
}
