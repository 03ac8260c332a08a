package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntPredicate;
import java.util.random.RandomGenerator;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;

/**
 * The worst moments of a haul in many such trucks, everything that is not well known drawn at once
 * from its spread: what the linearised band stands for, without its straight lines.
 *
 * @param draws what each came to
 * @param failed draws that could not drive there, or could not be
 */
public record HaulDraws(List<Draw> draws, int failed) {
  /** No draw is further out; nobody has a truck of half the mass. */
  private static final double FURTHEST = 2.5;

  /** Headrooms at the worst moments of one draw, K. */
  public record Draw(double coolant, double feed, double pan) {
    /** Every limit is kept. */
    public boolean keeps() {
      return coolant >= 0 && feed >= 0 && pan >= 0;
    }
  }

  public HaulDraws {
    draws = List.copyOf(draws);
  }

  /**
   * @param seed the same gives the same draws
   * @param unwanted told how many are done; true ends it early
   */
  public static HaulDraws of(
      Judge judge, HaulCase.Driven driven, long seed, int count, IntPredicate unwanted) {
    HaulCase near = driven.near();
    RandomGenerator random = new SplittableRandom(seed);
    List<Draw> draws = new ArrayList<>();
    int failed = 0;
    for (int i = 0; i < count && !unwanted.test(i); i++) {
      try {
        draws.add(drawn(judge, near, random));
      } catch (RefusedException e) {
        failed++;
      }
    }
    return new HaulDraws(draws, failed);
  }

  private static Draw drawn(Judge judge, HaulCase near, RandomGenerator random) {
    Factors factors = Factors.NOMINAL;
    for (Uncertainty.Source source : judge.sources()) {
      factors = source.moving(factors, unit(random));
    }
    Setup setup = near.setup();
    for (Judge.Doubted doubted : judge.assumed()) {
      Assumed what = doubted.what();
      double factor = 1 + what.spread() * unit(random);
      if (what.isThere(setup)) {
        setup = what.scaled(setup, doubted.thing(), factor);
      }
    }
    double late = FanSwitch.TOLERANCE * unit(random);
    List<SwitchedFan> switched = setup.switchedFans().stream().map(s -> s.later(late)).toList();
    Outcome o = near.drive(Assembly.rig(setup), factors, switched).outcome();
    return new Draw(o.coolant().headroom(), o.feed().headroom(), o.pan().headroom());
  }

  /** Normal, one at nine in ten. */
  private static double unit(RandomGenerator random) {
    double sigma = Math.max(-FURTHEST, Math.min(FURTHEST, random.nextGaussian()));
    return sigma / Margin.NINE_IN_TEN;
  }
}
