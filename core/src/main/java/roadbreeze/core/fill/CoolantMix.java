package roadbreeze.core.fill;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * What is filled in so that all of the coolant comes to the share wanted, though part of the old
 * stayed in the engine.
 *
 * @param all that the loop holds, m³
 * @param drained that has come out and is filled again, m³, no more than all
 * @param found share of concentrate in what was there (-), 0 to 1
 * @param wanted share of concentrate in all of it (-), 0 to 1
 */
public record CoolantMix(double all, double drained, double found, double wanted) {
  private static final Range SHARE = new Range(Quantity.GLYCOL_SHARE, 0, 1);

  /** In hand below the coldest morning, K; general practice. */
  public static final double IN_HAND = 5;

  /**
   * @throws roadbreeze.core.problem.BadInputException if nothing was drained, or more than there is
   */
  public CoolantMix {
    Range.requirePositive(Quantity.VOLUME, all);
    new Range(Quantity.VOLUME, 1e-9, all).require(drained);
    SHARE.require(found);
    SHARE.require(wanted);
  }

  /**
   * Share of concentrate in what is filled in: {@code (x·V − x₀·(V − D)) / D}. Below 0 water alone
   * is too strong still, over 1 concentrate alone is too weak: more has to come out first.
   *
   * @return (-)
   */
  public double share() {
    return (wanted * all - found * (all - drained)) / drained;
  }

  /** It can be mixed. */
  public boolean possible() {
    return share() >= 0 && share() <= 1;
  }

  /** Concentrate that is filled in, m³; as much as that is where it cannot be mixed. */
  public double concentrate() {
    return Math.max(0, Math.min(1, share())) * drained;
  }

  /** Water beside it, m³. */
  public double water() {
    return drained - concentrate();
  }

  /**
   * Least that has to come out so that it can be mixed: {@code V·(x − x₀) / (1 − x₀)} where it gets
   * stronger, {@code V·(x₀ − x) / x₀} where it gets weaker.
   *
   * @return m³
   */
  public double leastDrained() {
    return wanted >= found
        ? all * (wanted - found) / Math.max(1e-9, 1 - found)
        : all * (found - wanted) / found;
  }

  /**
   * Share that does not freeze on a morning, with some kelvin in hand.
   *
   * @param coldest °C
   * @return (-), never under the weakest nor over the strongest that is of use
   */
  public static double against(double coldest) {
    double low = Coolant.GLYCOL_FRACTION.low();
    double high = Coolant.GLYCOL_FRACTION.high();
    double freezes = coldest - IN_HAND;
    if (Coolant.freezingPoint(low) <= freezes) {
      return low;
    }
    if (Coolant.freezingPoint(high) > freezes) {
      return high;
    }
    return new BracketingNthOrderBrentSolver(1e-9, 5)
        .solve(100, share -> Coolant.freezingPoint(share) - freezes, low, high);
  }
}
