package roadbreeze.core.line;

import roadbreeze.core.fluid.Liquid;

/** Something that holds up what flows through it. */
public interface Resistance {
  /**
   * @param volumeFlow m³/s, ≥ 0
   * @param density kg/m³
   * @param viscosity dynamic, Pa·s
   * @return Pa, rising with the flow
   */
  double pressureDrop(double volumeFlow, double density, double viscosity);

  /** What it holds, m³. */
  double volume();

  /**
   * The same of a liquid.
   *
   * @param temperature °C
   */
  default double pressureDrop(double volumeFlow, Liquid liquid, double temperature) {
    return pressureDrop(volumeFlow, liquid.density(temperature), liquid.viscosity(temperature));
  }
}
