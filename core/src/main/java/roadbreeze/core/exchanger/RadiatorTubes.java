package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.Coolant;

/**
 * Coolant side of a radiator core: flat tubes across the width, one per tube pitch and row, one
 * pass. Rows and tubes are densities and not rounded: a core 50 mm deep has two and a half rows.
 */
public final class RadiatorTubes {
  private static final double ROW_DEPTH = 0.020;
  private static final double INSIDE_GAP = 1.4e-3;

  /**
   * The tubes' inside: where turbulence starts and is full, and what the surface adds.
   *
   * @see "Olsson and Sundén (1996), ten radiator tubes: rough and dimpled ones leave laminar flow
   *     from Re 1000 on"
   */
  public enum Surface {
    PLAIN(2300, 4000, 1),
    DIMPLED(1000, 2500, 1.15);

    private final TubeFlow flow;
    private final double enhancement;

    /** Aluminium ones are dimpled since about 2000, copper ones plain. */
    public static Surface usualOf(FinMetal metal) {
      return metal == FinMetal.ALUMINIUM ? DIMPLED : PLAIN;
    }

    Surface(double laminarEnd, double turbulentStart, double enhancement) {
      flow = new TubeFlow(laminarEnd, turbulentStart);
      this.enhancement = enhancement;
    }
  }

  private final Surface surface;
  private final double hydraulicDiameter;
  private final double flowArea;
  private final double surfacePerFace;
  private final double rows;
  private final LaminarEntry entry;

  /**
   * @param width m, along the tubes
   * @param height m, across the tubes
   * @param depth m
   * @param tubePitch m
   */
  public RadiatorTubes(
      double width, double height, double depth, double tubePitch, Surface surface) {
    this.surface = surface;
    rows = Math.max(1, depth / ROW_DEPTH);
    double insideWidth = 0.9 * depth / rows;
    double perimeter = 2 * (insideWidth + INSIDE_GAP);
    double tubes = height / tubePitch * rows;
    hydraulicDiameter = 4 * insideWidth * INSIDE_GAP / perimeter;
    flowArea = tubes * insideWidth * INSIDE_GAP;
    surfacePerFace = tubes * perimeter / height;
    entry = new LaminarEntry(hydraulicDiameter / width);
  }

  /** All that they hold in a core of that width, m³. */
  public double volume(double width) {
    return flowArea * width;
  }

  public Surface surface() {
    return surface;
  }

  /** Of tubes behind each other, a density (-). */
  public double rows() {
    return rows;
  }

  /** Reynolds number in the tubes (-). */
  public double reynolds(double massFlow, Coolant coolant, double temperature) {
    return massFlow / flowArea * hydraulicDiameter / coolant.viscosity(temperature);
  }

  /** True where the coolant runs fully turbulent; below, a tube gives its heat badly. */
  public boolean turbulent(double massFlow, Coolant coolant, double temperature) {
    return reynolds(massFlow, coolant, temperature) >= surface.flow.turbulentStart();
  }

  /** Nusselt number in the tubes (-). */
  public double nusselt(double massFlow, Coolant coolant, double temperature) {
    double viscosity = coolant.viscosity(temperature);
    double re = massFlow / flowArea * hydraulicDiameter / viscosity;
    double pr = viscosity * coolant.specificHeat(temperature) / coolant.conductivity(temperature);
    return surface.enhancement * surface.flow.nusselt(re, pr, entry);
  }

  /**
   * Coolant-side conductance, W/(m²·K) of face.
   *
   * @param massFlow kg/s, > 0
   * @param temperature mean of inlet and outlet, °C
   */
  public double conductance(double massFlow, Coolant coolant, double temperature) {
    return nusselt(massFlow, coolant, temperature)
        * coolant.conductivity(temperature)
        / hydraulicDiameter
        * surfacePerFace;
  }
}
