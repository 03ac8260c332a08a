package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.Coolant;

/**
 * Coolant side of a radiator core: flat tubes across the width, one per tube pitch and row, one
 * pass.
 */
public final class RadiatorTubes {
  private static final double ROW_DEPTH = 0.020;
  private static final double INSIDE_GAP = 1.4e-3;
  private static final double LAMINAR_NUSSELT = 5.4;

  private final double hydraulicDiameter;
  private final double flowArea;
  private final double surfacePerFace;
  private final int rows;

  /**
   * @param height m, across the tubes
   * @param depth m
   * @param tubePitch m
   */
  public RadiatorTubes(double height, double depth, double tubePitch) {
    rows = (int) Math.max(1, Math.round(depth / ROW_DEPTH));
    double insideWidth = 0.9 * depth / rows;
    double perimeter = 2 * (insideWidth + INSIDE_GAP);
    int tubes = (int) Math.max(1, Math.floor(height / tubePitch + 1e-6)) * rows;
    hydraulicDiameter = 4 * insideWidth * INSIDE_GAP / perimeter;
    flowArea = tubes * insideWidth * INSIDE_GAP;
    surfacePerFace = tubes * perimeter / height;
  }

  public int rows() {
    return rows;
  }

  /** Reynolds number in the tubes (-). */
  public double reynolds(double massFlow, Coolant coolant, double temperature) {
    return massFlow / flowArea * hydraulicDiameter / coolant.viscosity(temperature);
  }

  /** True where the coolant runs fully turbulent; below, a tube gives its heat badly. */
  public boolean turbulent(double massFlow, Coolant coolant, double temperature) {
    return reynolds(massFlow, coolant, temperature) >= TubeFlow.TURBULENT_START;
  }

  /**
   * Coolant-side conductance, W/(m²·K) of face.
   *
   * @param massFlow kg/s, > 0
   * @param temperature bulk, °C
   */
  public double conductance(double massFlow, Coolant coolant, double temperature) {
    double re = reynolds(massFlow, coolant, temperature);
    // The Prandtl number matters only past the laminar range.
    double nusselt =
        re <= TubeFlow.LAMINAR_END
            ? LAMINAR_NUSSELT
            : TubeFlow.nusselt(re, coolant.prandtl(temperature), LAMINAR_NUSSELT);
    return nusselt * coolant.conductivity(temperature) / hydraulicDiameter * surfacePerFace;
  }
}
