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
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.RoadLoad;

class SteadyBalanceTest {
  private static final double WORKED_CASE_TOLERANCE = 1;

  private static Balance solve(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point);
  }

  @Test
  void worksOutTheClimbAsPublished() {
    Balance bare = solve(WorkedCase.rig(false), WorkedCase.CLIMB);
    assertThat(bare.driveline().gear()).isEqualTo(3);
    assertThat(bare.driveline().locked()).isTrue();
    assertThat(bare.driveline().engineRpm()).isCloseTo(2854, within(1.0));
    assertThat(bare.driveline().brakePower()).isCloseTo(114.3e3, within(50.0));
    assertThat(bare.heat().engineToCoolant()).isCloseTo(84.8e3, within(50.0));
    assertThat(bare.heat().converter() + bare.heat().gearbox()).isCloseTo(4.20e3, within(5.0));
    assertThat(bare.coolant()).isCloseTo(110.2, within(WORKED_CASE_TOLERANCE));
    assertThat(bare.sump()).isCloseTo(113.8, within(WORKED_CASE_TOLERANCE));

    Balance cooled = solve(WorkedCase.rig(true), WorkedCase.CLIMB);
    assertThat(cooled.coolant()).isCloseTo(110.0, within(WORKED_CASE_TOLERANCE));
    assertThat(cooled.sump()).isCloseTo(88.1, within(WORKED_CASE_TOLERANCE));
    assertThat(cooled.heat().tank()).isCloseTo(-2.1e3, within(100.0));
    assertThat(cooled.warnings()).extracting(Finding::code).contains(Warning.TANK_HEATS_OIL);
  }

  @Test
  void worksOutTheSlippingClimbAsPublished() {
    Balance balance = solve(WorkedCase.rig(true), WorkedCase.SLIPPING);
    assertThat(balance.driveline().speedRatio()).isCloseTo(0.63, within(0.005));
    assertThat(balance.heat().converter()).isCloseTo(15.8e3, within(50.0));
    assertThat(balance.coolant()).isCloseTo(119.3, within(WORKED_CASE_TOLERANCE));
    assertThat(balance.sump()).isCloseTo(100.8, within(WORKED_CASE_TOLERANCE));
    assertThat(balance.feed()).isCloseTo(155.3, within(WORKED_CASE_TOLERANCE));
  }

  @ParameterizedTest
  @CsvSource({
    "true, 0.06, 75",
    "false, 0.06, 75",
    "true, 0.09, 35",
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
            0.02);
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
        .isCloseTo(bare.airFlow().totalFlow(WorkedCase.stack(false)), within(1e-6));
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
      assertThat(first.coolant()).isCloseTo(fresh.coolant(), within(1e-5));
      Balance next = solver.continuedWith(WorkedCase.rig(true)).solve(point);
      assertThat(next.sump()).isCloseTo(solve(WorkedCase.rig(true), point).sump(), within(1e-5));
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
      assertThat(kept.fanEngagement()).isCloseTo(fresh.fanEngagement(), within(1e-5));
      assertThat(kept.coolant()).isCloseTo(fresh.coolant(), within(1e-3));
      Balance next = solver.continuedWith(cooled).solve(point);
      assertThat(next.sump()).isCloseTo(solve(cooled, point).sump(), within(1e-3));
    }
  }

  @Test
  void aBypassKeepsColdOilOutOfTheCore() {
    OilElement guarded = new OilElement.PackCooler("oil-cooler", new Bypass(70, 80));
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
    assertThat(full.fanEngagement()).isEqualTo(0.9);
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
    assertThat(climb.sump()).isCloseTo(48 + climb.heat().gearbox() / 20, within(1e-3));
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
    PackAir pack = PackAir.of(stack, air, 20, new double[] {1}, Factors.NOMINAL);
    for (int p = 0; p < stack.paths().size(); p++) {
      double whole =
          sound.fin().conductance(pack.flow().velocityAt(p, 0), air) * stack.paths().get(p).area();
      // Half the fins at twice the speed: more than half, well short of the whole.
      assertThat(pack.conductance()[p][0] / whole).isBetween(0.55, 0.85);
    }
  }
}
