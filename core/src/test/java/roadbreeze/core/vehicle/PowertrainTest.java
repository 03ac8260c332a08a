package roadbreeze.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.NotConvergedException;

class PowertrainTest {
  private static final Air AIR = Air.at(38, 600);
  private static final double DENSITY = AIR.density();
  private final RoadLoad load = new RoadLoad(5900, 0.010, 3.6);

  private Powertrain.State drive(RoadLoad combination, double grade, double kmh) {
    return drive(combination, grade, kmh, OperatingPoint.FREE);
  }

  private Powertrain.State drive(RoadLoad combination, double grade, double kmh, int held) {
    return WorkedCase.powertrain()
        .drive(task(v -> combination.force(grade, v, DENSITY, 1), held), kmh / 3.6);
  }

  private static Powertrain.Task task(DoubleUnaryOperator force, int held) {
    return new Powertrain.Task(force, held, AIR, w -> 5000, 1);
  }

  @Test
  void roadLoadAsPublished() {
    // The published figures use g = 9.81 or 9.80665 m/s²: they differ by 0.03 %.
    assertThat(load.force(0.06, 75 / 3.6, DENSITY, 1)).isCloseTo(4867.9, within(2.0));
    assertThat(load.force(0.06, 75 / 3.6, DENSITY, 1) * 75 / 3.6).isCloseTo(101.41e3, within(50.0));
    assertThat(load.force(0, 90 / 3.6, DENSITY, 1)).isCloseTo(1766.6, within(0.5));
  }

  @Test
  void converterSlipAsPublished() {
    Converter.Slip slip = new Converter(490, 2300, 2.0).slip(150, 300);
    assertThat(slip.speedRatio()).isCloseTo(0.72655, within(6e-6));
    assertThat(slip.engineSpeed()).isCloseTo(206.45, within(0.006));
    assertThat(slip.pumpTorque()).isCloseTo(259.70, within(0.006));
    assertThat(slip.efficiency()).isCloseTo(0.83929, within(6e-6));
    // Energy closes: the engine's power is the turbine's and the heat.
    assertThat(slip.pumpTorque() * slip.engineSpeed())
        .isCloseTo(150 * 300 + slip.heat(), within(1e-6));
  }

  @Test
  void takesTheHighestGearThatHolds() {
    Powertrain.State climb = drive(load, 0.06, 75);
    assertThat(climb.gear()).isEqualTo(3);
    assertThat(climb.slowed()).isFalse();
    assertThat(drive(load, 0, 90).gear()).isGreaterThan(climb.gear());
    assertThat(drive(load, -0.05, 60).wheelPower()).isZero();
  }

  @Test
  void slowsToWhatItCanHold() {
    Powertrain.State state = drive(load, 0.12, 90);
    assertThat(state.slowed()).isTrue();
    assertThat(state.speed()).isBetween(5.0, 90 / 3.6);
    double torque = state.brakePower() / state.engineSpeed();
    double most = 0.95 * WorkedCase.powertrain().engine().fullLoadTorque(state.engineSpeed(), AIR);
    double rpmLeft = 5000 - state.engineRpm();
    // At the edge the engine has run out of torque or of revolutions.
    assertThat(Math.min(most - torque, rpmLeft)).isBetween(0.0, 1.0);
  }

  @Test
  void saysWhenItCannotClimb() {
    assertThatThrownBy(() -> drive(new RoadLoad(40_000, 0.2, 3.6), 0.35, 50))
        .isInstanceOf(NotConvergedException.class)
        .hasMessageContaining("problem.noGearPulls");
  }

  @ParameterizedTest
  @CsvSource({
    "0.06, 75, 3, 1, 2854.1, 0, 114.29",
    "0.09, 40, 2, 0.8660, 2695.2, 11.137, 88.10",
    "0.09, 35, 2, 0.8355, 2444.3, 10.217, 77.62",
    "0.09, 28, 1, 0.9416, 2942.2, 3.086, 57.85",
    "0.20, 12, 1, 0.6334, 1874.5, 10.705, 58.60",
    "0.20, 4, 1, 0.2662, 1487.0, 17.455, 36.73",
    "0, 40, 4, 0.8501, 1360.8, 1.636, 16.68",
    "0, 60, 5, 1, 1309.1, 0, 25.14",
    "0, 5, 1, 0.7067, 700, 0.418, 7.50"
  })
  void everyGearAsPublished(
      double grade, double kmh, int gear, double s, double rpm, double slipKw, double brakeKw) {
    Powertrain.State state = drive(load, grade, kmh);
    assertThat(state.gear()).isEqualTo(gear);
    assertThat(state.speedRatio()).isCloseTo(s, within(6e-5));
    assertThat(state.locked()).isEqualTo(s == 1);
    assertThat(state.engineRpm()).isCloseTo(rpm, within(0.06));
    assertThat(state.converterHeat()).isCloseTo(slipKw * 1e3, within(0.6));
    assertThat(state.brakePower()).isCloseTo(brakeKw * 1e3, within(6.0));
    // The engine's power is the road's, the gears', the axle's, the slip's and the belts'; where
    // it idles the brakes hold the rest.
    double wheels = state.wheelPower() / 0.965;
    double used = wheels + state.meshHeat() + state.spinHeat() + state.converterHeat() + 5000;
    double held = state.brakePower() - used;
    if (rpm == 700) {
      assertThat(held).isBetween(500.0, 3000.0);
    } else {
      assertThat(held).isCloseTo(0, within(1e-6));
    }
  }

  @Test
  void theSteepestClimbIsHeldAtTheEdgeOfTheEngine() {
    Powertrain.State state = drive(load, 0.15, 75);
    assertThat(state.slowed()).isTrue();
    assertThat(state.gear()).isEqualTo(1);
    assertThat(state.speed() * 3.6).isCloseTo(48.96, within(0.006));
    assertThat(state.speedRatio()).isCloseTo(0.9688, within(6e-5));
    assertThat(state.brakePower()).isCloseTo(149.23e3, within(6.0));
    assertThat(state.converterHeat()).isCloseTo(4.50e3, within(6.0));
  }

  @Test
  void aHeldSelectorTakesNoHigherGear() {
    Powertrain.State held = drive(load, 0.09, 40, 1);
    assertThat(held.gear()).isEqualTo(1);
    assertThat(held.engineRpm()).isCloseTo(4078.7, within(0.06));
    assertThat(held.converterHeat()).isLessThan(drive(load, 0.09, 40).converterHeat() / 3);
    assertThat(drive(load, 0.06, 75, 6)).isEqualTo(drive(load, 0.06, 75));
  }

  @Test
  void standingInNeutralSpinsAndInGearStalls() {
    Powertrain.State neutral =
        WorkedCase.powertrain().standing(Powertrain.Standing.NEUTRAL, w -> 5000, 1);
    assertThat(neutral.converterHeat()).isZero();
    assertThat(neutral.spinHeat()).isCloseTo(233, within(0.6));
    Powertrain.State inGear =
        WorkedCase.powertrain().standing(Powertrain.Standing.IN_GEAR, w -> 5000, 1);
    assertThat(inGear.converterHeat()).isCloseTo(3327, within(0.6));
    Engine engine = WorkedCase.powertrain().engine();
    for (Powertrain.State state : List.of(neutral, inGear)) {
      double coolant = 0.24 * engine.fuelPower(state.brakePower(), state.engineSpeed());
      assertThat(coolant).isCloseTo(state == neutral ? 6400 : 8350, within(6.0));
    }
  }

  @ParameterizedTest
  @CsvSource({"-30, 6", "-20, 4.995", "0, 3.056", "20, 2.118", "60, 1.285", "90, 1", "120, 1"})
  void coldOilIsHeavierToTurnIn(double sump, double thickness) {
    assertThat(Driveline.spinThickness(TransmissionFluid.LEGACY, sump))
        .isCloseTo(thickness, within(6e-4));
  }

  @Test
  void boostHeatsTheChargeByHand() {
    // 1.0 kg/s of fuel at 42.8 MJ, 22 kg/s of air, 2.0:1 at 25 °C.
    double rise = 298.15 * (Math.pow(2, 0.2857) - 1) / 0.72;
    assertThat(new ChargeAir(2, 20).heat(42.8e6, 25))
        .isCloseTo(22 * 1006 * (rise - 20), within(1e-6));
  }

  @Test
  void onlyTheFirstGearSlipsAtWalkingPace() {
    Powertrain powertrain = WorkedCase.powertrain();
    assertThat(powertrain.drive(task(v -> 1500, OperatingPoint.FREE), 1.6).gear()).isEqualTo(1);
    for (double v = 2; v < 30; v += 0.5) {
      Powertrain.State state = powertrain.drive(task(x -> 2500, OperatingPoint.FREE), v);
      if (state.gear() > 1) {
        assertThat(state.speedRatio()).isGreaterThanOrEqualTo(0.80);
        assertThat(state.engineRpm()).isGreaterThanOrEqualTo(state.locked() ? 1300 : 700);
      }
    }
  }
}
