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
    double a =
        Math.pow(2.457 * Math.log(1 / (Math.pow(7 / re, 0.9) + 0.27 * relativeRoughness)), 16);
    double b = Math.pow(37530 / re, 16);
    return 8 * Math.pow(Math.pow(8 / re, 12) + Math.pow(a + b, -1.5), 1.0 / 12);
  }
}
