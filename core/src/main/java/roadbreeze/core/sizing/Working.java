package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Setup;

/** A number of the strip opened: the chain of formulas from the road to its temperature. */
public record Working(Finding result, List<Step> steps, Finding sureness) {

  /**
   * @param sources those the headroom's bands were made with
   */
  public static Working of(
      Fluid fluid,
      Setup setup,
      Rig rig,
      OperatingPoint point,
      Limits limits,
      Headroom headroom,
      List<Uncertainty.Source> sources) {
    Balance b = headroom.balance();
    Accessories accessories = rig.accessories();
    FanFit mainFan = setup.fitting().fans().get(0);
    Step air =
        b.airFlow()
            .explain(
                rig.stack(),
                b.inletRise(),
                mainFan.serving(),
                mainFan.curve().freeFlow(),
                mainFan.measuredFactor().orElse(setup.truck().fanFactor()),
                setup.truck().front().ramCoefficient());
    Step oilHeat = b.explainOilHeat(rig.powertrain().converter().stallTorque());
    Step sump = b.explainSump(rig.oilLoop());
    List<Step> steps = new ArrayList<>();
    steps.add(rig.load().explain(point.grade(), b.driveline().speed(), b.air().density()));
    steps.add(
        rig.powertrain()
            .explain(
                b.driveline(),
                accessories.basePower()
                    + (point.airConditioning() ? accessories.airConditioningPower() : 0)));
    switch (fluid) {
      case COOLANT -> {
        steps.add(
            rig.powertrain()
                .engine()
                .explain(b.driveline().brakePower(), b.driveline().engineSpeed()));
        steps.add(air);
        steps.add(b.explainCoolant());
        steps.add(limits.explain(headroom.boilingPoint()));
      }
      case FEED -> steps.addAll(List.of(oilHeat, sump, b.explainFeed(rig.oilLoop())));
      case PAN -> steps.addAll(List.of(oilHeat, air, sump));
    }
    Margin margin = headroom.of(fluid);
    return new Working(
        Result.PEAK.with(margin.peak(), margin.limit(), margin.headroom()),
        steps,
        Result.SURE.with(margin.band(), spreads(headroom, sources), margin.nineInTen()));
  }

  private static List<Finding> spreads(Headroom headroom, List<Uncertainty.Source> sources) {
    List<Finding> spreads = new ArrayList<>();
    for (Uncertainty.Source source : sources) {
      spreads.add(Result.SPREAD.with(source.factor(), source.spread()));
    }
    int assumed = headroom.spread().doubts().size();
    if (assumed > 0) {
      spreads.add(Result.ASSUMED_NUMBERS.with(assumed));
    }
    return spreads;
  }
}
