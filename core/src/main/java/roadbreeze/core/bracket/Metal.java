package roadbreeze.core.bracket;

/** What strip is of. */
public enum Metal {
  /** Mild steel. */
  STEEL(200e9, 235e6, 7850, Math.toRadians(2)),
  ALUMINIUM(69e9, 110e6, 2700, Math.toRadians(4));

  private final double elasticity;
  private final double yield;
  private final double density;
  private final double springback;

  Metal(double elasticity, double yield, double density, double springback) {
    this.elasticity = elasticity;
    this.yield = yield;
    this.density = density;
    this.springback = springback;
  }

  /** Young's modulus, Pa. */
  public double elasticity() {
    return elasticity;
  }

  /** Shear modulus, Pa: of a Poisson's ratio of 0.3. */
  double rigidity() {
    return elasticity / 2.6;
  }

  /** Pa. */
  public double yield() {
    return yield;
  }

  /** kg/m³. */
  public double density() {
    return density;
  }

  /**
   * About what a bend opens again when it is let go, where the inside radius is the thickness, rad.
   */
  public double springback() {
    return springback;
  }
}
