package roadbreeze.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.BadInputException;

class EngineTest {
  private static final double SEA_LEVEL = Air.at(25, 0).density();
  private static final Engine PETROL = WorkedCase.powertrain().engine();

  private static double radPerSecond(double rpm) {
    return rpm * Math.PI / 30;
  }

  @Test
  void torqueIsTheCurveBetweenItsPoints() {
    assertThat(PETROL.fullLoadTorque(radPerSecond(2000), SEA_LEVEL)).isCloseTo(490, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(2500), SEA_LEVEL)).isCloseTo(510, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(600), SEA_LEVEL)).isCloseTo(390, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(5401), SEA_LEVEL)).isZero();
  }

  @Test
  void thinAirTakesAnUnboostedEnginesTorqueAndDenseAirGivesNone() {
    double high = Air.at(25, 2000).density();
    assertThat(PETROL.fullLoadTorque(radPerSecond(2000), high))
        .isCloseTo(490 * high / SEA_LEVEL, within(1e-9));
    double cold = Air.at(-20, 0).density();
    assertThat(PETROL.fullLoadTorque(radPerSecond(2000), cold)).isCloseTo(490, within(1e-9));
  }

  @Test
  void fuelIsBrakePowerAndFrictionOverTheIndicatedEfficiency() {
    // Willans by hand: 150 kPa × 5.6 L × 2854 rpm / 120 = 19.98 kW of friction.
    double friction = 150e3 * 5.6e-3 * 2854 / 120;
    assertThat(PETROL.fuelPower(114.3e3, radPerSecond(2854)))
        .isCloseTo((114.3e3 + friction) / 0.38, within(1e-6));
    // Idling burns for friction alone, and its share still warms the coolant.
    assertThat(PETROL.fuelPower(0, radPerSecond(700))).isPositive();
    assertThat(PETROL.kind().coolantShare()).isEqualTo(0.24);
  }

  @Test
  void aDieselGivesTheCoolantLessOfWhatItBurns() {
    Engine diesel =
        new Engine(Engine.Kind.DIESEL, 5.6e-3, new double[] {1000, 3000}, new double[] {400, 500});
    double n = radPerSecond(2000);
    double petrolHeat = PETROL.kind().coolantShare() * PETROL.fuelPower(80e3, n);
    double dieselHeat = diesel.kind().coolantShare() * diesel.fuelPower(80e3, n);
    assertThat(dieselHeat).isLessThan(0.8 * petrolHeat);
  }

  @Test
  void curvesThatNoEngineHasAreRefused() {
    assertRefused(new double[] {1000}, new double[] {400}, "problem.torquePoints");
    assertRefused(new double[] {1000, 2000}, new double[] {400}, "problem.torquePoints");
    assertRefused(new double[] {2000, 1000}, new double[] {400, 500}, "problem.torqueSpeeds");
    assertRefused(new double[] {1000, 2000}, new double[] {400, -5}, "ENGINE_TORQUE");
    assertRefused(new double[] {0, 2000}, new double[] {400, 500}, "ENGINE_RPM");
    assertThatThrownBy(
            () -> new Engine(Engine.Kind.PETROL, 1, new double[] {1, 2}, new double[] {1, 2}))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("DISPLACEMENT");
  }

  private static void assertRefused(double[] rpm, double[] torque, String why) {
    assertThatThrownBy(() -> new Engine(Engine.Kind.PETROL, 5e-3, rpm, torque))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(why);
  }
}
