package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.sizing.Levers.Kind;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.ChargeAir;

class LeversTest {
  private static Map<Kind, Levers.Effect> levers(Rig rig, OperatingPoint point) {
    Balance now = new SteadyBalance(rig).solve(point);
    Map<Kind, Levers.Effect> byKind = new EnumMap<>(Kind.class);
    Levers.of(rig, point, now).forEach(e -> byKind.put(e.kind(), e));
    return byKind;
  }

  @Test
  void whatIsNotThereCannotBeHadMoreOf() {
    Map<Kind, Levers.Effect> locked = levers(WorkedCase.rig(true), WorkedCase.CLIMB);
    assertThat(locked.get(Kind.SLIP).pan()).isCloseTo(0, within(1e-6));
    OperatingPoint windowsOpen = new OperatingPoint(0.06, 75 / 3.6, 38, 600, false);
    assertThat(levers(WorkedCase.rig(true), windowsOpen).get(Kind.PREHEAT).coolant())
        .isCloseTo(0, within(1e-6));
    // Oil that no cooler sees is warmed by its own flow alone: more of it cools nothing.
    Rig uncooled =
        WorkedCase.rig(WorkedCase.stack(false), List.<OilStage>of(), 1, new Thermostat(90, 99));
    assertThat(levers(uncooled, WorkedCase.CLIMB).get(Kind.OIL_FLOW).pan())
        .isCloseTo(0, within(1e-6));
  }

  @Test
  void eachLeverPullsItsOwnWay() {
    Map<Kind, Levers.Effect> climb = levers(WorkedCase.rig(true), WorkedCase.CLIMB);
    for (Kind helps : new Kind[] {Kind.AIR, Kind.CORE, Kind.MASS, Kind.SPEED, Kind.PREHEAT}) {
      assertThat(climb.get(helps).coolant()).as("coolant by %s", helps).isNegative();
      assertThat(climb.get(helps).pan()).as("pan by %s", helps).isNegative();
    }
    Map<Kind, Levers.Effect> slipping = levers(WorkedCase.rig(true), WorkedCase.SLIPPING);
    Levers.Effect slip = slipping.get(Kind.SLIP);
    // A slipping converter heats the oil first, and the feed before the pan.
    assertThat(slip.feed()).isLessThan(slip.pan()).isNegative();
    assertThat(slip.pan()).isLessThan(slip.coolant());
    // More flow carries the slip's heat at a smaller rise: the feed falls most.
    assertThat(slipping.get(Kind.OIL_FLOW).feed()).isLessThan(slipping.get(Kind.OIL_FLOW).pan());
  }

  @Test
  void aSpeedLeverActsOnTheSpeedHeldNotOnTheSpeedAsked() {
    OperatingPoint tooFast = new OperatingPoint(0.12, 110 / 3.6, 20, 600, false);
    Rig rig = WorkedCase.rig(true);
    Balance now = new SteadyBalance(rig).solve(tooFast);
    assertThat(now.driveline().slowed()).isTrue();
    Balance slower = new SteadyBalance(rig).solve(tooFast.withSpeed(0.9 * now.driveline().speed()));
    assertThat(levers(rig, tooFast).get(Kind.SPEED).coolant())
        .isCloseTo(slower.coolant() - now.coolant(), within(1e-4));
  }

  @Test
  void preheatIsWhatTheCoresInFrontGive() {
    Layer chargeCooler =
        new Layer(
            Name.of(Name.Noun.CHARGE_AIR_COOLER),
            WorkedCase.condenser().outline(),
            WorkedCase.condenser().fin(),
            0,
            new LayerRole.ChargeAirCooler());
    Stack pack =
        new Stack(
            List.of(chargeCooler, WorkedCase.condenser(), WorkedCase.radiator()),
            List.of(WorkedCase.fan()),
            0.55,
            0.02);
    Rig plain = WorkedCase.rig(false);
    Rig boosted =
        new Rig(
            plain.powertrain(),
            plain.load(),
            plain.accessories(),
            Optional.of(new ChargeAir(2.3, 25)),
            plain.coolantLoop(),
            plain.oilLoop(),
            pack,
            plain.fanSettings());
    OperatingPoint noAirConditioning = new OperatingPoint(0.06, 75 / 3.6, 38, 600, false);
    Levers.Effect preheat = levers(boosted, noAirConditioning).get(Kind.PREHEAT);
    assertThat(preheat.coolant()).isNegative();
    // A tenth less of its heat is a tenth of the way to none: near enough straight.
    Rig without =
        new Rig(
            plain.powertrain(),
            plain.load(),
            plain.accessories(),
            Optional.empty(),
            plain.coolantLoop(),
            plain.oilLoop(),
            pack,
            plain.fanSettings());
    double all =
        new SteadyBalance(without).solve(noAirConditioning).coolant()
            - new SteadyBalance(boosted).solve(noAirConditioning).coolant();
    assertThat(preheat.coolant()).isCloseTo(all / 10, within(Math.abs(all) * 0.02));
  }
}
