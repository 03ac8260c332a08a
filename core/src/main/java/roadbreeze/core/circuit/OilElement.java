package roadbreeze.core.circuit;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** One thing the transmission fluid passes on its way back to the sump. */
public sealed interface OilElement {
  /**
   * The oil cooler inside a radiator end tank. It works both ways: it heats cold oil.
   *
   * @param conductance W/K, usually 150 to 450
   */
  record InTank(double conductance) implements OilElement {
    public static final Range CONDUCTANCE = new Range(Quantity.TANK_CONDUCTANCE, 20, 1000);

    public InTank {
      CONDUCTANCE.require(conductance);
    }
  }

  /**
   * A cooler of the pack.
   *
   * @param layer id of its layer in the stack
   * @param bypass what lets oil past its core
   */
  record PackCooler(String layer, Bypass bypass) implements OilElement {}
}
