package roadbreeze.core.exchanger;

/** What fins are made of: thermal conductivity in W/(m·K) and usual thickness in m. */
public enum FinMetal {
  ALUMINIUM(205, 0.08e-3),
  COPPER(390, 0.05e-3);

  final double conductivity;
  final double thickness;

  FinMetal(double conductivity, double thickness) {
    this.conductivity = conductivity;
    this.thickness = thickness;
  }
}
