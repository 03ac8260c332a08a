package roadbreeze.core.exchanger;

/** How much of a fin's surface works as if it were all as warm as its root. */
final class FinEfficiency {
  private FinEfficiency() {}

  /**
   * {@code tanh(mL)/(mL)} with {@code m = √(2h/(kδ))} (-).
   *
   * @param film heat transfer coefficient on both sides, W/(m²·K)
   * @param conductivity of the fin, W/(m·K)
   * @param thickness m
   * @param length from root to middle, m
   */
  static double of(double film, double conductivity, double thickness, double length) {
    double mL = Math.sqrt(2 * film / (conductivity * thickness)) * length;
    // tanh by exp, which is compiled to machine code where Math.tanh is not.
    return (1 - 2 / (Math.exp(2 * mL) + 1)) / mL;
  }
}
