package roadbreeze.core.circuit;

import roadbreeze.core.exchanger.Effectiveness;

/**
 * What each cell of one core gives per kelvin between the inlets of its two streams. Not
 * thread-safe.
 */
final class CoreCells {
  private final AirSide air;
  private final int layer;
  private final double factor;
  private final double[] perKelvin;
  private double inside = Double.NaN;
  private double stream = Double.NaN;
  private int blown = -1;

  /**
   * @param factor on the overall conductance (-)
   */
  CoreCells(AirSide air, int layer, double factor) {
    this.air = air;
    this.layer = layer;
    this.factor = factor;
    perKelvin = new double[air.areas.length];
  }

  /**
   * Takes up what flows inside.
   *
   * @param newInside W/(m²·K) of face
   * @param newStream capacity rate of the whole core, W/K
   * @param care all stays while both have moved by less since it was last worked out
   */
  void take(double newInside, double newStream, Care care) {
    if (blown == air.blown()
        && Math.abs(newInside - inside) <= care.sameStream() * inside
        && Math.abs(newStream - stream) <= care.sameStream() * stream) {
      return;
    }
    blown = air.blown();
    inside = newInside;
    stream = newStream;
    for (int p = 0; p < perKelvin.length; p++) {
      int place = air.placeOf(p, layer);
      if (place >= 0) {
        perKelvin[p] =
            Effectiveness.heat(
                air.outside[p][place],
                inside * air.areas[p],
                factor,
                air.through(p, place),
                stream * air.areas[p] / air.wetted[layer],
                1);
      }
    }
  }

  /** Of the cell in a path, W/K. */
  double perKelvin(int path) {
    return perKelvin[path];
  }
}
