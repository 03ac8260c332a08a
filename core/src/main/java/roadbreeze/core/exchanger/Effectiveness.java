package roadbreeze.core.exchanger;

/** Effectiveness-NTU relations. */
public final class Effectiveness {
  private static final double SMALL = 1e-4;

  private Effectiveness() {}

  /**
   * Crossflow, both streams unmixed.
   *
   * @param ntu overall conductance over the smaller capacity rate, ≥ 0 (-)
   * @param capacityRatio smaller over larger capacity rate, 0 to 1 (-)
   * @return share of the greatest possible heat, 0 to 1 (-)
   * @see "Incropera et al., Fundamentals of Heat and Mass Transfer, table 11.3"
   */
  public static double crossflow(double ntu, double capacityRatio) {
    if (ntu <= 0) {
      return 0;
    }
    if (capacityRatio < 1e-9) {
      return againstSink(ntu);
    }
    double ntu022 = Math.pow(ntu, 0.22);
    // NTU^0.78 = NTU / NTU^0.22 saves a power in the innermost loop.
    return againstSink(ntu022 / capacityRatio * againstSink(capacityRatio * ntu / ntu022));
  }

  /**
   * Heat of a crossflow exchanger, W.
   *
   * @param outside and {@code inside}: conductances of its two sides, W/K
   * @param factor on the overall conductance (-)
   * @param outsideStream and {@code insideStream}: capacity rates, W/K
   * @param difference of the two inlets, K
   */
  public static double heat(
      double outside,
      double inside,
      double factor,
      double outsideStream,
      double insideStream,
      double difference) {
    if (outside <= 0 || inside <= 0 || outsideStream <= 0 || insideStream <= 0) {
      return 0;
    }
    double ua = factor / (1 / outside + 1 / inside);
    double least = Math.min(outsideStream, insideStream);
    double most = Math.max(outsideStream, insideStream);
    return crossflow(ua / least, least / most) * least * difference;
  }

  /** One stream against a sink of constant temperature. */
  public static double againstSink(double ntu) {
    // 1 − exp is compiled to machine code where expm1 is not; near zero it would lose its digits.
    return ntu < SMALL ? ntu * (1 - ntu / 2 * (1 - ntu / 3)) : 1 - Math.exp(-ntu);
  }
}
