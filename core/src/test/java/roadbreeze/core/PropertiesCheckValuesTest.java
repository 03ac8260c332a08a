package roadbreeze.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.air.Air;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.BadInputException;

/**
 * Published check values of air, transmission fluid and coolant; tolerances are the printed digits.
 */
class PropertiesCheckValuesTest {
  @ParameterizedTest
  @CsvSource({"20, 0, 1.20408", "40, 0, 1.12718", "40, 1500, 0.94064"})
  void airDensity(double temperature, double altitude, double density) {
    assertThat(Air.at(temperature, altitude).density()).isCloseTo(density, within(5e-6));
  }

  @Test
  void airViscosity() {
    assertThat(Air.at(40, 0).viscosity()).isCloseTo(1.90749e-5, within(5e-11));
  }

  @ParameterizedTest
  @CsvSource({"-20, 878.8, 0.05", "0, 215.84, 0.005", "60, 18.163, 0.0005", "90, 8.872, 0.0005"})
  void transmissionFluidViscosity(double temperature, double viscosity, double tolerance) {
    assertThat(TransmissionFluid.LEGACY.kinematicViscosity(temperature))
        .isCloseTo(viscosity, within(tolerance));
  }

  @Test
  void transmissionFluidPrandtl() {
    assertThat(TransmissionFluid.LEGACY.prandtl(90)).isCloseTo(119.25, within(0.005));
  }

  @ParameterizedTest
  @CsvSource({"20, 1055.5, 3290, 4.016e-3, 0.430", "90, 1016.2, 3552, 0.864e-3, 0.444"})
  void coolant(double t, double density, double heat, double viscosity, double conductivity) {
    Coolant half = new Coolant(0.5);
    assertThat(half.density(t)).isCloseTo(density, within(0.06));
    assertThat(half.specificHeat(t)).isCloseTo(heat, within(0.6));
    assertThat(half.viscosity(t)).isCloseTo(viscosity, within(0.6e-6));
    assertThat(half.conductivity(t)).isCloseTo(conductivity, within(6e-4));
  }

  @ParameterizedTest
  @CsvSource({
    "0.5, 0, 0, 108.00",
    "0.5, 100e3, 0, 129.72",
    "0.5, 100e3, 2000, 125.91",
    "0.4, 90e3, 1000, 123.20"
  })
  void boilingPoint(double share, double cap, double altitude, double boiling) {
    assertThat(new Coolant(share).boilingPoint(cap, altitude)).isCloseTo(boiling, within(0.006));
  }

  @Test
  void moreGlycolFreezesColder() {
    assertThat(new Coolant(0.475).freezingPoint()).isCloseTo(-33.8, within(1e-9));
    assertThat(new Coolant(0.3).freezingPoint()).isGreaterThan(new Coolant(0.5).freezingPoint());
    assertThat(new Coolant(0.6).freezingPoint()).isCloseTo(-48.3, within(1e-9));
  }

  @Test
  void refusesWhatNoTruckMeets() {
    assertThatThrownBy(() -> Air.at(81, 0))
        .isInstanceOf(BadInputException.class)
        .hasMessageContainingAll(
            "problem.outOfRange", "AMBIENT", "value=81.0", "value=-50.0", "value=80.0");
    assertThatThrownBy(() -> Air.at(Double.NaN, 0)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new Coolant(0.7)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new TransmissionFluid(7, 34)).isInstanceOf(BadInputException.class);
  }
}
