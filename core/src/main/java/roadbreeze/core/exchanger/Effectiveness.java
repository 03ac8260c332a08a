package roadbreeze.core.exchanger;

/** Effectiveness-NTU relations. */
public final class Effectiveness {
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
      return -Math.expm1(-ntu);
    }
    double ntu022 = Math.pow(ntu, 0.22);
    // NTU^0.78 = NTU / NTU^0.22 saves a power in the innermost loop.
    return -Math.expm1(ntu022 / capacityRatio * Math.expm1(-capacityRatio * ntu / ntu022));
  }

  /** One stream against a sink of constant temperature. */
  public static double againstSink(double ntu) {
    return -Math.expm1(-ntu);
  }
}
