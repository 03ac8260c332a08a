package roadbreeze.core.haul;

import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Uncertainty;

/**
 * A setup pushed to where its coolant, or its pan, stands in the hottest of nine in ten cases: what
 * the map of margins does, in time. It is driven twice where a band takes twenty drives, so many
 * trucks can be asked; its spread is that of the worst stretch in mild air, where every truck comes
 * to rest. A band of another day is none: a switched fan takes up what the model may be off by
 * until it runs all the time.
 */
public record PushedHaul(Rig coolantRig, Factors coolant, Rig panRig, Factors pan) {
  /** °C */
  private static final double MILD = 20;

  /**
   * @throws roadbreeze.core.problem.NotConvergedException where it comes to rest on no day
   */
  public static PushedHaul of(Judge judge, Setup setup) {
    Uncertainty spread = judge.at(judge.point().withAmbient(MILD)).of(setup).spread();
    return new PushedHaul(
        judge.pushed(setup, spread, Uncertainty.Share::coolant),
        spread.nineInTen(judge.sources(), Uncertainty.Share::coolant),
        judge.pushed(setup, spread, Uncertainty.Share::sump),
        spread.nineInTen(judge.sources(), Uncertainty.Share::sump));
  }

  /**
   * A case's worst moments, each as sure as its pushed drive says. Where it comes to rest on no day
   * its spread is that of the road itself, which takes longer.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if it cannot drive there
   */
  public static Margins margins(Judge judge, HaulCase haul) {
    PushedHaul pushed;
    try {
      pushed = of(judge, haul.setup());
    } catch (RefusedException e) {
      HaulCase.Driven driven = haul.drive();
      return HaulBand.of(judge, driven).margins(driven.outcome());
    }
    return pushed.margins(haul);
  }

  /** Of the coolant in nine of ten. */
  public Outcome.Peak coolant(HaulCase haul) {
    return haul.drive(coolantRig, coolant).outcome().coolant();
  }

  /** Feed and pan in nine of ten. */
  public Outcome oil(HaulCase haul) {
    return haul.drive(panRig, pan).outcome();
  }

  private Margins margins(HaulCase haul) {
    Outcome usual = haul.drive().outcome();
    Outcome oil = oil(haul);
    return new Margins(
        margin(usual.coolant(), coolant(haul)),
        margin(usual.feed(), oil.feed()),
        margin(usual.pan(), oil.pan()));
  }

  private static Margin margin(Outcome.Peak usual, Outcome.Peak pushed) {
    return Margin.sure(usual.value(), usual.limit(), pushed.headroom());
  }
}
