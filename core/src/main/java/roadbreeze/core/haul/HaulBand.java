package roadbreeze.core.haul;

import java.util.List;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Uncertainty;

/**
 * Half widths of the bands round a haul's worst moments that hold nine cases in ten, K. Linearised
 * as the steady ones are: the road up to the worst moments is driven again with each thing at both
 * ends of what it may be; fans' switches among them.
 */
public record HaulBand(double coolant, double feed, double pan) {
  /**
   * @throws NotConvergedException if an end of a spread cannot drive there
   */
  public static HaulBand of(Judge judge, HaulCase.Driven driven) {
    HaulCase near = driven.near();
    HaulBand squares = new HaulBand(0, 0, 0);
    for (Uncertainty.Source source : judge.sources()) {
      squares =
          squares.plus(
              near.drive(driven.rig(), source.at(1)).outcome(),
              near.drive(driven.rig(), source.at(-1)).outcome());
    }
    for (Uncertainty.Doubt doubt : judge.doubts(driven.of().setup())) {
      squares =
          squares.plus(
              near.drive(doubt.high(), Factors.NOMINAL).outcome(),
              near.drive(doubt.low(), Factors.NOMINAL).outcome());
    }
    List<SwitchedFan> switched = driven.switched();
    if (!switched.isEmpty()) {
      squares =
          squares.plus(
              switchedBy(near, driven.rig(), switched, FanSwitch.TOLERANCE),
              switchedBy(near, driven.rig(), switched, -FanSwitch.TOLERANCE));
    }
    return new HaulBand(
        Math.sqrt(squares.coolant), Math.sqrt(squares.feed), Math.sqrt(squares.pan));
  }

  private static Outcome switchedBy(
      HaulCase near, Rig rig, List<SwitchedFan> switched, double offset) {
    return near.drive(rig, Factors.NOMINAL, switched.stream().map(s -> s.later(offset)).toList())
        .outcome();
  }

  /** With the square of half the difference that two ends make. */
  private HaulBand plus(Outcome high, Outcome low) {
    return new HaulBand(
        coolant + square(high.coolant(), low.coolant()),
        feed + square(high.feed(), low.feed()),
        pan + square(high.pan(), low.pan()));
  }

  private static double square(Outcome.Peak high, Outcome.Peak low) {
    double half = (high.headroom() - low.headroom()) / 2;
    return half * half;
  }

  /** The worst moments with their bands. */
  public Margins margins(Outcome outcome) {
    return new Margins(
        margin(Fluid.COOLANT, outcome), margin(Fluid.FEED, outcome), margin(Fluid.PAN, outcome));
  }

  /** A worst moment with its band. */
  public Margin margin(Fluid fluid, Outcome outcome) {
    Outcome.Peak peak = outcome.of(fluid);
    double band =
        switch (fluid) {
          case COOLANT -> coolant;
          case FEED -> feed;
          case PAN -> pan;
        };
    return new Margin(peak.value(), peak.limit(), band);
  }
}
