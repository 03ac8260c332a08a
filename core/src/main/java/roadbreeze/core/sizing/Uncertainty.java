package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;

/**
 * Half widths, K, of the bands that hold nine cases in ten. Linearised: each spread is taken to
 * both its ends with the others at rest, half the difference is its share, and independent shares
 * add as squares. A few balances instead of hundreds of draws; a test compares the two.
 *
 * @param shares of the model's own spreads, in the order of the sources
 * @param doubts shares of inputs that nobody has measured
 */
public record Uncertainty(
    double coolant, double feed, double sump, List<Share> shares, List<Share> doubts) {

  /**
   * One thing of the model that is not well known.
   *
   * @param spread nine-in-ten half width, relative
   * @param factors the model with this thing multiplied
   */
  public record Source(String name, double spread, BiFunction<Factors, Double, Factors> factors) {}

  /** An input that is only assumed: the rig with it at both ends of what it may be. */
  public record Doubt(String name, Rig high, Rig low) {}

  /** Half the difference that one thing makes from its high to its low end, K, with its sign. */
  public record Share(String name, double coolant, double feed, double sump) {}

  /** Spread of fan pressure, and what an air traverse at the core leaves of it. */
  public static final double FAN_PRESSURE_SPREAD = 0.15;

  public static final double TRAVERSED_FAN_SPREAD = 0.05;

  /** What is not well known before anything is calibrated. */
  public static final List<Source> SOURCES = sources(FAN_PRESSURE_SPREAD);

  public static List<Source> sources(double fanPressureSpread) {
    return List.of(
        new Source("coolant share of fuel heat", 0.15, Factors::withCoolantShare),
        new Source("drag area", 0.15, Factors::withDragArea),
        new Source("ram pressure", 0.20, Factors::withRam),
        new Source("fan pressure", fanPressureSpread, Factors::withFanPressure),
        new Source("core conductance", 0.10, Factors::withCoreConductance));
  }

  public static Uncertainty of(Rig rig, OperatingPoint point) {
    return of(rig, point, SOURCES, List.of());
  }

  /**
   * @throws NotConvergedException if an end of a spread has no steady state
   */
  public static Uncertainty of(
      Rig rig, OperatingPoint point, List<Source> sources, List<Doubt> doubts) {
    List<Share> shares = new ArrayList<>();
    for (Source source : sources) {
      Factors high = source.factors().apply(Factors.NOMINAL, 1 + source.spread());
      Factors low = source.factors().apply(Factors.NOMINAL, 1 - source.spread());
      shares.add(share(source.name(), solve(rig, point, high), solve(rig, point, low)));
    }
    List<Share> doubted = new ArrayList<>();
    SteadyBalance near = new SteadyBalance(rig).quiet();
    for (Doubt doubt : doubts) {
      doubted.add(
          share(
              doubt.name(),
              settle(near.continuedWith(doubt.high()), point),
              settle(near.continuedWith(doubt.low()), point)));
    }
    return new Uncertainty(
        together(shares, doubted, Share::coolant),
        together(shares, doubted, Share::feed),
        together(shares, doubted, Share::sump),
        List.copyOf(shares),
        List.copyOf(doubted));
  }

  /**
   * The model pushed to where one fluid stands at its nine-in-ten peak: each source moved as far as
   * its share of the spread. One balance with these factors gives the nine-in-ten line of a map.
   *
   * @param sources those the shares were made with
   * @param fluid of which the line is wanted
   */
  public Factors nineInTen(List<Source> sources, ToDoubleFunction<Share> fluid) {
    double all = together(shares, doubts, fluid);
    double model = together(shares, List.of(), fluid);
    Factors factors = Factors.NOMINAL;
    for (int i = 0; i < sources.size() && model > 0; i++) {
      Source source = sources.get(i);
      double reach = Margin.ONE_SIDED * all * fluid.applyAsDouble(shares.get(i)) / (model * model);
      factors = source.factors().apply(factors, 1 + source.spread() * reach);
    }
    return factors;
  }

  private static Share share(String name, Balance high, Balance low) {
    return new Share(
        name,
        (high.coolant() - low.coolant()) / 2,
        (high.feed() - low.feed()) / 2,
        (high.sump() - low.sump()) / 2);
  }

  private static double together(
      List<Share> shares, List<Share> doubts, ToDoubleFunction<Share> fluid) {
    double squares = 0;
    for (Share share : shares) {
      squares += square(fluid.applyAsDouble(share));
    }
    for (Share doubt : doubts) {
      squares += square(fluid.applyAsDouble(doubt));
    }
    return Math.sqrt(squares);
  }

  private static Balance solve(Rig rig, OperatingPoint point, Factors factors) {
    return settle(new SteadyBalance(rig, factors).quiet(), point);
  }

  private static Balance settle(SteadyBalance solver, OperatingPoint point) {
    try {
      return solver.solve(point);
    } catch (NotConvergedException e) {
      throw new NotConvergedException(
          e.getMessage() + " (with one spread at its end; the build is too near its edge to band)");
    }
  }

  private static double square(double x) {
    return x * x;
  }
}
