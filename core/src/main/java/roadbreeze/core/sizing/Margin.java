package roadbreeze.core.sizing;

/**
 * One fluid's peak against its limit, °C.
 *
 * @param band half width that holds nine cases in ten, K
 */
public record Margin(double peak, double limit, double band) {
  /**
   * A two-sided nine-in-ten band of a normal spread is 1.645 standard deviations, a one-sided
   * nine-in-ten limit 1.282 of them.
   */
  static final double ONE_SIDED = 1.2816 / Margin.NINE_IN_TEN;

  /** A nine-in-ten half width in standard deviations. */
  public static final double NINE_IN_TEN = 1.6449;

  /** One whose headroom in nine cases of ten is known, K. */
  public static Margin sure(double peak, double limit, double sure) {
    return new Margin(peak, limit, Math.max(0, limit - peak - sure) / ONE_SIDED);
  }

  /** Headroom, K; negative when over. */
  public double headroom() {
    return limit - peak;
  }

  /** Headroom that nine cases in ten keep, K; negative when over. */
  public double sureHeadroom() {
    return limit - nineInTen();
  }

  /** The peak that nine cases in ten stay under, °C. */
  public double nineInTen() {
    return peak + ONE_SIDED * band;
  }

  public Standing standing() {
    if (peak > limit) {
      return Standing.OVER;
    }
    return nineInTen() <= limit ? Standing.HOLDS : Standing.MARGINAL;
  }
}
