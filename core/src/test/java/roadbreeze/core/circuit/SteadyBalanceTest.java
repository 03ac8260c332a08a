package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.RoadLoad;

class SteadyBalanceTest {
  private static Balance solve(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point);
  }

  private static final Thermostat THERMOSTAT = new Thermostat(90, 99);

  private static Rig with(Stack stack, double fanSpeed, OilStage... stages) {
    FanSetting fan = new FanSetting(new FanDrive.Electric(fanSpeed, 0.45), 1);
    return WorkedCase.rig(stack, List.of(stages), fan, THERMOSTAT);
  }

  /** Coolant, sump, feed and back to the engine in °C; tank and cooler in kW; m³/s and L/min. */
  private static void assertPublished(Balance b, Stack stack, double... published) {
    double[] found = {
      b.coolant(),
      b.sump(),
      b.feed(),
      b.coolantReturn(),
      b.heat().tank() / 1e3,
      b.heat().throughCoolers() / 1e3,
      b.airFlow().totalFlow(stack),
      b.oilFlow() * 60e3
    };
    double[] digits = {0.015, 0.015, 0.015, 0.015, 6e-3, 6e-3, 6e-4, 6e-3};
    for (int i = 0; i < found.length; i++) {
      assertThat(found[i]).as("column %d", i).isCloseTo(published[i], within(digits[i]));
    }
  }

  @Test
  void theWorkedCaseAsPublished() {
    Stack bare = WorkedCase.stack(false);
    Stack cooled = WorkedCase.stack(true);
    OilStage tank = WorkedCase.stages(true).get(0);
    OilStage cooler = WorkedCase.stages(true).get(1);
    OilStage plate = OilStage.of(new OilElement.InTank(320, OilElement.InTank.Place.ENGINE_SIDE));
    OperatingPoint climb = WorkedCase.CLIMB;
    OperatingPoint slow = WorkedCase.SLIPPING;
    Balance climbed = solve(WorkedCase.rig(false), climb);
    assertThat(climbed.driveline().brakePower()).isCloseTo(114.3e3, within(50.0));
    assertThat(climbed.heat().engineToCoolant()).isCloseTo(84.80e3, within(6.0));
    assertThat(climbed.heat().converter() + climbed.heat().gearbox())
        .isCloseTo(4.20e3, within(6.0));
    assertPublished(
        solve(with(bare, 0.55, tank), climb),
        bare,
        new double[] {137.98, 140.77, 140.77, 129.09, 2.31, 0, 1.067, 10.01});
    assertPublished(climbed, bare, 110.60, 115.86, 115.86, 101.46, 2.82, 0, 1.730, 9.98);
    assertPublished(
        solve(WorkedCase.rig(true), climb),
        cooled,
        new double[] {111.07, 91.01, 91.01, 101.93, -2.07, 5.40, 1.692, 9.55});
    assertPublished(
        solve(with(cooled, 1, cooler, tank), climb),
        cooled,
        new double[] {110.69, 107.08, 107.08, 101.56, -3.17, 6.17, 1.692, 9.48});
    assertPublished(
        solve(with(cooled, 1, cooler), climb),
        cooled,
        new double[] {111.63, 79.10, 79.10, 102.49, 0, 3.65, 1.693, 9.53});
    assertPublished(
        solve(with(cooled, 1, plate, cooler), climb),
        cooled,
        new double[] {110.89, 95.84, 95.84, 102.07, -2.86, 6.08, 1.691, 9.50});
    assertPublished(
        solve(WorkedCase.rig(false), slow),
        bare,
        new double[] {116.18, 136.10, 173.19, 108.52, 12.68, 0, 1.424, 10.01});
    assertPublished(
        solve(WorkedCase.rig(true), slow),
        cooled,
        new double[] {116.87, 103.00, 143.24, 109.22, 6.43, 6.77, 1.386, 9.47});
    assertPublished(
        solve(with(cooled, 1.15, tank, cooler), slow),
        cooled,
        new double[] {108.20, 95.67, 136.03, 100.48, 6.71, 6.60, 1.669, 9.50});
    assertPublished(
        solve(WorkedCase.rig(true), new OperatingPoint(0.09, 40 / 3.6, 38, 600, false)),
        cooled,
        new double[] {109.43, 98.49, 138.84, 101.97, 6.96, 6.31, 1.422, 9.48});
    assertPublished(
        solve(WorkedCase.rig(true), slow.heldIn(1)),
        cooled,
        new double[] {106.97, 92.31, 100.35, 101.81, -0.29, 5.27, 1.411, 9.54});
    assertPublished(
        solve(WorkedCase.rig(true), slow.withSpeed(35 / 3.6)),
        cooled,
        new double[] {110.56, 97.26, 134.28, 103.04, 5.84, 6.18, 1.380, 9.49});
  }

  @Test
  void theColdLevelRoadAsPublished() {
    Stack bare = WorkedCase.stack(false);
    OperatingPoint cold = new OperatingPoint(0, 60 / 3.6, -20, 600, false);
    Balance outlet = solve(WorkedCase.rig(false), cold);
    assertPublished(outlet, bare, 90.33, 9.81, 9.81, -10.39, 1.39, 0, 1.964, 6.89);
    // The cab heater is on below 10 °C unless the driver says otherwise.
    assertThat(outlet.heat().heater()).isCloseTo(60 * (90.33 + 20), within(1.0));
    OperatingPoint unheated =
        new OperatingPoint(
            0, 60 / 3.6, -20, 600, false, OperatingPoint.Heater.OFF, OperatingPoint.FREE);
    assertThat(solve(WorkedCase.rig(false), unheated).heat().heater()).isZero();
    Balance plate =
        solve(
            with(
                bare,
                1,
                OilStage.of(new OilElement.InTank(320, OilElement.InTank.Place.ENGINE_SIDE))),
            cold);
    assertThat(plate.coolant()).isCloseTo(90.28, within(0.006));
    assertThat(plate.sump()).isCloseTo(86.31, within(0.015));
    assertThat(plate.heat().tank()).isCloseTo(-660, within(6.0));
    Balance bypassed = solve(with(bare, 1), cold);
    assertThat(bypassed.sump()).isCloseTo(57.21, within(0.015));
    assertThat(bypassed.oilFlow() * 60e3).isCloseTo(8.59, within(0.006));
  }

  @Test
  void theClimbsAirAsPublished() {
    Balance b = solve(WorkedCase.rig(true), WorkedCase.CLIMB);
    double[] velocity = {2.675, 2.194, 1.639, 5.613, 4.631, 3.598};
    double[] exit = {97.21, 100.78, 108.27, 84.64, 89.79, 100.84};
    Stack stack = WorkedCase.rig(true).stack();
    for (int p = 0; p < stack.paths().size(); p++) {
      int kind =
          stack.paths().get(p).layers().size()
              - 1
              + (stack.paths().get(p).fans().isEmpty() ? 0 : 3);
      double[] t = b.airTemperature()[p];
      assertThat(b.airFlow().velocity()[p]).isCloseTo(velocity[kind], within(6e-4));
      assertThat(t[t.length - 1]).isCloseTo(exit[kind], within(6e-3));
    }
    assertThat(b.airFlow().fanFlow()[0]).isCloseTo(1.796, within(6e-4));
    assertThat(b.airFlow().fanPressure()[0]).isCloseTo(221.7, within(0.06));
    assertThat(b.warnings()).extracting(Finding::code).contains(Warning.TANK_HEATS_OIL);
  }

  @Test
  void theGearboxesOwnBypassKeepsColdOilFromItsCoolersUnlessItIsPinned() {
    OperatingPoint cold = new OperatingPoint(0, 60 / 3.6, -20, 600, false);
    Rig free = WorkedCase.rig(false);
    OilLoop oil = free.oilLoop();
    Rig guarded =
        free.withOilLoop(
            new OilLoop(
                oil.fluid(), oil.circuit(), Bypass.byTemperature(70, 80), oil.stages(), 20));
    assertThat(solve(guarded, cold).sump()).isGreaterThan(solve(free, cold).sump() + 30);
    assertThat(solve(guarded, cold).heat().tank()).isZero();
    assertThat(solve(guarded, WorkedCase.CLIMB).sump())
        .isCloseTo(solve(free, WorkedCase.CLIMB).sump(), within(2e-3));
    Rig stuck =
        free.withOilLoop(
            new OilLoop(oil.fluid(), oil.circuit(), Bypass.shutForGood(), oil.stages(), 20));
    assertThat(solve(stuck, WorkedCase.CLIMB).sump())
        .isGreaterThan(solve(free, WorkedCase.CLIMB).sump() + 50);
  }

  @Test
  void aPressureBypassSparesThickOilAndLeavesHotOilAlone() {
    OilElement valve = new OilElement.PackCooler("oil-cooler", Bypass.byPressure(14e3));
    OperatingPoint cold = new OperatingPoint(0, 60 / 3.6, -20, 600, false);
    Rig all = with(WorkedCase.stack(true), 1, WorkedCase.stages(true).get(1));
    Rig spared = with(WorkedCase.stack(true), 1, OilStage.of(valve));
    assertThat(solve(spared, cold).oilFlow()).isGreaterThan(1.05 * solve(all, cold).oilFlow());
    assertThat(solve(spared, cold).sump()).isGreaterThan(solve(all, cold).sump());
    assertThat(solve(spared, WorkedCase.CLIMB).sump())
        .isCloseTo(solve(all, WorkedCase.CLIMB).sump(), within(2e-3));
  }

  @ParameterizedTest
  @CsvSource({
    "true, 0.06, 75",
    "false, 0.06, 75",
    "true, 0.09, 40",
    "true, 0, 60",
    "true, -0.04, 50"
  })
  void energyCloses(boolean cooler, double grade, double kmh) {
    Balance b = solve(WorkedCase.rig(cooler), new OperatingPoint(grade, kmh / 3.6, 30, 600, true));
    double oilInput = b.heat().converter() + b.heat().gearbox();
    assertThat(Math.abs(b.heat().coolantResidual())).isLessThan(1e-6 * b.heat().engineToCoolant());
    assertThat(Math.abs(b.heat().oilResidual())).isLessThan(1e-6 * oilInput);
    // What the air carries off is what the cores gave it.
    double carried = 0;
    double given = 0;
    Stack stack = WorkedCase.rig(cooler).stack();
    for (int p = 0; p < stack.paths().size(); p++) {
      double[] t = b.airTemperature()[p];
      double flow = b.air().density() * b.airFlow().velocity()[p] * stack.paths().get(p).area();
      carried += flow * 1006 * (t[t.length - 1] - t[0]);
      for (double q : b.cellHeat()[p]) {
        given += q;
      }
    }
    assertThat(carried).isCloseTo(given, within(1e-6 * given));
  }

  @Test
  void inAFixedGearHotterHeavierOrWeakerNeverCools() {
    OperatingPoint base = WorkedCase.CLIMB;
    Balance before = null;
    for (double ambient = -10; ambient <= 50; ambient += 5) {
      Balance now = solve(WorkedCase.rig(true), base.withAmbient(ambient));
      before = neverCooler(before, now);
    }
    before = null;
    for (double mass = 4000; mass <= 6200; mass += 200) {
      Rig rig = WorkedCase.rig(true).withLoad(new RoadLoad(mass, 0.010, 3.6));
      before = neverCooler(before, solve(rig, base));
    }
    before = null;
    for (double condition = 1; condition >= 0; condition -= 0.1) {
      Rig rig =
          WorkedCase.rig(
              WorkedCase.stack(true), WorkedCase.stages(true), condition, new Thermostat(90, 99));
      before = neverCooler(before, solve(rig, base));
    }
  }

  /** Compares only within one gear and lock state; a shift changes heat both ways. */
  private static Balance neverCooler(Balance before, Balance now) {
    if (before != null
        && before.driveline().gear() == now.driveline().gear()
        && before.driveline().locked() == now.driveline().locked()) {
      assertThat(now.coolant()).isGreaterThanOrEqualTo(before.coolant() - 1e-6);
      assertThat(now.sump()).isGreaterThanOrEqualTo(before.sump() - 1e-6);
    }
    return now;
  }

  @Test
  void aColderThermostatChangesTheStartNotTheSaturatedPeak() {
    Rig cold =
        WorkedCase.rig(WorkedCase.stack(true), WorkedCase.stages(true), 1, new Thermostat(82, 91));
    OperatingPoint level = new OperatingPoint(0, 60 / 3.6, 10, 0, false);
    assertThat(solve(cold, level).coolant())
        .isCloseTo(solve(WorkedCase.rig(true), level).coolant() - 8, within(0.5));
    assertThat(solve(cold, WorkedCase.CLIMB).coolant())
        .isCloseTo(solve(WorkedCase.rig(true), WorkedCase.CLIMB).coolant(), within(1e-4));
  }

  @Test
  void twoCoolersInSeriesOrParallelCloseAndBeatOne() {
    Stack two =
        new Stack(
            List.of(
                WorkedCase.cooler("first", 0.05, 0.25),
                WorkedCase.cooler("second", 0.10, 0.20),
                WorkedCase.condenser(),
                WorkedCase.radiator()),
            List.of(WorkedCase.fan()),
            0.55,
            0.02);
    OilElement first = new OilElement.PackCooler("first", Bypass.NONE);
    OilElement second = new OilElement.PackCooler("second", Bypass.NONE);
    double one = solve(WorkedCase.rig(true), WorkedCase.CLIMB).sump();
    List<List<OilStage>> ways =
        List.of(
            List.of(OilStage.of(first), OilStage.of(second)),
            List.of(OilStage.of(second), OilStage.of(first)),
            List.of(
                new OilStage(
                    List.of(new OilStage.Branch(first, 0.5), new OilStage.Branch(second, 0.5)))));
    for (List<OilStage> way : ways) {
      Balance b = solve(WorkedCase.rig(two, way, 1, new Thermostat(90, 99)), WorkedCase.CLIMB);
      assertThat(Math.abs(b.heat().oilResidual())).isLessThan(1e-6 * b.heat().gearbox());
      assertThat(b.sump()).isLessThan(one);
    }
  }

  @Test
  void aCoolerBehindTheRadiatorBreathesItsWarmAir() {
    Stack behind =
        new Stack(
            List.of(
                WorkedCase.condenser(),
                WorkedCase.radiator(),
                WorkedCase.cooler("oil-cooler", 0.05, 0.25)),
            List.of(WorkedCase.fan()),
            0.55,
            0.02);
    Rig rig = WorkedCase.rig(behind, WorkedCase.stages(true), 1, new Thermostat(90, 99));
    Balance b = solve(rig, WorkedCase.CLIMB);
    Balance front = solve(WorkedCase.rig(true), WorkedCase.CLIMB);
    assertThat(b.sump()).isGreaterThan(front.sump() + 5);
    assertThat(Math.abs(b.heat().oilResidual())).isLessThan(1e-6 * b.heat().gearbox());
    assertThat(Math.abs(b.heat().coolantResidual())).isLessThan(1e-6 * b.heat().engineToCoolant());
  }

  @Test
  void aCoolerElsewhereWithItsOwnFanLeavesTheRadiatorAlone() {
    Layer remote = WorkedCase.cooler("oil-cooler", 1.5, 0);
    Fan own =
        new Fan(
            Name.of(Name.Noun.OIL_COOLER_FAN),
            FanCurve.fromFreeAirFlow(0.4),
            remote.outline(),
            Fan.Mount.PUSHER);
    Stack apart =
        new Stack(
            List.of(remote, WorkedCase.condenser(), WorkedCase.radiator()),
            List.of(WorkedCase.fan(), own),
            List.of(remote.outline()),
            0.55,
            0.02,
            0);
    FanSetting electric = new FanSetting(new FanDrive.Electric(1, 0.45), 1);
    Rig one = WorkedCase.rig(true);
    Rig rig =
        new Rig(
            one.powertrain(),
            one.load(),
            one.accessories(),
            one.chargeAir(),
            one.coolantLoop(),
            one.oilLoop(),
            apart,
            List.of(electric, electric));
    Balance b = solve(rig, WorkedCase.CLIMB);
    Balance bare = solve(WorkedCase.rig(false), WorkedCase.CLIMB);
    assertThat(b.airFlow().totalFlow(apart))
        .isCloseTo(bare.airFlow().totalFlow(WorkedCase.stack(false)), within(0.02));
    // The in-tank cooler now warms the oil, so the coolant is a little cooler than without it.
    assertThat(b.coolant()).isLessThan(bare.coolant());
    assertThat(b.sump()).isLessThan(bare.sump() - 10);
  }

  @Test
  void continuingFromANeighbourFindsTheSameRoot() {
    SteadyBalance solver = new SteadyBalance(WorkedCase.rig(false));
    for (double ambient : new double[] {-20, 45, 10, 38}) {
      OperatingPoint point = WorkedCase.CLIMB.withAmbient(ambient);
      Balance first = solver.solve(point);
      Balance fresh = solve(WorkedCase.rig(false), point);
      assertThat(first.coolant()).isCloseTo(fresh.coolant(), within(2e-3));
      Balance next = solver.continuedWith(WorkedCase.rig(true)).solve(point);
      assertThat(next.sump()).isCloseTo(solve(WorkedCase.rig(true), point).sump(), within(2e-3));
    }
  }

  @Test
  void aClutchThatRestsNearItsLastPlaceRestsWhereAFreshOneDoes() {
    FanDrive.Belt belt = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);
    FanSetting viscous = new FanSetting(new FanDrive.Viscous(belt, 60, 90), 1);
    Thermostat thermostat = new Thermostat(90, 99);
    Rig bare =
        WorkedCase.rig(WorkedCase.stack(false), WorkedCase.stages(false), viscous, thermostat);
    Rig cooled =
        WorkedCase.rig(WorkedCase.stack(true), WorkedCase.stages(true), viscous, thermostat);
    SteadyBalance solver = new SteadyBalance(bare);
    // From resting at one end over every place between to the other, and back.
    for (double ambient : new double[] {-40, -10, 10, 25, 40, 55, 20, -30}) {
      OperatingPoint point = WorkedCase.CLIMB.withAmbient(ambient);
      Balance kept = solver.solve(point);
      Balance fresh = solve(bare, point);
      assertThat(kept.fanEngagement()).isCloseTo(fresh.fanEngagement(), within(1e-4));
      assertThat(kept.coolant()).isCloseTo(fresh.coolant(), within(2e-3));
      Balance next = solver.continuedWith(cooled).solve(point);
      assertThat(next.sump()).isCloseTo(solve(cooled, point).sump(), within(2e-3));
    }
  }

  @Test
  void aBypassKeepsColdOilOutOfTheCore() {
    OilElement guarded = new OilElement.PackCooler("oil-cooler", Bypass.byTemperature(70, 80));
    OperatingPoint winter = new OperatingPoint(0, 60 / 3.6, -20, 0, false);
    Thermostat thermostat = new Thermostat(90, 99);
    Balance open = solve(WorkedCase.rig(true), winter);
    Rig rig = WorkedCase.rig(WorkedCase.stack(true), List.of(OilStage.of(guarded)), 1, thermostat);
    Balance kept = solve(rig, winter);
    assertThat(kept.heat().coolers().get("oil-cooler")).isZero();
    assertThat(open.heat().coolers().get("oil-cooler")).isPositive();
    // Half open, it holds the sump inside its band.
    Balance half = solve(rig, winter.withGrade(0.05));
    assertThat(half.sump()).isBetween(70.0, 80.0);
  }

  @Test
  void aViscousClutchSettlesWhereItsAirWantsIt() {
    FanDrive.Belt belt = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);
    Rig rig =
        WorkedCase.rig(
            WorkedCase.stack(true),
            WorkedCase.stages(true),
            new FanSetting(new FanDrive.Viscous(belt, 60, 90), 1),
            new Thermostat(90, 99));
    Balance cool = solve(rig, WorkedCase.CLIMB.withAmbient(0));
    Balance hot = solve(rig, WorkedCase.CLIMB.withAmbient(45));
    assertThat(cool.fanEngagement()).isBetween(0.25, 0.89);
    assertThat(hot.fanEngagement()).isGreaterThan(cool.fanEngagement());
    Rig called =
        WorkedCase.rig(
            WorkedCase.stack(true),
            WorkedCase.stages(true),
            new FanSetting(new FanDrive.Controlled(belt, 95, 105, 0.4, true), 1),
            new Thermostat(90, 99));
    Balance full = solve(called, WorkedCase.CLIMB);
    assertThat(full.fanEngagement()).isCloseTo(0.9, within(1e-5));
    assertThat(full.driveline().brakePower()).isGreaterThan(114.3e3 + 1000);
  }

  @Test
  void saysWhenHeatCannotBeShed() {
    Rig still =
        WorkedCase.rig(
            new Stack(
                List.of(WorkedCase.condenser(), WorkedCase.radiator()),
                List.of(WorkedCase.fan()),
                0,
                0.15),
            WorkedCase.stages(false),
            0,
            new Thermostat(90, 99));
    assertThatThrownBy(() -> solve(still, WorkedCase.CLIMB))
        .isInstanceOf(NotConvergedException.class)
        .hasMessageContaining("problem.noAir");
  }

  @Test
  void oilThatOnlyItsCaseCoolsIsFlagged() {
    Thermostat thermostat = new Thermostat(90, 99);
    Rig alone = WorkedCase.rig(WorkedCase.stack(false), List.of(), 1, thermostat);
    Balance climb = solve(alone, WorkedCase.CLIMB);
    assertThat(climb.sump())
        .isCloseTo(48 + climb.heat().gearbox() / (20 * (0.5 + 0.5 * 75 / 3.6 / 20)), within(1e-3));
    assertThat(climb.warnings()).extracting(Finding::code).contains(Warning.BEYOND_LIQUID);
  }

  @Test
  void recirculatedAirCarriesItsOwnWarmthRoundAgain() {
    Stack leaky =
        new Stack(
            List.of(WorkedCase.condenser(), WorkedCase.radiator()),
            List.of(WorkedCase.fan()),
            0.55,
            0.15);
    Rig rig = WorkedCase.rig(leaky, WorkedCase.stages(false), 1, new Thermostat(90, 99));
    OperatingPoint crawl = new OperatingPoint(0.02, 2, 38, 600, true);
    Balance balance = solve(rig, crawl);
    double capacity =
        balance.airFlow().totalFlow(leaky) * balance.air().density() * Air.SPECIFIC_HEAT;
    double through = (balance.heat().radiator() + balance.heat().condenser()) / capacity;
    // The face gets a share of the exit air: rise = share·(rise + what the pack adds).
    double share = leaky.recirculationAt(2);
    assertThat(share).isBetween(0.1, 0.15);
    assertThat(balance.inletRise())
        .isCloseTo(share * (balance.inletRise() + through), within(0.01));
  }

  @Test
  void blockedFinsConductOnlyWhereTheyAreOpen() {
    Layer sound = WorkedCase.radiator();
    Layer dirty = new Layer(sound.name(), sound.outline(), sound.fin(), 0.5, sound.role());
    Stack stack = new Stack(List.of(dirty), List.of(WorkedCase.fan()), 0.55, 0);
    Air air = Air.at(38, 600);
    AirSide side = new AirSide(stack, air, Factors.NOMINAL);
    side.drive(20, new double[] {1});
    side.blow();
    for (int p = 0; p < stack.paths().size(); p++) {
      double flux = air.density() * side.flow().velocityAt(p, 0);
      double whole = sound.fin().conductance(flux, air) * stack.paths().get(p).area();
      // Half the fins at twice the speed: more than half, well short of the whole.
      assertThat(side.outside[p][0] / whole).isBetween(0.55, 0.85);
    }
  }

  @Test
  void aPackWithMoreOrFewerFansStartsFromTheOther() {
    Stack one = WorkedCase.stack(true);
    Stack two = new Stack(one.layers(), List.of(WorkedCase.fan(), WorkedCase.fan()), 0.55, 0.02);
    Rig single = WorkedCase.rig(true);
    Rig twin =
        single.withPack(two, List.of(single.fanSettings().get(0), single.fanSettings().get(0)));
    for (Rig[] change : new Rig[][] {{single, twin}, {twin, single}}) {
      SteadyBalance before = new SteadyBalance(change[0]);
      before.solve(WorkedCase.CLIMB);
      assertThat(before.continuedWith(change[1]).solve(WorkedCase.CLIMB).coolant())
          .isCloseTo(new SteadyBalance(change[1]).solve(WorkedCase.CLIMB).coolant(), within(1e-3));
    }
  }
}
