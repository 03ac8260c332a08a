package roadbreeze.server.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.fit.Layout;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.sizing.BalanceRequest;

/** What people enter becomes the rig they mean: places, orders, fans, fronts. */
class RigFactoryTest {
  private static final BalanceRequest CASE = DemoWorld.workedCase();
  private static final Build PLAN = CASE.build();
  private static final FittedCooler COOLER = PLAN.coolers().get(0);

  private static Rig rig(Build build, Obstacle... obstacles) {
    return RigFactory.rig(CASE.vehicle(), CASE.trailer(), List.of(obstacles), build, 1);
  }

  private static Balance solve(Rig rig) {
    return new SteadyBalance(rig).solve(CASE.haul().toCore());
  }

  private static List<String> layers(Build build) {
    return rig(build).stack().layers().stream().map(l -> l.name()).toList();
  }

  private static Build with(FittedCooler... coolers) {
    return PLAN.withCoolers(List.of(coolers));
  }

  @Test
  void aCoolerStandsInDepthWhereItIsPut() {
    assertThat(layers(PLAN)).containsExactly("oil cooler", "condenser", "radiator");
    assertThat(layers(with(COOLER.at(FittedCooler.Place.BEHIND_CONDENSER, 50, 250))))
        .containsExactly("condenser", "oil cooler", "radiator");
    assertThat(layers(with(COOLER.at(FittedCooler.Place.BEHIND_RADIATOR, 50, 250))))
        .containsExactly("condenser", "radiator", "oil cooler");
  }

  @Test
  void elsewhereWithoutAFanNothingMovesAndNothingIsTaken() {
    Rig still = rig(with(COOLER.at(FittedCooler.Place.ELSEWHERE, 0, 0)));
    assertThat(solve(still).heat().coolers().get("oil cooler")).isZero();
    Rig blown = rig(with(COOLER.at(FittedCooler.Place.ELSEWHERE, 0, 0).withOwnFan(0.35)));
    assertThat(solve(blown).heat().coolers().get("oil cooler")).isGreaterThan(2000);
    assertThat(blown.stack().fans()).extracting(Fan::name).contains("oil cooler's own fan");
    assertThat(blown.fanSettings()).hasSameSizeAs(blown.stack().fans());
  }

  @Test
  void onlyAnUnsealedGapLeaks() {
    assertThat(rig(PLAN).stack().layers().get(0).openGap()).isZero();
    assertThat(rig(with(COOLER.withGap(25, false))).stack().layers().get(0).openGap())
        .isCloseTo(0.025, within(1e-12));
  }

  @Test
  void theOilPassesItsElementsInTheOrderOfTheLines() {
    assertThat(kinds(PLAN)).containsExactly("tank", "oil cooler");
    assertThat(kinds(PLAN.withOilOrder(Build.OilOrder.BEFORE_TANK)))
        .containsExactly("oil cooler", "tank");
    assertThat(kinds(PLAN.withOilOrder(Build.OilOrder.TANK_BYPASSED)))
        .containsExactly("oil cooler");
    Build two = with(COOLER, COOLER.at(FittedCooler.Place.FRONT, 430, 250));
    assertThat(kinds(two)).containsExactly("tank", "oil cooler", "oil cooler 2");
    Rig parallel = rig(two.withParallel(true));
    assertThat(parallel.oilLoop().stages()).hasSize(2);
    // Two of a kind share alike.
    assertThat(parallel.oilLoop().stages().get(1).branches())
        .allSatisfy(b -> assertThat(b.flowShare()).isCloseTo(0.5, within(1e-6)));
  }

  private static List<String> kinds(Build build) {
    return rig(build).oilLoop().stages().stream()
        .flatMap(s -> s.branches().stream())
        .map(b -> b.element() instanceof OilElement.PackCooler c ? c.layer() : "tank")
        .toList();
  }

  @Test
  void anotherRadiatorStandsOnTheSameMiddleAndBringsItsOwnTank() {
    RadiatorPart part =
        new RadiatorPart(
            "R", "wide", 800, 540, 56, 14, FinMetal.ALUMINIUM, RadiatorPart.Tanks.METAL, null, 0);
    Build swapped = PLAN.withRadiator(part);
    CoreSize size = RigFactory.radiator(CASE.vehicle().cooling(), swapped);
    CoreSize own = CASE.vehicle().cooling().radiator();
    assertThat(size.leftMm() + size.widthMm() / 2).isEqualTo(own.leftMm() + own.widthMm() / 2);
    assertThat(kinds(swapped)).as("no oil ports, no tank cooler").containsExactly("oil cooler");
    LayerRole.Radiator role = (LayerRole.Radiator) rig(swapped).stack().layers().get(2).role();
    assertThat(role.tubes().rows()).isEqualTo(3);
  }

  @Test
  void whatHangsInFrontTakesRamPressure() {
    assertThat(rig(PLAN).stack().ramCoefficient()).isEqualTo(0.55);
    Build ploughed =
        new Build(
            PLAN.kind(),
            PLAN.name(),
            new Condition(0, 0, 0.02, true, false, true, false),
            PLAN.switching(),
            null,
            PLAN.oilOrder(),
            false,
            PLAN.coolers(),
            PLAN.fans());
    assertThat(rig(ploughed).stack().ramCoefficient()).isCloseTo(0.55 * 0.8 * 0.5, within(1e-12));
    assertThat(solve(rig(ploughed)).coolant()).isGreaterThan(solve(rig(PLAN)).coolant());
  }

  @Test
  void anObstacleThatTakesTheAirCostsCoolantAndOneThatDoesNotCostsNothing() {
    Obstacle slim = new Obstacle("brace", 370, -20, 34, 560, false, false);
    Obstacle wide = new Obstacle("winch", 250, 100, 300, 160, true, false);
    double bare = solve(rig(PLAN)).coolant();
    assertThat(solve(rig(PLAN, slim)).coolant()).isCloseTo(bare, within(1e-6));
    assertThat(solve(rig(PLAN, wide)).coolant()).isGreaterThan(bare + 0.2);
  }

  private static FanPart fan(
      FanPart.Kind kind,
      Double shutoff,
      List<Double> flows,
      List<Double> pressures,
      Double amps,
      Double pulley) {
    return new FanPart(
        "F",
        "fan",
        kind,
        1,
        480,
        2.4,
        shutoff,
        flows,
        pressures,
        amps == null ? null : 13.5,
        amps,
        pulley,
        pulley == null ? null : 2600.0,
        pulley == null ? null : 6.0,
        60.0,
        85.0,
        0);
  }

  private static Build blownBy(FanPart part) {
    FittedFan f = PLAN.fans().get(0);
    return PLAN.withFans(List.of(f.withPart(part)));
  }

  @Test
  void pointsWinOverFiguresAndAFreeAirFigureAloneIsAnEstimate() {
    FanPart free = fan(FanPart.Kind.ELECTRIC, null, null, null, null, null);
    assertThat(RigFactory.curve(free, 1).estimated()).isTrue();
    FanPart figures = fan(FanPart.Kind.ELECTRIC, 330.0, null, null, null, null);
    assertThat(RigFactory.curve(figures, 1).estimated()).isFalse();
    assertThat(RigFactory.curve(figures, 0.8).shutoffPressure())
        .as("corrected by a traverse")
        .isCloseTo(264, within(1e-9));
    FanCurve points =
        RigFactory.curve(
            fan(FanPart.Kind.ELECTRIC, 330.0, List.of(0.0, 2.0), List.of(200.0, 0.0), null, null),
            1);
    assertThat(points.shutoffPressure()).isCloseTo(200, within(1e-9));
    assertThat(points.freeFlow()).isCloseTo(2.0, within(1e-9));
    FanPart odd = fan(FanPart.Kind.ELECTRIC, null, List.of(0.0, 1.0), List.of(100.0), null, null);
    assertThatThrownBy(() -> RigFactory.curve(odd, 1)).isInstanceOf(BadInputException.class);
  }

  @Test
  void aFanOfKnownCurrentLoadsTheEngineThroughTheAlternator() {
    FanPart silent = fan(FanPart.Kind.ELECTRIC, 330.0, null, null, null, null);
    FanPart known = fan(FanPart.Kind.ELECTRIC, 330.0, null, null, 40.0, null);
    double more =
        rig(blownBy(known)).accessories().basePower()
            - rig(blownBy(silent)).accessories().basePower();
    assertThat(more).isCloseTo(13.5 * 40 / 0.6, within(1e-9));
  }

  @Test
  void fansOnTheEngineAreDrivenAsTheirKindIs() {
    assertThat(drive(fan(FanPart.Kind.VISCOUS, 330.0, null, null, null, 1.1)))
        .isInstanceOf(FanDrive.Viscous.class);
    assertThat(drive(fan(FanPart.Kind.CONTROLLED, 330.0, null, null, null, 1.1)))
        .isInstanceOf(FanDrive.Controlled.class);
    Balance solid = solve(rig(blownBy(fan(FanPart.Kind.BELT, 330.0, null, null, null, 1.1))));
    assertThat(solid.fanEngagement()).isEqualTo(1);
    Build loose = blownBy(fan(FanPart.Kind.VISCOUS, 330.0, null, null, null, null));
    assertThatThrownBy(() -> rig(loose))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("pulley ratio");
  }

  private static FanDrive drive(FanPart part) {
    return rig(blownBy(part)).fanSettings().get(0).drive();
  }

  @Test
  void theLayoutLeavesOutWhatStandsElsewhereAndKnowsAFanOnTheEngine() {
    Build both = with(COOLER, COOLER.at(FittedCooler.Place.ELSEWHERE, 0, 0));
    Layout layout = RigFactory.layout(CASE.vehicle().cooling(), List.of(), both);
    assertThat(layout.coolers()).hasSize(1);
    assertThat(layout.fanOnEngine()).isFalse();
    assertThat(layout.opening().width()).isCloseTo(0.8, within(1e-12));
    assertThat(layout.opening().x()).isCloseTo(-0.02, within(1e-12));
    Build belt = blownBy(fan(FanPart.Kind.VISCOUS, 330.0, null, null, null, 1.1));
    assertThat(RigFactory.layout(CASE.vehicle().cooling(), List.of(), belt).fanOnEngine()).isTrue();
  }
}
