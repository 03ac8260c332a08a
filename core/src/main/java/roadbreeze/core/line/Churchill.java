package roadbreeze.core.line;

/** Darcy friction factor over all regimes of flow. */
final class Churchill {
  private Churchill() {}

  /**
   * @param re Reynolds number, > 0
   * @param relativeRoughness wall roughness over bore
   * @see "Churchill (1977), Chem. Eng. 84(24), 91–92"
   */
  static double frictionFactor(double re, double relativeRoughness) {
    double a = sixteenth(2.457 * Math.log(1 / (Math.pow(7 / re, 0.9) + 0.27 * relativeRoughness)));
    double b = sixteenth(37530 / re);
    double laminar = 8 / re;
    double third = laminar * laminar * laminar;
    double sum = a + b;
    return 8 * Math.pow(third * third * third * third + 1 / (sum * Math.sqrt(sum)), 1.0 / 12);
  }

  private static double sixteenth(double x) {
    double square = x * x;
    double fourth = square * square;
    double eighth = fourth * fourth;
    return eighth * eighth;
  }
}
