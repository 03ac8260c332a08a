package roadbreeze.core.finder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.workorder.FewTasks;
import roadbreeze.core.workorder.WorkScope;

class SearchTest {
  private static final Opening OPENING =
      new Opening(
          new Rectangle(-0.02, -0.02, 0.80, 0.56),
          0.12,
          List.of(new Rectangle(0.36, -0.02, 0.04, 0.56)),
          0.01);

  private static CoolerChoice cooler(
      String id, double width, double height, double depth, double cost) {
    return new CoolerChoice(id, WorkedCase.oilCooler(width, height, depth), cost);
  }

  private static final List<CoolerChoice> CATALOGUE =
      List.of(
          cooler("small", 0.20, 0.14, 0.032, 90),
          cooler("middle", 0.28, 0.19, 0.032, 160),
          cooler("dear", 0.28, 0.19, 0.032, 260),
          cooler("huge", 0.95, 0.30, 0.050, 300),
          cooler("wide", 0.70, 0.20, 0.032, 280));
  private static final List<ThermostatChoice> THERMOSTATS =
      List.of(
          new ThermostatChoice("kept", new Thermostat(90, 99), true, 0),
          new ThermostatChoice("colder", new Thermostat(82, 91), false, 40));

  private static final PackChoice PACK =
      PackChoice.of(
          "restored",
          WorkedCase.setup(false),
          true,
          0,
          new WorkScope(Set.of()),
          new WorkScope(Set.of()));

  private static Search search(OperatingPoint point, double budget) {
    return new Search(
        List.of(PACK),
        CATALOGUE,
        true,
        THERMOSTATS,
        OPENING,
        point,
        Limits.DEFAULT,
        112,
        8.8,
        5,
        5,
        budget,
        10_000,
        FewTasks.LIBRARY,
        new WorkScope(Set.of()),
        false);
  }

  private static Result run(Search search) {
    return search.run(n -> {}, () -> false);
  }

  /** By the difference of whole work orders. */
  private static double minutes(boolean cooler, OilOrder order, ThermostatChoice thermostat) {
    Set<WorkScope.Part> work = EnumSet.noneOf(WorkScope.Part.class);
    if (cooler) {
      work.add(WorkScope.Part.COOLER);
    }
    if (cooler && order == OilOrder.TANK_BYPASSED) {
      work.add(WorkScope.Part.TANK_BYPASS);
    }
    if (!thermostat.kept()) {
      work.add(WorkScope.Part.THERMOSTAT);
    }
    return FewTasks.LIBRARY.hands(new WorkScope(work));
  }

  @Test
  void agreesWithBruteForce() {
    Search search = search(WorkedCase.CLIMB, 1000);
    List<Found> all = new ArrayList<>();
    int tried = 0;
    for (int c = -1; c < CATALOGUE.size(); c++) {
      CoolerChoice choice = c < 0 ? null : CATALOGUE.get(c);
      List<Rectangle> places = new ArrayList<>();
      if (choice == null) {
        places.add(null);
      } else if (choice.part().width() <= 0.80) {
        places.addAll(OPENING.places(choice));
      }
      for (Rectangle place : places) {
        for (OilOrder order :
            choice == null ? List.of(OilOrder.AFTER_TANK) : List.of(OilOrder.values())) {
          for (ThermostatChoice t : THERMOSTATS) {
            Rig bare =
                WorkedCase.rig(
                    WorkedCase.stack(false), WorkedCase.stages(false), 1, t.thermostat());
            Rig rig =
                choice == null
                    ? bare
                    : bare.withPack(
                            Search.stackWith(bare.stack(), choice, place), bare.fanSettings())
                        .withOilLoop(Search.oilLoop(PACK, choice, order));
            Balance b = new SteadyBalance(rig).solve(WorkedCase.CLIMB);
            all.add(
                new Found(
                    "restored",
                    Optional.ofNullable(choice).map(CoolerChoice::id),
                    Optional.ofNullable(place),
                    order,
                    t.id(),
                    new Margins(
                        new Margin(b.coolant(), 112, 8.8),
                        new Margin(b.feed(), 150, 5),
                        new Margin(b.sump(), 107, 5)),
                    (choice == null ? 0 : choice.cost()) + t.cost(),
                    minutes(choice != null, order, t)));
            tried++;
          }
        }
      }
    }
    Result result = run(search);
    assertThat(result.tried()).isEqualTo(tried);
    for (Found found : result.front()) {
      Found same =
          all.stream()
              .filter(
                  f ->
                      f.cooler().equals(found.cooler())
                          && f.thermostat().equals(found.thermostat()))
              .max(Comparator.comparingDouble(Found::sureHeadroom))
              .orElseThrow();
      assertThat(found.sureHeadroom()).isCloseTo(same.sureHeadroom(), within(0.01));
      assertThat(found.margins().pan().peak()).isCloseTo(same.margins().pan().peak(), within(0.05));
      assertThat(all)
          .noneMatch(
              f ->
                  f.cost() > 0
                      && found.cost() > 0
                      && f.beats(found)
                      && f.sureHeadroom() > found.sureHeadroom() + 0.1);
    }
    double best = all.stream().mapToDouble(Found::sureHeadroom).max().orElseThrow();
    assertThat(result.best().orElseThrow().sureHeadroom()).isCloseTo(best, within(0.05));
    assertThat(result.fallen())
        .containsKeys(Result.Reason.TOO_LARGE, Result.Reason.BLOCKED, Result.Reason.BEATEN);
    assertThat(result.front()).noneMatch(f -> f.cooler().equals(Optional.of("dear")));
  }

  @Test
  void partsOfASearchAddUpToTheWhole() {
    Search search = search(WorkedCase.CLIMB, 1000);
    Result whole = run(search);
    Result merged = Result.merge(List.of(run(search.part(0, 2)), run(search.part(1, 2))));
    assertThat(merged.tried()).isEqualTo(whole.tried());
    assertThat(merged.best().orElseThrow().sureHeadroom())
        .isCloseTo(whole.best().orElseThrow().sureHeadroom(), within(1e-4));
    assertThat(merged.shortList())
        .extracting(p -> p.found().cooler())
        .containsExactlyElementsOf(
            whole.shortList().stream().map(p -> p.found().cooler()).toList());
  }

  /** Every set of parts is either worth considering or has one reason why not. */
  @Test
  void theReasonsAddUpToTheSetsTried() {
    for (double budget : new double[] {100, 250, 1000}) {
      for (OperatingPoint point : List.of(WorkedCase.CLIMB, WorkedCase.SLIPPING)) {
        Search search = search(point, budget);
        for (Result result :
            List.of(
                run(search),
                Result.merge(List.of(run(search.part(0, 2)), run(search.part(1, 2)))))) {
          long fallen = result.fallen().values().stream().mapToLong(n -> n).sum();
          assertThat(result.sets()).isEqualTo(search.sets());
          assertThat(fallen + result.unbeaten()).isEqualTo(result.sets());
        }
      }
    }
  }

  /** What two parts have in common (grille off, coolant out) is done once. */
  @Test
  void workThatPartsShareCountsOnce() {
    Labour labour = new Labour(FewTasks.LIBRARY, new WorkScope(Set.of(WorkScope.Part.FINS)), false);
    PackChoice radiator =
        PackChoice.of(
            "radiator",
            WorkedCase.setup(false),
            true,
            0,
            new WorkScope(Set.of(WorkScope.Part.FINS, WorkScope.Part.RADIATOR)),
            new WorkScope(Set.of(WorkScope.Part.FINS, WorkScope.Part.RADIATOR)));
    double alone = labour.minutes(radiator, false, OilOrder.AFTER_TANK, THERMOSTATS.get(0));
    double both = labour.minutes(radiator, false, OilOrder.AFTER_TANK, THERMOSTATS.get(1));
    assertThat(both - alone).isEqualTo(FewTasks.THERMOSTAT_MINUTES);
  }

  @Test
  void aTruckThatNeedsNothingIsToldSoFirst() {
    Result mild = run(search(WorkedCase.CLIMB.withAmbient(15).withGrade(0.03), 1000));
    Result.Pick first = mild.shortList().get(0);
    assertThat(first.merit()).isEqualTo(Result.Merit.NOTHING_BOUGHT);
    assertThat(first.found().cooler()).isEmpty();
    assertThat(first.found().cost()).isZero();
  }

  @Test
  void saysWhenNothingIsEnoughAndKeepsToTheBudget() {
    Result hopeless = run(search(WorkedCase.SLIPPING, 1000));
    assertThat(hopeless.enough()).isFalse();
    assertThat(hopeless.fallen().get(Result.Reason.COOLANT_OVER)).isPositive();
    Result poor = run(search(WorkedCase.CLIMB, 100));
    assertThat(poor.front()).allMatch(f -> f.cost() <= 100);
    assertThat(poor.fallen().get(Result.Reason.OVER_BUDGET)).isPositive();
  }

  @Test
  void stopsWhenCancelled() {
    Result stopped = search(WorkedCase.CLIMB, 1000).run(n -> {}, () -> true);
    assertThat(stopped.tried()).isZero();
  }

  private static Found found(double cost, double minutes, double sure, double headroom) {
    return new Found(
        "pack",
        Optional.of("c" + cost),
        Optional.empty(),
        OilOrder.AFTER_TANK,
        "kept",
        new Margins(
            Margin.sure(112 - headroom, 112, sure),
            Margin.sure(50, 150, 90),
            Margin.sure(50, 107, 50)),
        cost,
        minutes);
  }

  /** What the stretch left unbeaten is judged anew by the road, and every set is still counted. */
  @Test
  void aRoadDecidesAmongWhatItsStretchLeft() {
    Result held =
        Result.of(
            9,
            9,
            List.of(found(0, 0, -9, -4), found(80, 320, 2, 6), found(400, 600, 12, 16)),
            Map.of(Result.Reason.COOLANT_OVER, 7L));
    Result driven =
        held.driven(
            f ->
                f.cost() == 80
                    ? Optional.empty()
                    : Optional.of(f.with(found(0, 0, 3, 5).margins())));
    assertThat(driven.front()).extracting(Found::cost).containsExactly(0.0);
    assertThat(driven.fallen())
        .isEqualTo(
            Map.of(
                Result.Reason.COOLANT_OVER, 6L,
                Result.Reason.NO_STEADY_STATE, 1L,
                Result.Reason.BEATEN, 1L));
    assertThat(driven.unbeaten() + driven.fallen().values().stream().mapToLong(n -> n).sum())
        .isEqualTo(driven.sets());
  }

  @Test
  void theShortListHasEachMeritAndNothingBeaten() {
    List<Found> all =
        List.of(
            found(0, 0, -9, -4),
            found(50, 300, -3, 1),
            found(80, 320, 2, 6),
            found(90, 320, 1, 5), // dearer and worse
            found(150, 100, 3, 7),
            found(400, 600, 12, 16));
    Result result = Result.of(6, 6, all, java.util.Map.of());
    assertThat(result.front()).extracting(Found::cost).doesNotContain(90.0).contains(0.0);
    assertThat(result.fallen().get(Result.Reason.BEATEN)).isEqualTo(1);
    assertThat(result.shortList())
        .extracting(Result.Pick::merit)
        .contains(
            Result.Merit.CHEAPEST_SURE,
            Result.Merit.CHEAPEST_KEPT,
            Result.Merit.LEAST_WORK,
            Result.Merit.MOST_HEADROOM,
            Result.Merit.NOTHING_BOUGHT)
        .startsWith(Result.Merit.CHEAPEST_SURE);
    assertThat(result.shortList().get(0).found().cost()).isEqualTo(80);
    assertThat(result.shortList()).extracting(Result.Pick::found).doesNotHaveDuplicates();
    assertThat(result.enough()).isTrue();
  }

  @Test
  void placesReachBothEdgesAndClearWhatStandsThere() {
    List<Rectangle> places = OPENING.places(CATALOGUE.get(1));
    assertThat(places).anyMatch(p -> p.x() == -0.02);
    assertThat(places).anyMatch(p -> Math.abs(p.right() - 0.78) < 1e-9);
    assertThat(places)
        .allMatch(p -> p.right() <= 0.35 + 1e-9 || p.x() >= 0.41 - 1e-9)
        .allMatch(p -> p.top() <= 0.54 + 1e-9 && p.y() >= -0.02 - 1e-9);
    assertThat(OPENING.tooSmallFor(CATALOGUE.get(3))).isTrue();
    assertThat(OPENING.places(CATALOGUE.get(4))).isEmpty();
  }
}
