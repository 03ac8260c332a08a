package roadbreeze.core.exchanger;

/** Nusselt numbers of flow in smooth ducts. */
final class TubeFlow {
  static final double LAMINAR_END = 2300;
  static final double TURBULENT_START = 4000;

  private TubeFlow() {}

  /** Laminar value to Re 2300, Gnielinski from Re 4000, linear between. */
  static double nusselt(double re, double pr, double laminarNusselt) {
    if (re <= LAMINAR_END) {
      return laminarNusselt;
    }
    if (re >= TURBULENT_START) {
      return Gnielinski.INSTANCE.nusselt(re, pr);
    }
    double share = (re - LAMINAR_END) / (TURBULENT_START - LAMINAR_END);
    return laminarNusselt
        + share * (Gnielinski.INSTANCE.nusselt(TURBULENT_START, pr) - laminarNusselt);
  }
}
