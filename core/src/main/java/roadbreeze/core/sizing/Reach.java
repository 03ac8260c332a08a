package roadbreeze.core.sizing;

import java.util.function.DoublePredicate;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;

/** How far mass, speed or heat can go before a build reaches its first limit. */
public final class Reach {
  private Reach() {}

  /**
   * Whether a rig stays within all limits; one without a steady state does not.
   *
   * @param coolantLimit as it stands at this boiling point, °C
   */
  public static boolean holds(Rig rig, OperatingPoint point, Limits limits, double coolantLimit) {
    try {
      Balance b = new SteadyBalance(rig).quiet().solve(point);
      return b.coolant() <= coolantLimit && b.feed() <= limits.feed() && b.sump() <= limits.pan();
    } catch (NotConvergedException | BadInputException e) {
      return false;
    }
  }

  /**
   * The most of something that holds, found by halving: gear shifts make jumps that nothing
   * smoother survives.
   *
   * @param resolution how closely, in the unit of the bounds
   * @return NaN where not even {@code low} holds, {@code high} where all of it does
   */
  public static double most(double low, double high, double resolution, DoublePredicate holds) {
    if (high < low || !holds.test(low)) {
      return Double.NaN;
    }
    if (holds.test(high)) {
      return high;
    }
    double good = low;
    double bad = high;
    while (bad - good > resolution) {
      double middle = (good + bad) / 2;
      if (holds.test(middle)) {
        good = middle;
      } else {
        bad = middle;
      }
    }
    return good;
  }
}
