package roadbreeze.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.condition.Condition.BypassFault;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.space.Layout;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;

class AssemblyTest {
  private static final Setup PLAN = WorkedCase.setup(true);
  private static final CoolerFit COOLER = WorkedCase.cooler();

  private static Balance solve(Setup setup) {
    return new SteadyBalance(Assembly.rig(setup)).solve(WorkedCase.CLIMB);
  }

  private static Setup with(Fitting fitting) {
    return PLAN.with(fitting);
  }

  private static CoolerFit at(CoolerFit.Place place, double x, double y, String id) {
    return new CoolerFit(
        Name.of(id, Name.Noun.OIL_COOLER, 0),
        COOLER.part(),
        place,
        Turn.AS_DRAWN,
        x,
        y,
        0.02,
        true,
        Optional.empty(),
        1);
  }

  private static List<String> layers(Setup setup) {
    return Assembly.rig(setup).stack().layers().stream().map(l -> l.name().id()).toList();
  }

  @Test
  void theMeasuredTruckIsThePublishedOne() {
    assertThat(solve(WorkedCase.setup(false)).coolant()).isCloseTo(110.60, within(0.01));
    assertThat(solve(WorkedCase.setup(false)).sump()).isCloseTo(115.86, within(0.01));
  }

  @Test
  void aCoolerStandsInDepthWhereItIsPut() {
    assertThat(layers(PLAN)).containsExactly("oil-cooler", "condenser", "radiator");
    assertThat(
            layers(
                with(
                    PLAN.fitting()
                        .withCoolers(
                            List.of(at(CoolerFit.Place.BEHIND_CONDENSER, 0.05, 0.25, "a"))))))
        .containsExactly("condenser", "a", "radiator");
    assertThat(
            layers(
                with(
                    PLAN.fitting()
                        .withCoolers(
                            List.of(at(CoolerFit.Place.BEHIND_RADIATOR, 0.05, 0.25, "a"))))))
        .containsExactly("condenser", "radiator", "a");
  }

  @Test
  void elsewhereWithoutAFanNothingMovesAndNothingIsTaken() {
    CoolerFit still = at(CoolerFit.Place.ELSEWHERE, 0, 0, "a");
    assertThat(solve(with(PLAN.fitting().withCoolers(List.of(still)))).heat().coolers().get("a"))
        .isZero();
    Setup blown = with(PLAN.fitting().withCoolers(List.of(still.elsewhere(new OwnFan(0.35)))));
    assertThat(solve(blown).heat().coolers().get("a")).isGreaterThan(2000);
    Rig rig = Assembly.rig(blown);
    assertThat(rig.stack().fans()).extracting(f -> f.name().id()).contains("a-fan");
    assertThat(rig.fanSettings()).hasSameSizeAs(rig.stack().fans());
  }

  @Test
  void onlyAnUnsealedGapLeaks() {
    assertThat(Assembly.rig(PLAN).stack().layers().get(0).openGap()).isZero();
    Setup open = with(PLAN.fitting().withFirst(COOLER.withGap(0.025, false)));
    assertThat(Assembly.rig(open).stack().layers().get(0).openGap()).isEqualTo(0.025);
  }

  private static List<String> kinds(Setup setup) {
    return Assembly.rig(setup).oilLoop().stages().stream()
        .flatMap(s -> s.branches().stream())
        .map(b -> b.element() instanceof OilElement.PackCooler c ? c.layer() : "tank")
        .toList();
  }

  @Test
  void theOilPassesItsElementsInTheOrderOfTheLines() {
    assertThat(kinds(PLAN)).containsExactly("tank", "oil-cooler");
    assertThat(kinds(with(PLAN.fitting().with(OilOrder.BEFORE_TANK))))
        .containsExactly("oil-cooler", "tank");
    assertThat(kinds(with(PLAN.fitting().with(OilOrder.TANK_BYPASSED))))
        .containsExactly("oil-cooler");
    Fitting.OilRun run = PLAN.fitting().oil();
    Fitting two =
        PLAN.fitting()
            .with(
                new Fitting.OilRun(
                    run.order(),
                    run.tankPlace(),
                    true,
                    false,
                    List.of(COOLER, at(CoolerFit.Place.FRONT, 0.43, 0.25, "b")),
                    run.hoses(),
                    List.of(),
                    Optional.empty()));
    Rig parallel = Assembly.rig(with(two));
    assertThat(parallel.oilLoop().stages()).hasSize(2);
    // Two of a kind share alike.
    assertThat(parallel.oilLoop().stages().get(1).branches())
        .allSatisfy(b -> assertThat(b.flowShare()).isCloseTo(0.5, within(1e-6)));
  }

  @Test
  void anotherRadiatorStandsOnTheSameMiddleAndBringsItsOwnTank() {
    RadiatorUnit wide =
        new RadiatorUnit(
            0.8,
            0.54,
            0.056,
            14,
            FinMetal.ALUMINIUM,
            RadiatorTubes.Surface.DIMPLED,
            OptionalDouble.empty());
    Setup swapped = with(PLAN.fitting().with(wide));
    Rectangle own = PLAN.radiator().outline();
    Rectangle size = swapped.radiator().outline();
    assertThat(size.x() + size.width() / 2).isCloseTo(own.x() + own.width() / 2, within(1e-12));
    assertThat(kinds(swapped)).as("no oil ports, no tank cooler").containsExactly("oil-cooler");
    LayerRole.Radiator role =
        (LayerRole.Radiator) Assembly.rig(swapped).stack().layers().get(2).role();
    assertThat(role.tubes().rows()).isCloseTo(2.8, within(1e-9));
  }

  /** What is worn or broken, and what it does to the climb. */
  private enum Fault {
    OPENS_LATE(new Condition(fault(), 15, 1, 1, 0, 1, 0, 0, 0, 0.02, 1, 0, BypassFault.NONE)),
    STUCK_SHUT(
        new Condition(
            Condition.ThermostatFault.STUCK_SHUT,
            0,
            1,
            1,
            0,
            1,
            0,
            0,
            0,
            0.02,
            1,
            0,
            BypassFault.NONE)),
    WEAK_PUMP(new Condition(fault(), 0, 0.6, 1, 0, 1, 0, 0, 0, 0.02, 1, 0, BypassFault.NONE)),
    COLLAPSED_HOSE(new Condition(fault(), 0, 1, 0.6, 0, 1, 0, 0, 0, 0.02, 1, 0, BypassFault.NONE)),
    AIR_IN_IT(new Condition(fault(), 0, 1, 1, 0.15, 1, 0, 0, 0, 0.02, 1, 0, BypassFault.NONE)),
    DIRTY_RADIATOR(new Condition(fault(), 0, 1, 1, 0, 1, 0.3, 0, 0, 0.02, 1, 0, BypassFault.NONE)),
    DIRTY_CONDENSER(new Condition(fault(), 0, 1, 1, 0, 1, 0, 0.4, 0, 0.02, 1, 0, BypassFault.NONE)),
    LOST_SEALS(new Condition(fault(), 0, 1, 1, 0, 1, 0, 0, 0, 0.15, 1, 0, BypassFault.NONE));

    private final Condition condition;

    Fault(Condition condition) {
      this.condition = condition;
    }

    private static Condition.ThermostatFault fault() {
      return Condition.ThermostatFault.NONE;
    }
  }

  @ParameterizedTest
  @EnumSource
  void eachFaultHeatsTheCoolant(Fault fault) {
    var slow = WorkedCase.SLIPPING.withAmbient(12);
    double sound = new SteadyBalance(Assembly.rig(PLAN)).solve(slow).coolant();
    Setup worn = with(PLAN.fitting().with(fault.condition));
    assertThat(hottest(worn, slow)).isGreaterThan(sound + 0.05);
  }

  private static double hottest(Setup setup, roadbreeze.core.circuit.OperatingPoint point) {
    try {
      return new SteadyBalance(Assembly.rig(setup)).solve(point).coolant();
    } catch (roadbreeze.core.problem.NotConvergedException e) {
      return SteadyBalance.COOLANT_CEILING;
    }
  }

  @Test
  void aThermostatStuckOpenCoolsTheLevelAndAWeakCapBoilsSooner() {
    var level = WorkedCase.CLIMB.withGrade(0).withAmbient(0);
    Condition open =
        new Condition(
            Condition.ThermostatFault.STUCK_OPEN,
            0,
            1,
            1,
            0,
            1,
            0,
            0,
            0,
            0.02,
            1,
            0,
            BypassFault.NONE);
    double sound = new SteadyBalance(Assembly.rig(PLAN)).solve(level).coolant();
    assertThat(hottest(with(PLAN.fitting().with(open)), level)).isLessThan(sound - 10);
    Condition weak =
        new Condition(
            Condition.ThermostatFault.NONE, 0, 1, 1, 0, 0.5, 0, 0, 0, 0.02, 1, 0, BypassFault.NONE);
    Setup leaking = with(PLAN.fitting().with(weak));
    assertThat(leaking.boilingPoint(600)).isLessThan(PLAN.boilingPoint(600) - 5);
    assertThat(solve(leaking).coolant()).isCloseTo(solve(PLAN).coolant(), within(1e-9));
  }

  @Test
  void aStarvedGearboxRunsItsOilHotter() {
    Condition starved =
        new Condition(
            Condition.ThermostatFault.NONE, 0, 1, 1, 0, 1, 0, 0, 0, 0.02, 0.4, 0, BypassFault.NONE);
    assertThat(solve(with(PLAN.fitting().with(starved))).feed())
        .isGreaterThan(solve(PLAN).feed() + 1);
  }

  @Test
  void anObstacleThatTakesTheAirCostsCoolantAndOneThatDoesNotCostsNothing() {
    double bare = solve(PLAN).coolant();
    Solid slim = Noses.metal("o1", new Rectangle(0.37, -0.02, 0.034, 0.56), false, false);
    Solid wide = Noses.metal("o2", new Rectangle(0.25, 0.10, 0.30, 0.16), true, false);
    assertThat(solve(new Setup(facing(slim), PLAN.fitting())).coolant())
        .isCloseTo(bare, within(1e-6));
    assertThat(solve(new Setup(facing(wide), PLAN.fitting())).coolant()).isGreaterThan(bare + 0.2);
  }

  private static Truck facing(Solid solid) {
    Truck t = PLAN.truck();
    Truck.FrontEnd f = t.front();
    return new Truck(
        t.powertrain(),
        t.load(),
        t.accessories(),
        t.chargeAir(),
        t.coolant(),
        t.oil(),
        new Truck.FrontEnd(
            f.opening(),
            f.depth(),
            f.coreGap(),
            f.fanToCore(),
            f.tipGap(),
            f.ramCoefficient(),
            Noses.of(solid)),
        t.cores(),
        t.fanFactor(),
        t.lines());
  }

  private static FanUnit unit(FanUnit.Type kind, double power, OptionalDouble pulley) {
    return new FanUnit(
        kind,
        1,
        0.48,
        new FanCurve(330, 2.4, false),
        power > 0 ? OptionalDouble.of(power) : OptionalDouble.empty(),
        pulley,
        OptionalDouble.of(2600),
        OptionalDouble.of(6000),
        OptionalDouble.of(60),
        OptionalDouble.of(85),
        OptionalDouble.empty());
  }

  private static Setup blownBy(FanUnit unit) {
    FanFit fan = PLAN.fitting().fans().get(0);
    return with(PLAN.fitting().withFans(List.of(fan.withPart(unit))));
  }

  @Test
  void aFanOfKnownCurrentLoadsTheEngineThroughTheAlternator() {
    Setup silent = blownBy(unit(FanUnit.Type.ELECTRIC, 0, OptionalDouble.empty()));
    Setup known = blownBy(unit(FanUnit.Type.ELECTRIC, 540, OptionalDouble.empty()));
    double more =
        Assembly.rig(known).accessories().basePower()
            - Assembly.rig(silent).accessories().basePower();
    assertThat(more).isCloseTo(540 / 0.6, within(1e-9));
  }

  @Test
  void fansOnTheEngineAreDrivenAsTheirKindIs() {
    OptionalDouble pulley = OptionalDouble.of(1.1);
    assertThat(drive(unit(FanUnit.Type.VISCOUS, 0, pulley))).isInstanceOf(FanDrive.Viscous.class);
    assertThat(drive(unit(FanUnit.Type.CONTROLLED, 0, pulley)))
        .isInstanceOf(FanDrive.Controlled.class);
    assertThat(solve(blownBy(unit(FanUnit.Type.BELT, 0, pulley))).fanEngagement())
        .isCloseTo(1, within(1e-5));
    assertThatThrownBy(() -> drive(unit(FanUnit.Type.VISCOUS, 0, OptionalDouble.empty())))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("PULLEY_RATIO");
  }

  private static FanDrive drive(FanUnit unit) {
    return Assembly.rig(blownBy(unit)).fanSettings().get(0).drive();
  }

  @Test
  void theLayoutLeavesOutWhatStandsElsewhereAndKnowsAFanOnTheEngine() {
    Fitting both =
        PLAN.fitting().withCoolers(List.of(COOLER, at(CoolerFit.Place.ELSEWHERE, 0, 0, "b")));
    Layout layout = Layout.of(with(both));
    assertThat(layout.coolers()).hasSize(1);
    assertThat(layout.fanOnEngine()).isFalse();
    FanUnit viscous = unit(FanUnit.Type.VISCOUS, 0, OptionalDouble.of(1.1));
    assertThat(Layout.of(blownBy(viscous)).fanOnEngine()).isTrue();
  }

  /** A search puts coolers into a truck without any: its hoses count before they are there. */
  @Test
  void hosesCountBeforeTheirCoolerIsThere() {
    Setup bare = PLAN.with(PLAN.fitting().withCoolers(List.of()));
    TransmissionFluid oil = PLAN.truck().oil().fluid();
    double flow = PLAN.truck().oil().flow();
    double drop = Assembly.circuit(PLAN, true).lineDrop(flow, oil, 90);
    assertThat(Assembly.circuit(bare, true).lineDrop(flow, oil, 90)).isEqualTo(drop);
    assertThat(Assembly.circuit(bare, false).lineDrop(flow, oil, 90)).isLessThan(drop - 5e3);
    // Where nothing is fitted they are not there.
    assertThat(Assembly.rig(bare).oilLoop().circuit().lineDrop(flow, oil, 90))
        .isEqualTo(Assembly.circuit(bare, false).lineDrop(flow, oil, 90));
    assertThat(Assembly.lines(bare).volume()).isZero();
  }
}
