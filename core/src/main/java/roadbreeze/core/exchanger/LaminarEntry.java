package roadbreeze.core.exchanger;

/**
 * Laminar flow that is still developing between parallel plates: {@code 7.54 + 0.03·Gz/(1 +
 * 0.016·Gz^⅔)}, {@code Gz = (Dh/L)·Re·Pr}.
 *
 * @param diameterOverLength hydraulic diameter over the length from an inlet (-)
 * @see "Hausen (1943), in the form of Incropera et al. and Mills for parallel plates"
 */
record LaminarEntry(double diameterOverLength) implements NusseltCorrelation {
  @Override
  public double nusselt(double re, double pr) {
    double graetz = diameterOverLength * re * pr;
    return 7.54 + 0.03 * graetz / (1 + 0.016 * Math.pow(graetz, 2.0 / 3));
  }
}
