package roadbreeze.core.exchanger;

/**
 * Turbulent flow in a smooth tube, with Petukhov's friction factor; 3000 ≤ Re ≤ 5e6, 0.5 ≤ Pr ≤
 * 2000; ±10 %.
 *
 * @see "Gnielinski (1976), Int. Chem. Eng. 16, 359–368"
 */
final class Gnielinski implements NusseltCorrelation {
  static final Gnielinski INSTANCE = new Gnielinski();

  @Override
  public double nusselt(double re, double pr) {
    double root = 0.79 * Math.log(re) - 1.64;
    double f = 1 / (root * root);
    return f / 8 * (re - 1000) * pr / (1 + 12.7 * Math.sqrt(f / 8) * (Math.pow(pr, 2.0 / 3) - 1));
  }
}
