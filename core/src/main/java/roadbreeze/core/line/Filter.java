package roadbreeze.core.line;

import java.util.OptionalDouble;
import roadbreeze.core.fluid.TransmissionFluid;

/**
 * A filter in a line. Oil creeps through its medium: what that holds up goes with flow and
 * viscosity. A valve of its own lets oil past when it holds up too much; one without is counted as
 * loaded, for nobody sees when it is.
 *
 * @param hose index of the hose of the plan that it is in
 * @param resistance of the clean medium, Pa per m³/s and Pa·s
 * @param opens drop at which its own valve lets oil past, Pa; empty where it has none
 */
public record Filter(int hose, double resistance, OptionalDouble opens) implements Resistance {
  /** Flow at which sheets give the drop with hot oil, m³/s. */
  public static final double SHEET_FLOW = 10e-3 / 60;

  /** A loaded medium holds up so many times as much as a clean one; own default. */
  public static final double LOADED = 2;

  /** Of what its valve holds up once it is open, for each further Pascal; own default. */
  private static final double VALVE_SLOPE = 0.1;

  /** What one holds, m³; own default. */
  private static final double VOLUME = 0.25e-3;

  /**
   * @param dropOnSheet with clean hot oil at {@link #SHEET_FLOW}, Pa
   * @param oil that the sheet is for
   */
  public static Filter of(
      int hose, double dropOnSheet, TransmissionFluid oil, OptionalDouble opens) {
    double viscosity = oil.viscosity(OilCircuit.HOT);
    return new Filter(hose, dropOnSheet / SHEET_FLOW / viscosity, opens);
  }

  @Override
  public double pressureDrop(double volumeFlow, double density, double viscosity) {
    double clean = clean(volumeFlow, viscosity);
    if (opens.isEmpty()) {
      return LOADED * clean;
    }
    double over = clean - opens.getAsDouble();
    return over <= 0 ? clean : opens.getAsDouble() + VALVE_SLOPE * over;
  }

  /**
   * What its medium alone holds up while it is clean.
   *
   * @param volumeFlow m³/s
   * @param viscosity dynamic, Pa·s
   * @return Pa
   */
  public double clean(double volumeFlow, double viscosity) {
    return resistance * Math.max(0, volumeFlow) * viscosity;
  }

  @Override
  public double volume() {
    return VOLUME;
  }
}
