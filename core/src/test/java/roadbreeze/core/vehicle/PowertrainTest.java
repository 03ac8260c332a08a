package roadbreeze.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.NotConvergedException;

class PowertrainTest {
  private static final double DENSITY = Air.at(38, 600).density();
  private final RoadLoad load = new RoadLoad(5900, 0.010, 3.6);

  private Powertrain.State drive(RoadLoad combination, double grade, double kmh) {
    return WorkedCase.powertrain()
        .drive(v -> combination.force(grade, v, DENSITY, 1), kmh / 3.6, DENSITY, w -> 5000);
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
    double most =
        0.95 * WorkedCase.powertrain().engine().fullLoadTorque(state.engineSpeed(), DENSITY);
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

  @Test
  void boostKeepsTorqueInThinAir() {
    double[] rpm = {1000, 3000};
    double[] torque = {400, 500};
    Engine petrol = new Engine(Engine.Kind.PETROL, 5e-3, rpm, torque);
    Engine boosted = new Engine(Engine.Kind.BOOSTED_DIESEL, 5e-3, rpm, torque);
    double high = Air.at(25, 3000).density();
    assertThat(petrol.fullLoadTorque(200, high)).isLessThan(boosted.fullLoadTorque(200, high));
    // Heat by hand: 1.0 kg/s of fuel at 42.8 MJ, 22 kg/s of air, 2.0:1 at 25 °C.
    double rise = 298.15 * (Math.pow(2, 0.2857) - 1) / 0.72;
    assertThat(new ChargeAir(2, 20).heat(42.8e6, 25))
        .isCloseTo(22 * 1006 * (rise - 20), within(1e-6));
  }

  @Test
  void onlyTheFirstGearCreeps() {
    // Slow and light: a higher gear would pull it by slip, with the engine under its lugging speed.
    Powertrain powertrain = WorkedCase.powertrain();
    Powertrain.State state = powertrain.drive(v -> 1500, 1.6, 1.1, rpm -> 2000);
    assertThat(state.gear()).isEqualTo(1);
    Powertrain.State faster = powertrain.drive(v -> 1500, 8, 1.1, rpm -> 2000);
    assertThat(faster.gear() == 1 || faster.engineRpm() >= 1000).isTrue();
  }
}
