package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.finder.Search;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Supply;
import roadbreeze.core.workorder.WorkScope;

/**
 * Every dispute that sizing can answer.
 *
 * @param road the same truck on its road in time, whatever its fitting
 * @param fans of the catalogue
 * @param coolers of the catalogue
 * @param ownFan the build's own electric main fan, where it has one
 * @param held how the build's brackets hold its first cooler, empty where none are drawn
 * @param usedCooler the build's first cooler was on the truck already
 * @param wired its first switched fan with a motor, empty without one
 * @param day how long the day is on which the coolant is opened, by the school of a thing, min
 */
public record Disputes(
    Judge judge,
    HaulCase road,
    List<Offer<FanUnit>> fans,
    List<OilCooler> coolers,
    Optional<Offer<FanUnit>> ownFan,
    Optional<Holding> held,
    boolean usedCooler,
    Optional<Wired> wired,
    ToIntFunction<WorkScope.Part> day) {
  // Where the usual cooler of a build without one stands: upper left, clear of most latches, m.
  private static final double USUAL_X = 0.020;
  private static final double USUAL_Y = 0.200;

  /** A fan as it is wired, and the truck's electrics. */
  public record Wired(Consumer fan, Supply supply) {}

  /** A dispute, to be worked out when it is asked. */
  public record Question(Code code, Supplier<Dispute> answer) {}

  /** In the order they come up. */
  public List<Question> questions(Setup setup) {
    Setup cooled = setup.fitting().coolers().isEmpty() ? withUsualCooler(setup) : setup;
    Trial trial = new Trial(judge);
    OilDisputes oil = new OilDisputes(trial);
    AirDisputes air = new AirDisputes(trial, fans);
    TimeDisputes time = new TimeDisputes(judge, road);
    List<Question> all = new ArrayList<>();
    if (setup.truck().oil().bypass().works()) {
      all.add(new Question(OilSays.PIN, () -> oil.ownBypass(cooled)));
    }
    if (setup.tank().isPresent()) {
      all.add(new Question(TimeSays.TANK, () -> time.inTank(cooled)));
    }
    all.add(new Question(OilSays.PLACE, () -> oil.placement(cooled)));
    all.add(new Question(AirSays.SIDE, () -> air.pusher(setup, ownFan)));
    all.add(new Question(AirSays.OTHER_WAY, () -> air.otherWay(setup, ownFan)));
    all.add(new Question(TimeSays.THERMOSTAT, () -> time.thermostat(setup)));
    if (TimeDisputes.hasElectricFan(setup)) {
      all.add(new Question(TimeSays.SWITCHING, () -> time.switching(setup)));
    }
    if (setup.fansCanBeHeld()) {
      all.add(new Question(TimeSays.EARLY, () -> time.preCooling(setup)));
    }
    all.add(new Question(AirSays.MAIN_FAN, () -> air.mainFan(setup)));
    all.add(new Question(AirSays.ROWS, () -> air.rows(setup)));
    all.add(new Question(AirSays.METAL, () -> air.metal(setup)));
    all.add(new Question(OilSays.CORE, () -> oil.coreType(cooled)));
    all.add(new Question(OilSays.FILTER, () -> oil.filter(cooled, usedCooler)));
    WorkDisputes work = new WorkDisputes(trial);
    if (WorkDisputes.canBeDrawnBack(cooled)) {
      all.add(new Question(WorkSays.HOLD, () -> work.holding(cooled, held)));
    }
    wired.ifPresent(
        w ->
            all.add(
                new Question(WorkSays.CIRCUIT, () -> work.circuit(setup, w.fan(), w.supply()))));
    all.add(new Question(WorkSays.CLAMP, () -> work.clamps(cooled)));
    all.add(new Question(WorkSays.FILL, () -> work.filling(setup, day, judge.point().altitude())));
    all.add(new Question(WorkSays.GASKET, () -> work.gasket(setup, day)));
    if (setup.tank().isPresent()) {
      all.add(new Question(WorkSays.RETURN, () -> work.returnLine(setup)));
    }
    return all;
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
            Turn.AS_DRAWN,
            USUAL_X,
            USUAL_Y,
            Search.GAP,
            true,
            Optional.empty(),
            1);
    return setup.with(setup.fitting().withCoolers(List.of(usual)));
  }
}
