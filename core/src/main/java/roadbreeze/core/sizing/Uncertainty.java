package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.Problem;

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
   * @param along how far others move with it at that half width, relative: what a calibration knows
   *     together though not apart
   */
  public record Source(Factor factor, double spread, Map<Factor, Double> along) {
    public Source {
      along = Map.copyOf(along);
    }

    public Source(Factor factor, double spread) {
      this(factor, spread, Map.of());
    }

    /**
     * The model with it so far out.
     *
     * @param share of its half width, signed
     */
    public Factors at(double share) {
      return moving(Factors.NOMINAL, share);
    }

    /** The same of a model that is out already. */
    public Factors moving(Factors from, double share) {
      Factors moved = from.plus(factor, spread * share);
      for (Map.Entry<Factor, Double> other : along.entrySet()) {
        moved = moved.plus(other.getKey(), other.getValue() * share);
      }
      return moved;
    }
  }

  /** An input that is only assumed: the rig with it at both ends of what it may be. */
  public record Doubt(Judge.Doubted what, Rig high, Rig low) {}

  /**
   * Half the difference that one thing makes from its high to its low end, K, with its sign.
   *
   * @param thing id of what the number belongs to, empty for the truck and the model
   */
  public record Share(Code of, String thing, double coolant, double feed, double sump) {}

  /** What is not well known before anything is calibrated. */
  public static final List<Source> SOURCES =
      List.of(
          new Source(Factor.COOLANT_SHARE, 0.15),
          new Source(Factor.DRAG_AREA, 0.15),
          new Source(Factor.RAM, 0.20),
          new Source(Factor.FAN_PRESSURE, 0.15),
          new Source(Factor.CORE_CONDUCTANCE, 0.10),
          new Source(Factor.FIN_FRICTION, 0.20),
          new Source(Factor.SYSTEM_LOSS, 0.40));

  /** Of the fan pressure that an air traverse at the core gives, relative. */
  static final double TRAVERSE_SPREAD = 0.05;

  /**
   * The same after an air traverse at the core: it has measured what fan, fins and the way in and
   * out make together.
   */
  public static final List<Source> TRAVERSED =
      List.of(
          new Source(Factor.COOLANT_SHARE, 0.15),
          new Source(Factor.DRAG_AREA, 0.15),
          new Source(Factor.RAM, 0.20),
          new Source(Factor.FAN_PRESSURE, TRAVERSE_SPREAD),
          new Source(Factor.CORE_CONDUCTANCE, 0.10));

  public static Uncertainty of(Rig rig, OperatingPoint point) {
    return of(rig, point, SOURCES, List.of());
  }

  /**
   * @throws NotConvergedException if an end of a spread has no steady state
   */
  public static Uncertainty of(
      Rig rig, OperatingPoint point, List<Source> sources, List<Doubt> doubts) {
    SteadyBalance solver = new SteadyBalance(rig);
    settle(solver, point);
    return near(solver, point, sources, doubts);
  }

  /**
   * The same where the rig is solved at the point already.
   *
   * @throws NotConvergedException if an end of a spread has no steady state
   */
  static Uncertainty near(
      SteadyBalance solved, OperatingPoint point, List<Source> sources, List<Doubt> doubts) {
    List<Share> shares = new ArrayList<>();
    SteadyBalance near = solved.copy().quiet();
    for (Source source : sources) {
      shares.add(
          share(
              source.factor(),
              "",
              settle(near.continuedWith(source.at(1)), point),
              settle(near.continuedWith(source.at(-1)), point)));
    }
    List<Share> doubted = new ArrayList<>();
    for (Doubt doubt : doubts) {
      doubted.add(
          share(
              doubt.what().what(),
              doubt.what().thing(),
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
   * The model pushed to where one fluid most likely stands at its nine-in-ten peak: each source
   * moved by its part of the band. {@link Judge#pushed} moves the inputs that are only assumed by
   * theirs; one balance with both gives the nine-in-ten line of a map.
   *
   * @param sources those the shares were made with
   * @param fluid of which the line is wanted
   */
  public Factors nineInTen(List<Source> sources, ToDoubleFunction<Share> fluid) {
    Factors factors = Factors.NOMINAL;
    for (int i = 0; i < sources.size(); i++) {
      factors = sources.get(i).moving(factors, reach(shares.get(i), fluid));
    }
    return factors;
  }

  /** How far of its spread a share is moved to the nine-in-ten peak, signed. */
  double reach(Share share, ToDoubleFunction<Share> fluid) {
    double all = together(shares, doubts, fluid);
    return all == 0 ? 0 : Margin.ONE_SIDED * fluid.applyAsDouble(share) / all;
  }

  private static Share share(Code of, String thing, Balance high, Balance low) {
    return new Share(
        of,
        thing,
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

  private static Balance settle(SteadyBalance solver, OperatingPoint point) {
    try {
      return solver.solve(point);
    } catch (NotConvergedException e) {
      throw Problem.AT_THE_EDGE.unsettled(e.finding());
    }
  }

  private static double square(double x) {
    return x * x;
  }
}
