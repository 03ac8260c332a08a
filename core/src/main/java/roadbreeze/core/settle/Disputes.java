package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import roadbreeze.core.explain.Name;
import roadbreeze.core.finder.Search;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.sizing.Judge;

/**
 * Every dispute that sizing can answer.
 *
 * @param fans of the catalogue
 * @param coolers of the catalogue
 * @param ownFan the build's own electric main fan, where it has one
 * @param usedCooler the build's first cooler was on the truck already
 */
public record Disputes(
    Judge judge,
    List<Offer<FanUnit>> fans,
    List<OilCooler> coolers,
    Optional<Offer<FanUnit>> ownFan,
    boolean usedCooler) {
  // Where the usual cooler of a build without one stands: upper left, clear of most latches, m.
  private static final double USUAL_X = 0.020;
  private static final double USUAL_Y = 0.200;

  /** In the order they come up, each to be worked out when asked. */
  public List<Supplier<Dispute>> questions(Setup setup) {
    Setup cooled = setup.fitting().coolers().isEmpty() ? withUsualCooler(setup) : setup;
    Trial trial = new Trial(judge);
    OilDisputes oil = new OilDisputes(trial);
    AirDisputes air = new AirDisputes(trial, fans);
    List<Supplier<Dispute>> questions = new ArrayList<>();
    if (setup.truck().oil().bypass().works()) {
      questions.add(() -> oil.ownBypass(cooled));
    }
    Collections.addAll(
        questions,
        () -> oil.inTank(cooled),
        () -> oil.placement(cooled),
        () -> air.pusher(setup, ownFan),
        () -> air.thermostat(setup),
        () -> air.mainFan(setup),
        () -> air.rows(setup),
        () -> air.metal(setup),
        () -> oil.coreType(cooled),
        () -> oil.filter(cooled, usedCooler));
    return questions;
  }

  /** Where no cooler is fitted the disputes about one are run with a middling one. */
  private Setup withUsualCooler(Setup setup) {
    Truck.FrontEnd front = setup.truck().front();
    List<OilCooler> fitting =
        coolers.stream()
            .filter(c -> c.family() == OilCooler.Family.STACKED_PLATE)
            .filter(c -> c.bypassOpens().isEmpty() && c.depth() <= front.depth() - Search.GAP)
            .filter(c -> c.width() <= front.opening().width())
            .sorted(Comparator.comparingDouble(c -> c.width() * c.height()))
            .toList();
    if (fitting.isEmpty()) {
      throw Problem.NO_COOLER_FITS.refuse();
    }
    CoolerFit usual =
        new CoolerFit(
            Name.of("usual-cooler", Name.Noun.OIL_COOLER, 0),
            fitting.get(fitting.size() / 2),
            CoolerFit.Place.FRONT,
            USUAL_X,
            USUAL_Y,
            Search.GAP,
            true,
            OptionalDouble.empty(),
            1);
    return setup.with(setup.fitting().withCoolers(List.of(usual)));
  }
}
