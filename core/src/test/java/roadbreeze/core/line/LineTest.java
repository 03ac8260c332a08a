package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.NotConvergedException;

class LineTest {
  private static final TransmissionFluid OIL = TransmissionFluid.LEGACY;
  private static final double TEN = 10e-3 / 60;

  @ParameterizedTest
  @CsvSource({"90, 8.45, 0.006", "40, 24.1, 0.06", "0, 157, 0.6", "-20, 650, 0.6"})
  void dropPerMetreAsPublished(double temperature, double kilopascal, double tolerance) {
    assertThat(new Line(1, 9.5e-3, 0).pressureDrop(TEN, OIL, temperature) / 1000)
        .isCloseTo(kilopascal, within(tolerance));
  }

  @Test
  void laminarDropIsHagenPoiseuille() {
    double d = 9.5e-3;
    double poiseuille = 128 * OIL.viscosity(-20) * TEN / (Math.PI * Math.pow(d, 4));
    assertThat(new Line(1, d, 0).pressureDrop(TEN, OIL, -20))
        .isCloseTo(poiseuille, within(1e-3 * poiseuille));
    assertThat(new Line(1, d, 0).reynolds(TEN, OIL, 90)).isCloseTo(2518, within(1.0));
  }

  @Test
  void pumpGivesBackTheMeasuredFlowAndLessAgainstMore() {
    Line found = new Line(2, 9.5e-3, 4);
    PumpCircuit pump = PumpCircuit.measured(TEN, found.pressureDrop(TEN, OIL, 90), 400e3);
    assertThat(pump.flowAgainst(q -> found.pressureDrop(q, OIL, 90))).isCloseTo(TEN, within(1e-12));
    Line longer = new Line(5, 8e-3, 10);
    assertThat(pump.flowAgainst(q -> longer.pressureDrop(q, OIL, 90))).isLessThan(TEN);
    assertThatThrownBy(() -> PumpCircuit.measured(TEN, 500e3, 400e3))
        .isInstanceOf(NotConvergedException.class);
  }
}
