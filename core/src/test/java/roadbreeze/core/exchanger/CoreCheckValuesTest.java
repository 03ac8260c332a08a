package roadbreeze.core.exchanger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;

class CoreCheckValuesTest {
  private static final Air AIR = Air.at(38, 600);
  private static final double TEN_LITRES_PER_MINUTE = 10e-3 / 60;
  private final LouvredFin fin = new LouvredFin(0.040, 17, 0.010, FinMetal.ALUMINIUM);

  @ParameterizedTest
  @CsvSource({
    "2, 176.3, 0.25319, 4999.7, 65.8, 5173.5, 76.6",
    "4, 352.7, 0.14735, 6966.8, 159.3, 7204.0, 185.1",
    "6, 529.0, 0.10735, 8429.8, 270.1, 8712.4, 313.4",
    "9, 793.5, 0.07822, 10169, 463.0, 10504, 536.0"
  })
  void louvredFin(
      double velocity,
      double reynolds,
      double friction,
      double conductance,
      double drop,
      double hotConductance,
      double hotDrop) {
    assertThat(fin.surfacePerFace()).isCloseTo(50.406, within(6e-4));
    assertThat(fin.freeAreaRatio()).isCloseTo(0.75717, within(6e-6));
    double flux = velocity * AIR.density();
    assertThat(fin.reynolds(flux, AIR)).isCloseTo(reynolds, within(0.06));
    assertThat(fin.friction(flux, AIR)).isCloseTo(friction, within(6e-6));
    assertThat(fin.conductance(flux, AIR)).isCloseTo(conductance, within(0.6));
    assertThat(fin.pressureDrop(flux, AIR)).isCloseTo(drop, within(0.06));
    Air hot = AIR.warmedTo(70);
    assertThat(fin.conductance(flux, hot)).isCloseTo(hotConductance, within(0.6));
    assertThat(fin.pressureDrop(flux, hot)).isCloseTo(hotDrop, within(0.06));
  }

  @ParameterizedTest
  @CsvSource({"0.016, 18, 0.010, 63.1", "0.032, 14, 0.0105, 89.7"})
  void condenserAndOilCoolerAtFourMetresASecond(
      double depth, double fins, double pitch, double drop) {
    LouvredFin core = new LouvredFin(depth, fins, pitch, FinMetal.ALUMINIUM);
    assertThat(core.pressureDrop(4 * AIR.density(), AIR)).isCloseTo(drop, within(0.06));
  }

  @ParameterizedTest
  @CsvSource({
    "DIMPLED, 2.0, 2674, 21.01, 5578.5",
    "PLAIN, 2.0, 2674, 13.52, 5023.5",
    "DIMPLED, 0.5, 669, 9.102, 4424.6",
    "PLAIN, 0.5, 669, 7.915, 4195.0"
  })
  void radiatorTubes(
      RadiatorTubes.Surface surface, double flow, double reynolds, double nusselt, double overall) {
    RadiatorTubes tubes = new RadiatorTubes(0.76, 0.52, 0.040, 0.010, surface);
    Coolant coolant = new Coolant(0.5);
    double outside = fin.conductance(4 * AIR.density(), AIR);
    double u = 1 / (1 / outside + 1 / tubes.conductance(flow, coolant, 100));
    assertThat(tubes.reynolds(flow, coolant, 100)).isCloseTo(reynolds, within(0.6));
    assertThat(tubes.nusselt(flow, coolant, 100)).isCloseTo(nusselt, within(6e-3));
    assertThat(u).isCloseTo(overall, within(0.06));
  }

  @Test
  void tubesAreADensity() {
    RadiatorTubes deep = new RadiatorTubes(0.76, 0.52, 0.050, 0.010, RadiatorTubes.Surface.DIMPLED);
    assertThat(deep.rows()).isEqualTo(2.5);
    assertThat(deep.reynolds(2.0, new Coolant(0.5), 100)).isCloseTo(2139, within(0.6));
  }

  @ParameterizedTest
  @CsvSource({"90, 60, 0.9016, 8580.9", "20, -10, 0.7862, 5770.6"})
  void aColdWallThickensTheOilThere(
      double temperature, double wall, double factor, double conductance) {
    TransmissionFluid oil = TransmissionFluid.LEGACY;
    OilChannels channels =
        new OilChannels(0.28, 0.19, 0.032, 0.0105, 1, 0.0095, ChannelSurface.TURBULATED);
    double found = OilChannels.wallFactor(oil, temperature, wall);
    assertThat(found).isCloseTo(factor, within(6e-5));
    assertThat(channels.conductance(TEN_LITRES_PER_MINUTE, oil, temperature, found))
        .isCloseTo(conductance, within(0.6));
  }

  @ParameterizedTest
  @CsvSource({"0.05, 86.49", "0.5, 214.52", "1.0, 261.79", "2.0, 306.33", "2.57, 321.13"})
  void inTankCooler(double massFlow, double conductance) {
    assertThat(
            new OilElement.InTank(320, OilElement.InTank.Place.OUTLET_TANK)
                .conductance(massFlow, 3.6))
        .isCloseTo(conductance, within(6e-3));
  }

  @ParameterizedTest
  @CsvSource({"true, 1, 9512, 0.6, 5350, 6, 39.6, 0.06", "false, 2, 2303, 0.6, 4620, 6, 139, 0.6"})
  void oilChannels(
      boolean turbulated,
      int passes,
      double conductance,
      double conductanceTolerance,
      double drop,
      double dropTolerance,
      double reynolds,
      double reynoldsTolerance) {
    ChannelSurface surface = turbulated ? ChannelSurface.TURBULATED : ChannelSurface.PLAIN;
    OilChannels channels = new OilChannels(0.28, 0.19, 0.032, 0.0105, passes, 0.0095, surface);
    TransmissionFluid oil = TransmissionFluid.LEGACY;
    assertThat(channels.conductance(TEN_LITRES_PER_MINUTE, oil, 90))
        .isCloseTo(conductance, within(conductanceTolerance));
    assertThat(channels.corePressureDrop(TEN_LITRES_PER_MINUTE, oil, 90))
        .isCloseTo(drop, within(dropTolerance));
    assertThat(channels.reynolds(TEN_LITRES_PER_MINUTE, oil, 90))
        .isCloseTo(reynolds, within(reynoldsTolerance));
    assertThat(channels.extrapolated(TEN_LITRES_PER_MINUTE, oil, 90)).isEqualTo(turbulated);
  }

  @ParameterizedTest
  @CsvSource({"1, 0.5, 0.54476", "2, 0.8, 0.66288", "0.6, 0, 0.45119", "3, 1, 0.68421"})
  void crossflowEffectiveness(double ntu, double ratio, double effectiveness) {
    assertThat(Effectiveness.crossflow(ntu, ratio)).isCloseTo(effectiveness, within(6e-6));
  }

  @Test
  void turbulentFlowMatchesGnielinskiAndJoinsWithoutAStep() {
    // Incropera, example of a smooth tube: Re 10^4, Pr 0.7 gives about 30.
    assertThat(Gnielinski.INSTANCE.nusselt(1e4, 0.7)).isCloseTo(30, within(3.0));
    LaminarEntry entry = new LaminarEntry(0.003);
    assertThat(TubeFlow.SMOOTH.nusselt(2300, 6, entry)).isEqualTo(entry.nusselt(2300, 6));
    assertThat(TubeFlow.SMOOTH.nusselt(4000 - 1e-6, 6, entry))
        .isCloseTo(Gnielinski.INSTANCE.nusselt(4000, 6), within(1e-6));
  }

  @Test
  void plainChannelsRubAsBetweenParallelPlatesAndAsInSmoothTubes() {
    // Fanning: 24/Re between wide plates; a smooth tube's Darcy factor at Re 10^5 is 0.018.
    assertThat(ChannelSurface.PLAIN.friction(139)).isCloseTo(24 / 139.0, within(1e-9));
    assertThat(ChannelSurface.PLAIN.friction(1e5)).isCloseTo(0.018 / 4, within(1e-4));
  }
}
