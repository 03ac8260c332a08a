package roadbreeze.core.exchanger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.air.Air;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;

class CoreCheckValuesTest {
  private static final Air AIR = Air.at(38, 600);
  private static final double TEN_LITRES_PER_MINUTE = 10e-3 / 60;
  private final LouvredFin fin = new LouvredFin(0.040, 17, 0.010, FinMetal.ALUMINIUM);

  @ParameterizedTest
  @CsvSource({
    "2, 4999.7, 0.06, 32.8",
    "4, 6966.8, 0.06, 97.8",
    "6, 8429.8, 0.06, 186.3",
    "9, 10169, 0.6, 357.2"
  })
  void louvredFin(double velocity, double conductance, double tolerance, double drop) {
    assertThat(fin.surfacePerFace()).isCloseTo(50.406, within(6e-4));
    assertThat(fin.freeAreaRatio()).isCloseTo(0.75717, within(6e-6));
    assertThat(fin.conductance(velocity, AIR)).isCloseTo(conductance, within(tolerance));
    assertThat(fin.pressureDrop(velocity, AIR)).isCloseTo(drop, within(0.06));
  }

  @ParameterizedTest
  @CsvSource({"2.0, 2674, 4695.6", "0.5, 669, 3539.2"})
  void radiatorTubes(double flow, double reynolds, double overall) {
    RadiatorTubes tubes = new RadiatorTubes(0.52, 0.040, 0.010);
    Coolant coolant = new Coolant(0.5);
    double u = 1 / (1 / fin.conductance(4, AIR) + 1 / tubes.conductance(flow, coolant, 100));
    assertThat(tubes.reynolds(flow, coolant, 100)).isCloseTo(reynolds, within(0.6));
    assertThat(u).isCloseTo(overall, within(0.06));
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
    assertThat(TubeFlow.nusselt(2300, 6, 5.4)).isEqualTo(5.4);
    assertThat(TubeFlow.nusselt(4000 - 1e-6, 6, 5.4))
        .isCloseTo(Gnielinski.INSTANCE.nusselt(4000, 6), within(1e-6));
  }

  @Test
  void plainChannelsRubAsBetweenParallelPlatesAndAsInSmoothTubes() {
    // Fanning: 24/Re between wide plates; a smooth tube's Darcy factor at Re 10^5 is 0.018.
    assertThat(ChannelSurface.PLAIN.friction(139)).isCloseTo(24 / 139.0, within(1e-9));
    assertThat(ChannelSurface.PLAIN.friction(1e5)).isCloseTo(0.018 / 4, within(1e-4));
  }
}
