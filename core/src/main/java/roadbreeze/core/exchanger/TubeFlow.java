package roadbreeze.core.exchanger;

/** Nusselt numbers of flow in smooth ducts. */
final class TubeFlow {
  static final double LAMINAR_END = 2300;
  static final double TURBULENT_START = 4000;

  private TubeFlow() {}

  /**
   * Gnielinski correlation with Petukhov's friction factor; 3000 ≤ Re ≤ 5e6, 0.5 ≤ Pr ≤ 2000; ±10
   * %.
   *
   * @see "Gnielinski (1976), Int. Chem. Eng. 16, 359–368"
   */
  static double gnielinski(double re, double pr) {
    double f = Math.pow(0.79 * Math.log(re) - 1.64, -2);
    return f / 8 * (re - 1000) * pr / (1 + 12.7 * Math.sqrt(f / 8) * (Math.cbrt(pr * pr) - 1));
  }

  /** Laminar value to Re 2300, Gnielinski from Re 4000, linear between. */
  static double nusselt(double re, double pr, double laminarNusselt) {
    if (re <= LAMINAR_END) {
      return laminarNusselt;
    }
    if (re >= TURBULENT_START) {
      return gnielinski(re, pr);
    }
    double share = (re - LAMINAR_END) / (TURBULENT_START - LAMINAR_END);
    return laminarNusselt + share * (gnielinski(TURBULENT_START, pr) - laminarNusselt);
  }
}
