package roadbreeze.core.finder;

import java.util.Optional;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.stack.Rectangle;

/**
 * A candidate with what it gives.
 *
 * @param cooler empty where none is fitted
 * @param place of the cooler on the face, empty where none is fitted
 * @param margins held on its stretch, or at the worst moments of a road
 * @param cost in the yard's money
 * @param minutes of work
 */
public record Found(
    String pack,
    Optional<String> cooler,
    Optional<Rectangle> place,
    OilOrder order,
    String thermostat,
    Margins margins,
    double cost,
    double minutes) {

  /** The same where other margins are found. */
  public Found with(Margins other) {
    return new Found(pack, cooler, place, order, thermostat, other, cost, minutes);
  }

  /** The least of the three as computed, K. */
  public double headroom() {
    return margins.headroom();
  }

  /** The least of the three in nine cases of ten, K. */
  public double sureHeadroom() {
    return margins.sure();
  }

  /** Which limit it breaks as computed, the coolant's first. */
  Optional<Result.Reason> breaks() {
    if (margins.coolant().headroom() < 0) {
      return Optional.of(Result.Reason.COOLANT_OVER);
    }
    return headroom() < 0 ? Optional.of(Result.Reason.OIL_OVER) : Optional.empty();
  }

  /** Kept in nine cases of ten. */
  public boolean holds() {
    return sureHeadroom() >= 0;
  }

  /** The truck as the search found it: nothing bought, nothing done. */
  boolean untouched() {
    return cost == 0 && minutes == 0;
  }

  /** Keeps every limit as computed. */
  boolean keeps() {
    return headroom() >= 0;
  }

  /** More headroom in nine cases of ten, and rather all limits kept than one broken. */
  boolean outdoes(Found other) {
    return keeps() == other.keeps() ? sureHeadroom() > other.sureHeadroom() : keeps();
  }

  /**
   * At least as good in headroom, cost and hours, and better in one. What breaks a limit as
   * computed is never as good as what keeps them all, however narrow its band.
   */
  boolean beats(Found other) {
    if (keeps() != other.keeps()) {
      return keeps() && cost <= other.cost && minutes <= other.minutes;
    }
    // A tenth of a kelvin is nothing to pay for.
    double mine = Math.round(sureHeadroom() * 10);
    double theirs = Math.round(other.sureHeadroom() * 10);
    boolean noWorse = mine >= theirs && cost <= other.cost && minutes <= other.minutes;
    return noWorse && (mine > theirs || cost < other.cost || minutes < other.minutes);
  }
}
