package roadbreeze.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.BadInputException;

class EngineTest {
  /** Torque curves are given for 298 K and 101.3 kPa. */
  private static final Air STANDARD = new Air(24.85, 101.3e3, 1.184, 1.84e-5);

  private static final Engine PETROL = WorkedCase.powertrain().engine();

  private static double radPerSecond(double rpm) {
    return rpm * Math.PI / 30;
  }

  @Test
  void torqueIsTheCurveBetweenItsPoints() {
    assertThat(PETROL.fullLoadTorque(radPerSecond(2000), STANDARD)).isCloseTo(490, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(2500), STANDARD)).isCloseTo(510, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(600), STANDARD)).isCloseTo(390, within(1e-9));
    assertThat(PETROL.fullLoadTorque(radPerSecond(5401), STANDARD)).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "38, 600, 0.8944, 0.9034, 0.9457",
    "28, 2500, 0.6893, 0.7318, 0.8302",
    "40, 0, 0.9710, 0.9661, 0.9854",
    "-20, 0, 1.05, 1.05, 1.05"
  })
  void theAirLeavesOfTheTorqueWhatTheStandardSays(
      double ambient, double altitude, double petrol, double diesel, double boosted) {
    double[] shares = {petrol, diesel, boosted};
    for (int i = 0; i < 3; i++) {
      Engine engine =
          new Engine(
              Engine.Kind.values()[i],
              5e-3,
              new double[] {1000, 3000},
              new double[] {400, 500},
              700);
      assertThat(engine.torqueShare(Air.at(ambient, altitude))).isCloseTo(shares[i], within(6e-5));
    }
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
        new Engine(
            Engine.Kind.DIESEL, 5.6e-3, new double[] {1000, 3000}, new double[] {400, 500}, 650);
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
            () -> new Engine(Engine.Kind.PETROL, 1, new double[] {1, 2}, new double[] {1, 2}, 700))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("DISPLACEMENT");
  }

  private static void assertRefused(double[] rpm, double[] torque, String why) {
    assertThatThrownBy(() -> new Engine(Engine.Kind.PETROL, 5e-3, rpm, torque, 700))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(why);
  }
}
