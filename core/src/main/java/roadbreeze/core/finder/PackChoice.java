package roadbreeze.core.finder;

import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/**
 * The truck with one choice of fans and radiator and no auxiliary oil cooler.
 *
 * @param cost of what differs from the truck restored, in the yard's money
 * @param minutes of work it takes
 */
public record PackChoice(String id, Setup setup, Rig rig, double cost, double minutes) {
  public PackChoice(String id, Setup setup, double cost, double minutes) {
    this(id, setup, Assembly.rig(setup), cost, minutes);
  }
}
