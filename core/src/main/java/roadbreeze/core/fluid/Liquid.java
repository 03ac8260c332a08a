package roadbreeze.core.fluid;

/** Properties of a liquid at a temperature in °C. */
public interface Liquid {
  /** kg/m³ */
  double density(double temperature);

  /** J/(kg·K) */
  double specificHeat(double temperature);

  /** Thermal conductivity, W/(m·K). */
  double conductivity(double temperature);

  /** Dynamic viscosity, Pa·s. */
  double viscosity(double temperature);

  /** Prandtl number (-). */
  default double prandtl(double temperature) {
    return viscosity(temperature) * specificHeat(temperature) / conductivity(temperature);
  }
}
