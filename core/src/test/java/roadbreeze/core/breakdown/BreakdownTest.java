package roadbreeze.core.breakdown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.breakdown.Breakdown.Ending;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Limits;

class BreakdownTest {
  private static final Setup PLAN = WorkedCase.setup(true);

  private static HaulCase road(Setup setup, double rise, double kmh, double ambient) {
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, kmh / 3.6), Road.Point.of(14_000, 600 + rise, kmh / 3.6)));
    return new HaulCase(
        setup, Trip.of(road, ambient, true), new HaulRun.Start(92, 75, 80), Limits.DEFAULT);
  }

  private static Map<Breakage, Breakdown> broken(HaulCase haul) {
    Map<Breakage, Breakdown> all = new EnumMap<>(Breakage.class);
    Breakdown.of(haul).forEach(b -> all.put(b.what(), b));
    return all;
  }

  @Test
  void onAnEasyRoadMostThingsGoOnAndATornBeltNever() {
    Map<Breakage, Breakdown> easy = broken(road(PLAN, 0, 60, 15));
    easy.forEach(
        (what, b) ->
            assertThat(b.ends())
                .as(what.name())
                .isEqualTo(what == Breakage.BELT ? Ending.STOPS : Ending.GOES_ON));
    // Nothing of a clutch on a truck without one.
    assertThat(easy).doesNotContainKeys(Breakage.CLUTCH, Breakage.CONTROLLER);
    assertThat(easy.get(Breakage.BELT).outcome()).isEmpty();
  }

  @Test
  void onTheClimbADeadFanEndsItAndALeadGetsItGoing() {
    HaulCase climb = road(PLAN, 770, 75, 38);
    Map<Breakage, Breakdown> all = broken(climb);
    assertThat(all.get(Breakage.FAN_MOTOR).ends()).isIn(Ending.STOPS, Ending.CRAWLS);
    assertThat(all.get(Breakage.FAN_RELAY).ends()).isEqualTo(all.get(Breakage.FAN_MOTOR).ends());
    // Without its heat in front the coolant stands lower than with it.
    Outcome sound = climb.drive().outcome();
    assertThat(all.get(Breakage.CONDENSER).outcome().orElseThrow().coolant().value())
        .isLessThan(sound.coolant().value() - 1);
    // A joined hose is the truck without the cooler.
    double pan = all.get(Breakage.OIL_HOSE).outcome().orElseThrow().pan().value();
    assertThat(pan).isGreaterThan(sound.pan().value());
  }

  @Test
  void oilThatIsJoinedPastItsCoolerGoesThroughTheTankAgain() {
    Setup bypassed = PLAN.with(PLAN.fitting().with(OilOrder.TANK_BYPASSED));
    Setup joined = Breakage.OIL_HOSE.on(bypassed);
    assertThat(joined.fitting().oil().order()).isEqualTo(OilOrder.AFTER_TANK);
    assertThat(joined.fitting().coolers()).isEmpty();
    Outcome one = road(joined, 770, 75, 38).drive().outcome();
    Outcome other = road(WorkedCase.setup(false), 770, 75, 38).drive().outcome();
    assertThat(one.pan().value()).isCloseTo(other.pan().value(), within(0.01));
  }

  @Test
  void aCapThatDoesNotHoldBringsTheBoilingPointToThatOfAnOpenNeck() {
    Setup open = Breakage.CAP.on(PLAN);
    assertThat(open.boilingPoint(0))
        .isCloseTo(PLAN.truck().coolant().fluid().boilingPoint(0, 0), within(1e-9));
  }

  /** Against every smaller set, over random stops. */
  @Test
  void theKitIsTheSmallestThatMendsEveryStop() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      Set<Breakage> stop = EnumSet.noneOf(Breakage.class);
      for (Breakage b : Breakage.values()) {
        if (random.nextBoolean()) {
          stop.add(b);
        }
      }
      List<Breakdown> all =
          EnumSet.allOf(Breakage.class).stream()
              .map(
                  b ->
                      new Breakdown(
                          b, stop.contains(b) ? Ending.STOPS : Ending.GOES_ON, Optional.empty()))
              .toList();
      Set<Spare> kit = Breakdown.kit(PLAN, all);
      List<Set<Spare>> wanted =
          stop.stream().map(b -> b.mendedBy(PLAN)).filter(s -> !s.isEmpty()).toList();
      assertThat(wanted).allMatch(any -> any.stream().anyMatch(kit::contains));
      for (Spare left : kit) {
        Set<Spare> less = EnumSet.copyOf(kit);
        less.remove(left);
        assertThat(wanted).anyMatch(any -> any.stream().noneMatch(less::contains));
      }
    }
  }

  @Test
  void ofPlansThatCoolAlikeTheOneThatFailsBetterIsTaken() {
    Setup passed = PLAN.with(PLAN.fitting().with(OilOrder.TANK_BYPASSED));
    HaulCase easy = road(PLAN, 0, 60, 15);
    EqualPlans.Plan one = new EqualPlans.Plan("one", Breakdown.of(easy));
    assertThat(EqualPlans.of(List.of(one))).as("nothing to choose from").isEmpty();
    assertThat(EqualPlans.of(List.of(one, one)).orElseThrow().chosen())
        .as("they fail alike")
        .isEmpty();
    // The same truck, but its belt does not stop it.
    List<Breakdown> sturdier =
        one.breakdowns().stream().filter(b -> b.ends() != Ending.STOPS).toList();
    EqualPlans.Plan two = new EqualPlans.Plan("two", sturdier);
    EqualPlans decided = EqualPlans.of(List.of(one, two)).orElseThrow();
    assertThat(decided.alike()).containsExactly("one", "two");
    assertThat(decided.chosen()).contains(two);
    // What does not hold its limits is no equal of what does.
    EqualPlans.Plan over = new EqualPlans.Plan("over", Breakdown.of(road(passed, 770, 75, 46)));
    assertThat(EqualPlans.of(List.of(one, over))).isEmpty();
  }
}
