package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.TransmissionFluid;

/** What pump and circuit agree on, from a cold morning to hot oil. */
class OilCircuitTest {
  private static final TransmissionFluid OIL = TransmissionFluid.LEGACY;
  private static final double LITRES_PER_MINUTE = 1e-3 / 60;
  private final OilCircuit found = WorkedCase.rig(false).oilLoop().circuit();
  private final OilCircuit cooled = WorkedCase.rig(true).oilLoop().circuit();
  private final OilChannels core = WorkedCase.cooler().part().channels();

  @ParameterizedTest
  @CsvSource({
    "-30, 1.089, 0.585",
    "-20, 2.527, 1.388",
    "0, 6.558, 4.504",
    "20, 8.741, 7.323",
    "60, 9.874, 9.255",
    "90, 10.000, 9.560",
    "110, 9.965, 9.485"
  })
  void flowsAsPublished(double oil, double without, double with) {
    assertThat(found.flow(OIL, oil, q -> 0, Double.NaN) / LITRES_PER_MINUTE)
        .isCloseTo(without, within(6e-4));
    assertThat(cooled.flow(OIL, oil, q -> core.pressureDrop(q, OIL, oil), Double.NaN))
        .isCloseTo(with * LITRES_PER_MINUTE, within(6e-4 * LITRES_PER_MINUTE));
    // Where the search begins does not matter.
    assertThat(found.flow(OIL, oil, q -> 0, 1e-6) / LITRES_PER_MINUTE)
        .isCloseTo(without, within(6e-4));
  }

  @Test
  void thePumpIsTheOneThatPassesTheFlowAsFound() {
    double flow = 10 * LITRES_PER_MINUTE;
    assertThat(found.lineDrop(flow, OIL, 90)).isCloseTo(31.57e3, within(6.0));
    assertThat(found.pump().freeFlow() / LITRES_PER_MINUTE).isCloseTo(10.398, within(6e-4));
    assertThat(found.withPumpScaled(1.1).pump().freeFlow())
        .isCloseTo(1.1 * found.pump().freeFlow(), within(1e-12));
  }
}
