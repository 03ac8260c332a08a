package roadbreeze.core.circuit;

import roadbreeze.core.line.Bypass;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** One thing the transmission fluid passes on its way back to the sump. */
public sealed interface OilElement {
  /**
   * An oil cooler in the engine's coolant. It works both ways: it heats cold oil.
   *
   * @param conductance UA0 at the usual coolant flow of a climb, W/K, usually 150 to 450
   */
  record InTank(double conductance, Place place) implements OilElement {
    public static final Range CONDUCTANCE = new Range(Quantity.TANK_CONDUCTANCE, 20, 1000);

    /** Which coolant it stands in. */
    public enum Place {
      /** In the radiator's outlet tank, a mixed volume of coolant on its way back to the engine. */
      OUTLET_TANK,
      /** A plate exchanger in the coolant that leaves the engine, whatever the thermostat does. */
      ENGINE_SIDE
    }

    /** Share of the resistance that oil and wall make; the coolant makes the rest. */
    private static final double OIL_AND_WALL = 0.7;

    /** Coolant's film over its mass flow (Kern). */
    private static final double FLOW_EXPONENT = 0.6;

    /** Free convection keeps the coolant's film from falling below this. */
    private static final double LEAST_FILM = 0.1;

    /** A climb has about this share of the pump's flow at 4000 rpm. */
    private static final double USUAL_FLOW = 0.7;

    public InTank {
      CONDUCTANCE.require(conductance);
    }

    /**
     * UA, W/K.
     *
     * @param massFlow coolant past it, kg/s
     * @param pumpFlowAt4000 kg/s
     */
    public double conductance(double massFlow, double pumpFlowAt4000) {
      double film =
          Math.max(LEAST_FILM, Math.pow(massFlow / (USUAL_FLOW * pumpFlowAt4000), FLOW_EXPONENT));
      return conductance / (OIL_AND_WALL + (1 - OIL_AND_WALL) / film);
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
