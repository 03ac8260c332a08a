package roadbreeze.server.settle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.settle.TimeSays;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestDatabase;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.rig.GearboxBypass;

/** Each dispute on trucks that should turn it one way and the other. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE)
class SettleTest {
  private static final String RESTORED = Jobs.RESTORED;
  private static final String PLAN = Jobs.PLAN;
  private static final String AMBIENT = "haul.ambientC";

  @Autowired private SettleController settle;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry registry) {
    String url = TestDatabase.create("settle_test");
    registry.add("spring.datasource.url", () -> url);
    registry.add("spring.datasource.username", () -> TestDatabase.USER);
    registry.add("spring.datasource.password", () -> "");
  }

  private SettledDispute about(String question, JobContent job, String build) {
    return settle.disputes(new BuildRequest(job, build)).stream()
        .filter(q -> q.code().key().equals(question))
        .map(q -> SettledDispute.of(q.answer().get()))
        .filter(d -> d.question().code().equals(question))
        .findFirst()
        .orElseThrow();
  }

  private List<SettledDispute> all(JobContent job) {
    return settle.disputes(new BuildRequest(job, RESTORED)).stream()
        .map(q -> SettledDispute.of(q.answer().get()))
        .toList();
  }

  private static String chosen(SettledDispute dispute) {
    return dispute.schools().get(dispute.recommended()).name().code();
  }

  private static double sure(SettledDispute dispute, int school) {
    return dispute.schools().get(school).sureHeadroomK();
  }

  private static double number(Said said, String value) {
    return said.values().get(value).value();
  }

  /** An effect of a school, by its code. */
  private static Said effect(SettledDispute dispute, int school, String code) {
    return dispute.schools().get(school).effects().stream()
        .filter(e -> e.code().equals(code))
        .findFirst()
        .orElseThrow(() -> new AssertionError(code + " is not among " + dispute.schools()));
  }

  /**
   * A controller adds parts that can fail; the driver's switch beside it gets round most of them.
   */
  @Test
  void switchingIsSettledByWhatStopsTheFan() {
    SettledDispute circuit = about("workSays.circuit", Jobs.HIVE, PLAN);
    assertThat(chosen(circuit)).isEqualTo("workSays.circuitMixed");
    double alone = number(effect(circuit, 1, "workSays.circuitStops"), "stops");
    Said saved = effect(circuit, 3, "workSays.circuitSaved");
    assertThat(number(saved, "left")).isLessThan(number(saved, "stops")).isPositive();
    assertThat(number(circuit.reason(), "stops")).isEqualTo(alone);
    assertThat(number(effect(circuit, 0, "workSays.circuitFixedAt"), "at")).isEqualTo(104);
    assertThat(settle.disputes(new BuildRequest(Jobs.TILT_TRAY, PLAN)))
        .noneMatch(q -> q.code().key().equals("workSays.circuit"));
  }

  /** The plan's four brackets, and rods that leave 4 mm where 5 are wanted. */
  @Test
  void bracketsAreHeldAgainstRodsWithTheirFrequencyAndTheRub() {
    SettledDispute hold = about("workSays.hold", Jobs.HIVE, PLAN);
    assertThat(chosen(hold)).isEqualTo("workSays.holdBrackets");
    assertThat(number(effect(hold, 0, "workSays.holdShakes"), "frequency")).isBetween(60.0, 80.0);
    assertThat(number(effect(hold, 1, "throughRodsRisk.rubs"), "left"))
        .isCloseTo(0.004, within(1e-9));
    assertThat(number(hold.reason(), "gain"))
        .isCloseTo(sure(hold, 1) - sure(hold, 0), within(1e-9));
    // Nothing is drawn yet for the cooler that stands in for one.
    assertThat(effect(about("workSays.hold", Jobs.HIVE, RESTORED), 0, "workSays.holdNotDrawn"))
        .isNotNull();
  }

  /** 17 mm of rubber over some hundred kelvins. */
  @Test
  void aClampFollowsTheHoseAsItShrinks() {
    SettledDispute clamp = about("workSays.clamp", Jobs.HIVE, PLAN);
    assertThat(chosen(clamp)).isEqualTo("workSays.clampSpring");
    double hot = number(clamp.reason(), "hot");
    double shrinks = 0.017 * 1.4e-4 * (hot - number(clamp.reason(), "cold"));
    assertThat(number(clamp.reason(), "shrinks")).isCloseTo(shrinks, within(1e-9));
    assertThat(number(effect(clamp, 1, "workSays.clampStands"), "pressure")).isBetween(1e5, 4.2e5);
  }

  @Test
  void linesThatAreAlikeAreToldApartByTheManualAlone() {
    assertThat(chosen(about("workSays.return", Jobs.HIVE, RESTORED)))
        .isEqualTo("workSays.returnThermometer");
    JobContent weak = Jobs.with(Jobs.HIVE, "rig.vehicle.gearbox.inTankWattsPerKelvin", 22);
    JobContent level = Jobs.with(Jobs.with(weak, "haul.gradePercent", 0), AMBIENT, 15);
    SettledDispute alike = about("workSays.return", level, RESTORED);
    assertThat(chosen(alike)).isEqualTo("workSays.returnManual");
    assertThat(number(alike.reason(), "differ")).isLessThan(3);
  }

  @Test
  void anOrderThatKeepsTheOilWarmForNothingIsTaken() {
    // With a thermal bypass and no tank the gearbox warms itself; the tank's coolant, with the
    // thermostat hardly open, has been chilled by the radiator and would cool it.
    JobContent easy = stretch(Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 3), AMBIENT, 20));
    JobContent guarded =
        Jobs.with(
            Jobs.with(easy, "builds.plan-3.coolers.cooler-1.part.bypassOpensC", 80),
            "rig.vehicle.limits.overcooledPanC",
            40);
    SettledDispute dispute = about("timeSays.tank", guarded, PLAN);
    assertThat(chosen(dispute)).isEqualTo("timeSays.tankBypassed");
    assertThat(dispute.reason().code()).isEqualTo("timeSays.tankWarmAndMost");
    double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
    assertThat(sure(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
    assertThat(dispute.schools().get(0).effects().toString()).contains("coldStays");
    assertThat(dispute.schools().get(2).effects().toString()).doesNotContain("coldStays");
  }

  @Test
  void theTankIsBypassedWhereItCostsTheOilHeadroom() {
    // A cooler road and a strict pan: the oil binds, and the coolant's tank warms it on the climb.
    JobContent strict =
        stretch(Jobs.with(Jobs.with(Jobs.HIVE, AMBIENT, 25), "rig.vehicle.limits.panC", 80));
    SettledDispute dispute = about("timeSays.tank", strict, PLAN);
    assertThat(chosen(dispute)).isEqualTo("timeSays.tankBypassed");
    assertThat(number(dispute.reason(), "headroom"))
        .isCloseTo(sure(dispute, 2) - sure(dispute, 0), within(0.06));
    assertThat(dispute.schools().get(2).effects().toString()).contains("leakCannotMix");
    assertThat(dispute.schools().get(0).effects().toString()).contains("tankHeats");
  }

  @Test
  void amongEqualsTheMakersOrderStays() {
    SettledDispute dispute = about("timeSays.tank", stretch(Jobs.HIVE), PLAN);
    double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
    assertThat(best - sure(dispute, 0)).isLessThan(1);
    assertThat(chosen(dispute)).isEqualTo("timeSays.tankFirst");
  }

  @Test
  void tightIsUsualAndAnotherPlaceMustEarnItsWork() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET)) {
      SettledDispute dispute = about("oilSays.place", job, PLAN);
      double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
      double gain = best - sure(dispute, 0);
      assertThat(dispute.recommended() == 0).as("tight").isEqualTo(gain <= 1);
      assertThat(sure(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
      assertThat(number(dispute.reason(), gain <= 1 ? "within" : "gain"))
          .isCloseTo(gain, within(0.06));
    }
    // The open gap cools less than the seal and costs the radiator less.
    SettledDispute hive = about("oilSays.place", Jobs.HIVE, PLAN);
    assertThat(hive.schools().get(1).pan().peakC())
        .isGreaterThan(hive.schools().get(0).pan().peakC());
    assertThat(hive.schools().get(2).effects().toString()).contains("anotherFan");
  }

  @Test
  void aShroudedPullerBeatsTheSameFanInFront() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.PLOUGH)) {
      SettledDispute dispute = about("airSays.side", job, RESTORED);
      assertThat(chosen(dispute)).isEqualTo("airSays.sidePuller");
      assertThat(number(dispute.reason(), "gain"))
          .isCloseTo(sure(dispute, 0) - sure(dispute, 1), within(0.06));
    }
  }

  @Test
  void aColderThermostatOnlyHelpsWhereItNeverOpensWideAndHeadroomIsMissing() {
    SettledDispute climb = about("timeSays.thermostat", Jobs.HIVE, PLAN);
    assertThat(climb.inTime()).isTrue();
    assertThat(climb.recommended()).isZero();
    assertThat(climb.reason().code()).isEqualTo("timeSays.colderSame");
    assertThat(number(effect(climb, 0, "timeSays.wideOpenFor"), "open")).isGreaterThan(300);
    assertThat(number(effect(climb, 1, "timeSays.atTheFoot"), "coolant"))
        .as("the colder one starts lower")
        .isLessThan(number(effect(climb, 0, "timeSays.atTheFoot"), "coolant") - 2);
    JobContent easy = stretch(Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 1), AMBIENT, 10));
    SettledDispute level = about("timeSays.thermostat", easy, PLAN);
    assertThat(level.recommended()).isZero();
    assertThat(level.reason().code()).isEqualTo("timeSays.colderNotNeeded");
    assertThat(number(level.reason(), "gain")).isBetween(6.0, 8.5);
    JobContent strict = Jobs.with(easy, "rig.vehicle.limits.coolantC", 90);
    SettledDispute missing = about("timeSays.thermostat", strict, PLAN);
    assertThat(missing.recommended()).isOne();
    assertThat(missing.reason().code()).isEqualTo("timeSays.colderWorth");
  }

  /** The same job without its road: its stretch is climbed from the level. */
  private static JobContent stretch(JobContent job) {
    return Jobs.with(job, "haul.journey", null);
  }

  @Test
  void aFanThatIsForgottenIsSaidAndTheQuietestSwitchThatHoldsIsTaken() {
    SettledDispute tight = about("timeSays.switching", Jobs.HIVE, PLAN);
    int byHand = tight.schools().size() - 1;
    assertThat(tight.schools().get(byHand).name().code()).isEqualTo("timeSays.switchByHand");
    assertThat(number(effect(tight, byHand, "timeSays.forgotten"), "coolant"))
        .isGreaterThan(tight.schools().get(0).coolant().peakC() + 5);
    assertThat(tight.schools().get(byHand).coolant().bandK())
        .as("one truck, one band")
        .isEqualTo(tight.schools().get(0).coolant().bandK());
    JobContent easy = stretch(Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 3), AMBIENT, 20));
    SettledDispute held = about("timeSays.switching", easy, PLAN);
    double loud = number(held.reason(), "loud");
    for (int i = 0; i < held.schools().size(); i++) {
      if (sure(held, i) >= 0) {
        assertThat(number(effect(held, i, "timeSays.loudFor"), "loud"))
            .isGreaterThanOrEqualTo(loud - 60);
      }
    }
    // A fan on the belt has no switch to dispute.
    assertThat(settle.disputes(new BuildRequest(Jobs.BUCKET, RESTORED)))
        .extracting(q -> q.code())
        .doesNotContain(TimeSays.SWITCHING);
  }

  @Test
  void coolingBeforeTheClimbLastsForAShortOneOnly() {
    JobContent longer = stretch(Jobs.with(Jobs.HIVE, "haul.gradePercent", 5));
    SettledDispute road = about("timeSays.early", longer, PLAN);
    assertThat(road.reason().code()).isEqualTo("timeSays.earlySame");
    double atFoot = number(effect(road, 0, "timeSays.atTheFoot"), "coolant");
    assertThat(number(effect(road, 2, "timeSays.atTheFoot"), "coolant")).isLessThan(atFoot - 3);
    SettledDispute tank = about("timeSays.tank", Jobs.HIVE, PLAN);
    assertThat(tank.schools()).hasSize(4);
    assertThat(number(effect(tank, 3, "timeSays.coldLukewarm"), "pan"))
        .as("on the engine's side it warms the oil")
        .isGreaterThan(number(effect(tank, 0, "timeSays.coldStays"), "pan") + 30);
  }

  @Test
  void theMainFanIsTheOneWithHeadroomOrTheLeastHungryAmongEquals() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET, Jobs.PLOUGH)) {
      SettledDispute dispute = about("airSays.mainFan", job, RESTORED);
      assertThat(dispute.schools()).hasSize(4);
      assertThat(dispute.schools().get(0).name().code()).isEqualTo("airSays.mainFitted");
      double best = -1e9;
      for (int i = 0; i < 4; i++) {
        best = Math.max(best, sure(dispute, i));
      }
      assertThat(sure(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
    }
    // Standing at idle, the fan that does not hang on the engine moves the most.
    SettledDispute bucket = about("airSays.mainFan", Jobs.BUCKET, RESTORED);
    double electric = number(effect(bucket, 2, "airSays.movesAtIdle"), "flow");
    assertThat(electric).isGreaterThan(number(effect(bucket, 1, "airSays.movesAtIdle"), "flow"));
  }

  @Test
  void theGearboxesOwnBypassIsLeftWhereTheColdDecidesAndPinnedWhereItHangs() {
    JobContent guarded =
        Jobs.with(Jobs.HIVE, "rig.vehicle.gearbox.bypass", new GearboxBypass(70, 85));
    SettledDispute left = about("oilSays.pin", guarded, RESTORED);
    assertThat(chosen(left)).isEqualTo("oilSays.pinLeave");
    assertThat(number(left.reason(), "warmer")).isGreaterThan(20);
    JobContent late =
        Jobs.with(Jobs.HIVE, "rig.vehicle.gearbox.bypass", new GearboxBypass(105, 130));
    assertThat(chosen(about("oilSays.pin", late, RESTORED))).isEqualTo("oilSays.pinOpen");
  }

  @Test
  void aRowMoreOfFineFinsCostsAirAndOfCoarseOnesGains() {
    SettledDispute fine = about("airSays.rows", Jobs.HIVE, RESTORED);
    assertThat(rowGain(Jobs.HIVE)).isBetween(-3.0, 0.0);
    assertThat(chosen(fine)).isEqualTo("airSays.rowsMoreAir");
    assertThat(number(effect(fine, 1, "airSays.coolantTurbulent"), "rows")).isEqualTo(3);
    JobContent coarse = Jobs.with(Jobs.HIVE, "rig.vehicle.cooling.radiator.finsPerInch", 14);
    assertThat(rowGain(coarse)).isBetween(0.5, 5.0);
    // With a weak pump its tubes give somewhat less, and it says so.
    JobContent still = Jobs.with(Jobs.HIVE, "rig.vehicle.cooling.pumpKgsAt4000", 1);
    assertThat(about("airSays.rows", still, RESTORED).schools().get(1).effects().toString())
        .contains("coolantLaminar");
  }

  private double rowGain(JobContent job) {
    SettledDispute dispute = about("airSays.rows", job, RESTORED);
    return sure(dispute, 1) - sure(dispute, 0);
  }

  @Test
  void metalIsDecidedByTheGroundWhereTheNumbersAreAlike() {
    JobContent sealed = Jobs.with(Jobs.BUCKET, "rig.vehicle.rollingCoefficient", 0.010);
    SettledDispute smooth = about("airSays.metal", sealed, RESTORED);
    SettledDispute rough = about("airSays.metal", Jobs.BUCKET, RESTORED);
    assertThat(Math.abs(sure(smooth, 0) - sure(smooth, 1))).isLessThan(3);
    double apart = sure(rough, 0) - sure(rough, 1);
    assertThat(chosen(rough))
        .isEqualTo(apart > 1 ? "airSays.metalAluminium" : "airSays.metalCopper");
    assertThat(rough.reason().code())
        .isEqualTo(Math.abs(apart) > 1 ? "airSays.metalApart" : "airSays.metalAlikeRough");
    assertThat(rough.otherwise().code()).isEqualTo("airSays.metalOtherwiseRough");
    assertThat(smooth.otherwise().code()).isEqualTo("airSays.metalOtherwise");
  }

  @Test
  void coldMorningsWithoutABypassTurnTheCoreType() {
    JobContent mild = Jobs.with(Jobs.HIVE, "rig.foundLines.coldC", 20);
    JobContent bitter = Jobs.with(Jobs.HIVE, "rig.foundLines.coldC", -35);
    SettledDispute cold = about("oilSays.core", bitter, PLAN);
    assertThat(chosen(cold)).isEqualTo("oilSays.corePlain");
    SettledDispute warm = about("oilSays.core", mild, PLAN);
    assertThat(cold.schools())
        .extracting(s -> s.name().code())
        .containsExactly("oilSays.corePlain", "oilSays.corePlateFin", "oilSays.coreStacked");
    // Where oil is short, plates are worth their drop.
    JobContent oilShort = Jobs.with(mild, "rig.vehicle.limits.panC", 85);
    SettledDispute plates = about("oilSays.core", oilShort, PLAN);
    assertThat(chosen(plates)).isNotEqualTo("oilSays.corePlain");
    assertThat(number(plates.reason(), "gain"))
        .isCloseTo(sure(plates, plates.recommended()) - sure(plates, 0), within(0.06));
    double left = number(effect(warm, 1, "oilSays.coreDrops"), "left");
    assertThat(left).isGreaterThan(number(effect(cold, 1, "oilSays.coreDrops"), "left"));
  }

  /** What a sentence says of a difference is the difference of the figures beside it. */
  @Test
  void eachReasonSpeaksOfTheFiguresShown() {
    Set<String> compare =
        Set.of(
            "gain", "apart", "lead", "within", "headroom", "less", "moves", "rows", "air", "most");
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET, Jobs.TILT_TRAY, Jobs.PLOUGH)) {
      for (SettledDispute dispute : all(job)) {
        dispute
            .reason()
            .values()
            .forEach(
                (name, value) -> {
                  if (compare.contains(name)) {
                    assertThat(apart(dispute))
                        .as(dispute.toString())
                        .anySatisfy(d -> assertThat(d).isCloseTo(value.value(), within(1e-6)));
                  }
                });
      }
    }
  }

  /** Every difference between two figures of a dispute, K. */
  private static List<Double> apart(SettledDispute dispute) {
    return dispute.schools().stream()
        .flatMap(a -> dispute.schools().stream().map(b -> a.sureHeadroomK() - b.sureHeadroomK()))
        .toList();
  }

  @Test
  void theFilterGoesBehindACoolerThatMayShed() {
    SettledDispute fresh = about("oilSays.filter", Jobs.HIVE, PLAN);
    double before = number(effect(fresh, 0, "oilSays.filterSees"), "drop");
    double after = number(effect(fresh, 1, "oilSays.filterSees"), "drop");
    assertThat(after).as("colder oil is thicker").isGreaterThan(before);
    assertThat(fresh.recommended()).isEqualTo(after - before > 5000 ? 0 : 1);
    // A cooler that was on the truck already has old dirt in it.
    JobContent used =
        Jobs.with(Jobs.HIVE, "builds.found.coolers", Jobs.HIVE.build(Jobs.PLAN).coolers());
    assertThat(about("oilSays.filter", used, PLAN).recommended()).isOne();
  }

  @Test
  void aBuildWithoutACoolerIsDisputedWithAMiddlingOneOfTheCatalogue() {
    SettledDispute bare = about("oilSays.core", Jobs.HIVE, RESTORED);
    assertThat(bare.schools()).allMatch(s -> s.problem() == null);
    JobContent shallow = Jobs.with(Jobs.HIVE, "rig.vehicle.cooling.openingDepthMm", 30);
    assertThatThrownBy(() -> settle.disputes(new BuildRequest(shallow, RESTORED)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.noCoolerFits");
    assertThatThrownBy(() -> settle.disputes(new BuildRequest(Jobs.HIVE, "nobody")))
        .hasMessageContaining("refusal.noSuchBuild");
  }

  @Test
  void aTruckWithoutASteadyStateIsStillAnswered() {
    JobContent still = Jobs.with(Jobs.HIVE, "builds.restored.fans.fan-1.speedPercent", 0);
    JobContent crawling =
        Jobs.with(Jobs.with(still, "haul.speedKmh", 5), "rig.vehicle.cooling.ramCoefficient", 0);
    for (SettledDispute dispute : all(crawling)) {
      List<String> standing =
          dispute.schools().stream()
              .filter(s -> s.problem() == null)
              .map(s -> s.name().code())
              .toList();
      if (standing.isEmpty()) {
        assertThat(dispute.reason().code()).isEqualTo("disputeWithout.noneStands");
      } else if (standing.size() < dispute.schools().size()) {
        assertThat(dispute.reason().code()).isEqualTo("disputeWithout.onlyStand");
        assertThat(standing).contains(chosen(dispute));
      }
      assertThat(dispute.schools().toString()).doesNotContain("NaN");
    }
    SettledDispute place = about("oilSays.place", crawling, RESTORED);
    assertThat(place.reason().code()).isEqualTo("disputeWithout.noneStands");
    // In time there is always an answer, until it boils.
    SettledDispute thermostat = about("timeSays.thermostat", stretch(crawling), RESTORED);
    assertThat(thermostat.schools()).allMatch(s -> s.standing() == Standing.OVER);
    SettledDispute fans = about("airSays.mainFan", crawling, RESTORED);
    assertThat(fans.schools()).anyMatch(s -> s.problem() == null);
  }
}
