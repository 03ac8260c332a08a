package roadbreeze.core.sizing;

import java.util.List;
import java.util.function.DoubleFunction;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;

/**
 * Half widths, K, of the bands that hold nine cases in ten. Linearised: each spread is taken to both
 * its ends with the others at rest, half the difference is its share, and independent shares add as
 * squares. Ten balances instead of hundreds of draws; a test compares the two.
 */
public record Uncertainty(double coolant, double feed, double sump) {

  /**
   * One thing that is not well known.
   *
   * @param spread nine-in-ten half width, relative
   * @param factors the model with this thing multiplied
   */
  public record Source(String name, double spread, DoubleFunction<Factors> factors) {}

  /** What is not well known before anything is calibrated. */
  public static final List<Source> SOURCES =
      List.of(
          new Source("coolant share of fuel heat", 0.15, f -> new Factors(f, 1, 1, 1, 1)),
          new Source("drag area", 0.15, f -> new Factors(1, f, 1, 1, 1)),
          new Source("ram pressure", 0.20, f -> new Factors(1, 1, f, 1, 1)),
          new Source("fan pressure", 0.15, f -> new Factors(1, 1, 1, f, 1)),
          new Source("core conductance", 0.10, f -> new Factors(1, 1, 1, 1, f)));

  public static Uncertainty of(Rig rig, OperatingPoint point) {
    double coolant = 0;
    double feed = 0;
    double sump = 0;
    for (Source source : SOURCES) {
      Balance high = solve(rig, point, source.factors().apply(1 + source.spread()));
      Balance low = solve(rig, point, source.factors().apply(1 - source.spread()));
      coolant += square((high.coolant() - low.coolant()) / 2);
      feed += square((high.feed() - low.feed()) / 2);
      sump += square((high.sump() - low.sump()) / 2);
    }
    return new Uncertainty(Math.sqrt(coolant), Math.sqrt(feed), Math.sqrt(sump));
  }

  private static Balance solve(Rig rig, OperatingPoint point, Factors factors) {
    try {
      return new SteadyBalance(rig, factors).solve(point);
    } catch (NotConvergedException e) {
      throw new NotConvergedException(
          e.getMessage() + " (with one spread at its end; the build is too near its edge to band)");
    }
  }

  private static double square(double x) {
    return x * x;
  }
}
