package roadbreeze.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.BadInputException;

class LiquidsTest {
  @ParameterizedTest
  @CsvSource({"34, 7.3", "29.5, 5.6", "45, 9"})
  void theSheetsTwoViscositiesComeBack(double kv40, double kv100) {
    TransmissionFluid oil = new TransmissionFluid(kv40, kv100);
    assertThat(oil.kinematicViscosity(40)).isCloseTo(kv40, within(1e-9 * kv40));
    assertThat(oil.kinematicViscosity(100)).isCloseTo(kv100, within(1e-9 * kv100));
    for (double t = -30; t < 150; t += 10) {
      assertThat(oil.kinematicViscosity(t + 10)).isLessThan(oil.kinematicViscosity(t));
    }
  }

  @Test
  void sheetsThatCannotBeAreRefused() {
    assertThatThrownBy(() -> new TransmissionFluid(34, 0.9)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new TransmissionFluid(600, 7)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new TransmissionFluid(Double.NaN, 7))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.oilViscosities");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.3, 0.4, 0.5, 0.6})
  void moreCapMoreSeaAndMoreGlycolBoilLater(double share) {
    Coolant mix = new Coolant(share);
    assertThat(mix.boilingPoint(110e3, 0)).isGreaterThan(mix.boilingPoint(90e3, 0));
    assertThat(mix.boilingPoint(90e3, 3000)).isLessThan(mix.boilingPoint(90e3, 0));
    if (share < 0.6) {
      assertThat(new Coolant(share + 0.1).boilingPoint(90e3, 0))
          .isGreaterThan(mix.boilingPoint(90e3, 0));
    }
  }

  @Test
  void waterBoilsAtAHundredAndTheTwoRangesOfItsVapourNearlyMeet() {
    double low = Coolant.saturationPressure(100);
    assertThat(low).isCloseTo(101_325, within(110.0));
    // The published constants step up by half a per cent there: 0.15 K of boiling point.
    assertThat(Coolant.saturationPressure(100 + 1e-9)).isBetween(low, 1.006 * low);
  }

  @Test
  void moreGlycolCarriesLessHeat() {
    Coolant lean = new Coolant(0.3);
    Coolant rich = new Coolant(0.6);
    for (double t : new double[] {20, 60, 100}) {
      assertThat(rich.specificHeat(t)).isLessThan(lean.specificHeat(t));
      assertThat(rich.conductivity(t)).isLessThan(lean.conductivity(t));
      assertThat(rich.viscosity(t)).isGreaterThan(lean.viscosity(t));
      assertThat(rich.prandtl(t)).isGreaterThan(lean.prandtl(t));
    }
    assertThatThrownBy(() -> rich.boilingPoint(300e3, 0))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("CAP_PRESSURE");
  }

  @ParameterizedTest
  @ValueSource(doubles = {-50, -20, 0, 25, 45, 80})
  void hotterAndHigherAirIsThinner(double t) {
    Air here = Air.at(t, 500);
    assertThat(Air.at(t, 1500).density()).isLessThan(here.density());
    assertThat(here.density()).isCloseTo(here.pressure() / (287.058 * (t + 273.15)), within(1e-9));
    if (t < 75) {
      assertThat(Air.at(t + 5, 500).density()).isLessThan(here.density());
      assertThat(Air.at(t + 5, 500).viscosity()).isGreaterThan(here.viscosity());
    }
    assertThatThrownBy(() -> Air.at(t, 9000)).isInstanceOf(BadInputException.class);
  }
}
