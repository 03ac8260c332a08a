package roadbreeze.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.condition.Condition.BypassFault;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.core.space.Layout;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.vehicle.ChargeAir;

/** What a build may change beside oil coolers, fans and radiator. */
class FittingTest {
  private static final Setup PLAN = WorkedCase.setup(true);
  private static final Rectangle LOW = new Rectangle(0.1, 0.02, 0.4, 0.1);

  private static Balance solve(Setup setup) {
    return new SteadyBalance(Assembly.rig(setup)).solve(WorkedCase.CLIMB);
  }

  private static OtherCooler other(OtherCooler.Kind kind, CoolerFit.Place place, boolean behind) {
    return new OtherCooler(
        Name.of(kind.name(), kind.noun(), 0),
        kind,
        new Core(LOW, 0.02, 12, FinMetal.ALUMINIUM),
        place,
        behind,
        kind.usual());
  }

  private static Setup with(OtherCooler... others) {
    return PLAN.with(PLAN.fitting().withOthers(List.of(others)));
  }

  private static List<String> layers(Setup setup) {
    return Assembly.rig(setup).stack().layers().stream().map(l -> l.name().id()).toList();
  }

  @Test
  void anotherCoolerStandsWhereItIsPut() {
    OtherCooler.Kind kind = OtherCooler.Kind.STEERING;
    assertThat(layers(with(other(kind, CoolerFit.Place.FRONT, false))))
        .containsExactly("STEERING", "oil-cooler", "condenser", "radiator");
    assertThat(layers(with(other(kind, CoolerFit.Place.FRONT, true))))
        .containsExactly("oil-cooler", "STEERING", "condenser", "radiator");
    assertThat(layers(with(other(kind, CoolerFit.Place.BEHIND_CONDENSER, false))))
        .containsExactly("oil-cooler", "condenser", "STEERING", "radiator");
    assertThat(layers(with(other(kind, CoolerFit.Place.BEHIND_RADIATOR, false))))
        .containsExactly("oil-cooler", "condenser", "radiator", "STEERING");
    assertThat(layers(with(other(kind, CoolerFit.Place.ELSEWHERE, false)))).isEqualTo(layers(PLAN));
    assertThat(Layout.of(with(other(kind, CoolerFit.Place.FRONT, true))).coolers()).hasSize(2);
    assertThat(Layout.of(with(other(kind, CoolerFit.Place.ELSEWHERE, true))).coolers()).hasSize(1);
  }

  @ParameterizedTest
  @EnumSource(OtherCooler.Kind.class)
  void itWarmsAndHoldsUpTheAirOfWhatStandsBehindIt(OtherCooler.Kind kind) {
    Balance front = solve(with(other(kind, CoolerFit.Place.FRONT, true)));
    Balance behind = solve(with(other(kind, CoolerFit.Place.BEHIND_RADIATOR, true)));
    double gives = front.heat().others().get(kind.name());
    assertThat(gives)
        .isCloseTo(kind.usual().heat(front.heat().engineToCoolant()), within(1e-6))
        .isGreaterThan(400);
    double cold =
        solve(
                with(
                    new OtherCooler(
                        Name.of("cold", kind.noun(), 0),
                        kind,
                        new Core(LOW, 0.02, 12, FinMetal.ALUMINIUM),
                        CoolerFit.Place.FRONT,
                        true,
                        new LayerRole.OtherCooler(0, 0))))
            .coolant();
    double without = solve(PLAN).coolant();
    assertThat(cold).isGreaterThan(without + 0.05);
    assertThat(front.coolant()).isGreaterThan(cold + 0.1);
    assertThat(behind.coolant()).isBetween(without, front.coolant());
  }

  /** The paths of air through a cooler of set heat carry off just that heat. */
  @Test
  void theAirTakesUpWhatItGives() {
    OtherCooler steering = other(OtherCooler.Kind.STEERING, CoolerFit.Place.FRONT, false);
    Balance b = solve(with(steering));
    double sum = 0;
    var stack = Assembly.rig(with(steering)).stack();
    for (int p = 0; p < stack.paths().size(); p++) {
      int[] through = stack.layersOf(p);
      for (int i = 0; i < through.length; i++) {
        boolean its = stack.layers().get(through[i]).name().id().equals("STEERING");
        sum += its ? b.cellHeat()[p][i] : 0;
      }
    }
    assertThat(sum).isCloseTo(1500, within(1e-6));
  }

  @Test
  void aStrongerPumpIsThatOfTheBuild() {
    Fitting.Swaps own = PLAN.fitting().swaps();
    Fitting.Swaps strong =
        new Fitting.Swaps(
            own.thermostat(), own.radiator(), own.chargeAirCooler(), OptionalDouble.of(4.6));
    assertThat(solve(PLAN.with(PLAN.fitting().with(strong))).coolant())
        .isLessThan(solve(PLAN).coolant() - 0.2);
  }

  /** The worked truck with boost and a deep charge-air cooler low before its radiator. */
  private static Setup boosted(Optional<ChargeAirUnit> swapped) {
    Truck t = PLAN.truck();
    Core deep = new Core(new Rectangle(0.1, 0.02, 0.56, 0.30), 0.076, 12, FinMetal.ALUMINIUM);
    Truck truck =
        new Truck(
            t.powertrain(),
            t.load(),
            t.accessories(),
            Optional.of(new ChargeAir(2.2, ChargeAir.USUAL_INTAKE_RISE)),
            t.coolant(),
            t.oil(),
            t.front(),
            new Truck.Cores(t.cores().radiator(), t.cores().condenser(), Optional.of(deep), false),
            t.fanFactor(),
            t.lines());
    Fitting.Swaps own = PLAN.fitting().swaps();
    return new Setup(
        truck,
        PLAN.fitting()
            .with(
                new Fitting.Swaps(
                    own.thermostat(), own.radiator(), swapped, own.pumpFlowAt4000())));
  }

  @Test
  void aChargeAirCoolerIsHungInTheMountsOfTheOldOne() {
    Setup swapped = boosted(Optional.of(new ChargeAirUnit(0.70, 0.32, 0.05, 11)));
    Rectangle outline = swapped.chargeAirCooler().orElseThrow().outline();
    assertThat(outline.x()).isCloseTo(0.1 + (0.56 - 0.70) / 2, within(1e-12));
    assertThat(outline.y()).isEqualTo(0.02);
    assertThat(solve(swapped).coolant())
        .isLessThan(solve(boosted(Optional.empty())).coolant() - 0.5);
    assertThat(PLAN.chargeAirCooler()).isEmpty();
  }

  @Test
  void whatIsMovedOutOfTheOpeningNoLongerTakesItsAir() {
    Truck t = PLAN.truck();
    Truck.FrontEnd f = t.front();
    Solid horn = Noses.metal("horn", new Rectangle(0.3, 0.1, 0.2, 0.3), true, true);
    Truck shadowed =
        t.withFront(
            new Truck.FrontEnd(
                f.opening(),
                f.depth(),
                f.coreGap(),
                f.fanToCore(),
                f.tipGap(),
                f.ramCoefficient(),
                Noses.of(horn)));
    Fitting plan = PLAN.fitting();
    Fitting cleared =
        new Fitting(
            plan.condition(),
            new Fitting.Nose(1, Set.of("horn"), List.of()),
            plan.swaps(),
            plan.oil(),
            plan.fans(),
            plan.others());
    double there = solve(new Setup(shadowed, plan)).coolant();
    assertThat(solve(new Setup(shadowed, cleared)).coolant())
        .isEqualTo(solve(PLAN).coolant())
        .isLessThan(there);
    assertThat(Layout.of(new Setup(shadowed, cleared)).solids()).isEmpty();
    assertThat(Layout.of(new Setup(shadowed, plan)).solids()).hasSize(1);
  }

  private static Setup behind(Rectangle opening) {
    Truck t = PLAN.truck();
    Truck.FrontEnd f = t.front();
    return new Setup(
        t.withFront(
            new Truck.FrontEnd(
                opening,
                f.depth(),
                f.coreGap(),
                f.fanToCore(),
                f.tipGap(),
                f.ramCoefficient(),
                f.nose())),
        PLAN.fitting());
  }

  /** Half the face open: the air loses one of the heads that it had more, (1/½ − 1)² = 1. */
  @Test
  void aSmallOpeningChokesThePackWhateverDrivesTheAir() {
    Setup wide = behind(new Rectangle(-0.02, -0.02, 0.80, 0.56));
    Setup half = behind(new Rectangle(0, 0.13, 0.76, 0.26));
    Setup letterbox = behind(new Rectangle(0.3, 0.2, 0.15, 0.11));
    Rectangle face = half.radiator().outline();
    assertThat(Assembly.openShare(half.truck().front().opening(), List.of(), face))
        .isCloseTo(0.5, within(1e-12));
    assertThat(solve(wide).coolant()).isEqualTo(solve(PLAN).coolant());
    assertThat(solve(half).coolant()).isGreaterThan(solve(wide).coolant() + 2);
    // On the spot there is only the fan, and the letterbox holds it up all the same.
    OperatingPoint crawl = WorkedCase.CLIMB.withSpeed(3).withGrade(0.02).withAmbient(20);
    var open = new SteadyBalance(Assembly.rig(wide)).solve(crawl);
    var shut = new SteadyBalance(Assembly.rig(letterbox)).solve(crawl);
    assertThat(shut.airFlow().totalFlow(Assembly.rig(letterbox).stack()))
        .isLessThan(0.5 * open.airFlow().totalFlow(Assembly.rig(wide).stack()));
  }

  @Test
  void aCoolerBesideTheOpeningGetsNoAirAndTakesNothing() {
    CoolerFit c = WorkedCase.cooler();
    CoolerFit aside =
        new CoolerFit(
            c.name(),
            c.part(),
            c.place(),
            Turn.AS_DRAWN,
            0.85,
            0.1,
            c.gap(),
            true,
            Optional.empty(),
            1);
    Balance b = solve(PLAN.with(PLAN.fitting().withFirst(aside)));
    assertThat(b.heat().coolers().get(c.name().id())).isZero();
    assertThat(b.coolant()).isCloseTo(solve(WorkedCase.setup(false)).coolant(), within(0.2));
  }

  private static Setup bypassed(BypassFault fault, boolean pinned) {
    Truck t = PLAN.truck();
    Truck.OilSide o = t.oil();
    Truck truck =
        t.withOil(
            new Truck.OilSide(
                o.fluid(),
                o.flow(),
                o.caseConductance(),
                o.tankConductance(),
                Bypass.byTemperature(70, 85)));
    Condition c = Condition.SOUND;
    Condition worn =
        new Condition(c.thermostat(), 0, 1, 1, 0, 1, 0, 0, 0, c.recirculation(), 1, 0, fault);
    Fitting fitting = PLAN.fitting().with(worn);
    return new Setup(truck, pinned ? fitting.withBypassPinned() : fitting);
  }

  @Test
  void theGearboxBypassFailsShutOrOpenAndMayBePinned() {
    OperatingPoint cold = WorkedCase.CLIMB.withAmbient(-20).withGrade(0);
    var sound = new SteadyBalance(Assembly.rig(bypassed(BypassFault.NONE, false)));
    var open = new SteadyBalance(Assembly.rig(bypassed(BypassFault.STUCK_OPEN, false)));
    var pinned = new SteadyBalance(Assembly.rig(bypassed(BypassFault.STUCK_SHUT, true)));
    assertThat(open.solve(cold).sump()).isLessThan(sound.solve(cold).sump() - 5);
    assertThat(pinned.solve(cold).sump()).isCloseTo(open.solve(cold).sump(), within(2e-3));
    assertThat(solve(bypassed(BypassFault.NONE, false)).sump())
        .isCloseTo(solve(PLAN).sump(), within(1e-3));
    assertThat(solve(bypassed(BypassFault.STUCK_SHUT, false)).sump())
        .isGreaterThan(solve(PLAN).sump() + 20);
    // A gearbox without one has none to stick.
    Condition stuck = bypassed(BypassFault.STUCK_SHUT, false).fitting().condition();
    assertThat(solve(PLAN.with(PLAN.fitting().with(stuck))).sump()).isEqualTo(solve(PLAN).sump());
  }

  @Test
  void aDriverHoldsAControlledClutch() {
    FanUnit unit =
        new FanUnit(
            FanUnit.Type.CONTROLLED,
            1,
            0.48,
            new FanCurve(500, 2.8, false),
            OptionalDouble.empty(),
            OptionalDouble.of(1.1),
            OptionalDouble.of(2600),
            OptionalDouble.of(6000),
            OptionalDouble.of(120),
            OptionalDouble.of(128),
            OptionalDouble.empty());
    FanFit fan = PLAN.fitting().fans().get(0).withPart(unit);
    Balance late = solve(PLAN.with(PLAN.fitting().withFans(List.of(fan))));
    Balance held = solve(PLAN.with(PLAN.fitting().withFans(List.of(fan.withHeld(true)))));
    assertThat(held.fanEngagement()).isCloseTo(0.9, within(1e-5));
    assertThat(late.fanEngagement()).isLessThan(0.85);
    assertThat(held.coolant()).isLessThan(late.coolant() - 1);
  }

  @ParameterizedTest
  @EnumSource(Assumed.class)
  void everyAssumedNumberMovesSomethingAndHasAShare(Assumed what) {
    OtherCooler[] all =
        List.of(OtherCooler.Kind.values()).stream()
            .map(k -> other(k, CoolerFit.Place.FRONT, true))
            .map(o -> new OtherCooler(o.name(), o.kind(), narrow(o), o.place(), true, o.gives()))
            .toArray(OtherCooler[]::new);
    Setup setup = with(all);
    String thing =
        what == Assumed.FAN_FREE_FLOW
            ? "main-fan"
            : List.of(OtherCooler.Kind.values()).stream()
                .filter(k -> k.doubt() == what)
                .map(Enum::name)
                .findFirst()
                .orElse("");
    Judge judge =
        new Judge(
            WorkedCase.CLIMB, Limits.DEFAULT, List.of(), List.of(new Judge.Doubted(what, thing)));
    Uncertainty spread = judge.of(setup).spread();
    assertThat(spread.doubts()).hasSize(1);
    Uncertainty.Share share = spread.doubts().get(0);
    assertThat(Math.abs(share.coolant()) + Math.abs(share.sump())).isGreaterThan(0.02);
  }

  /** Side by side, so that all stand before the radiator at once. */
  private static Core narrow(OtherCooler o) {
    return new Core(
        new Rectangle(0.02 + 0.18 * o.kind().ordinal(), 0.02, 0.16, 0.1),
        0.02,
        12,
        FinMetal.ALUMINIUM);
  }
}
