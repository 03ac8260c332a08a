package roadbreeze.core.exchanger;

/**
 * Nusselt numbers of flow in ducts: laminar entry, then Gnielinski, linear between the two.
 *
 * @param laminarEnd Reynolds number up to which the flow is laminar (-)
 * @param turbulentStart Reynolds number from which it is turbulent (-)
 */
record TubeFlow(double laminarEnd, double turbulentStart) {
  /** Smooth walls. */
  static final TubeFlow SMOOTH = new TubeFlow(2300, 4000);

  double nusselt(double re, double pr, LaminarEntry entry) {
    if (re >= turbulentStart) {
      return Gnielinski.INSTANCE.nusselt(re, pr);
    }
    double laminar = entry.nusselt(re, pr);
    if (re <= laminarEnd) {
      return laminar;
    }
    double share = (re - laminarEnd) / (turbulentStart - laminarEnd);
    return laminar + share * (Gnielinski.INSTANCE.nusselt(turbulentStart, pr) - laminar);
  }
}
