package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class TraceTest {
  private static final Trace.Fans STILL = new Trace.Fans(new double[0], 0, 0);

  private static Trace coolant(double end, double step, DoubleUnaryOperator of) {
    List<Trace.Moment> moments = new ArrayList<>();
    for (double t = 0; t <= end + 1e-9; t += step) {
      moments.add(
          new Trace.Moment(
              t, 0, 0, 38, 0, 1, true, 0, 0, of.applyAsDouble(t), 0, 0, 0, 1, 1, STILL));
    }
    return new Trace(moments, List.of(), new Trace.Ledger(0, 0, 0));
  }

  @Test
  void theWorstMeanOfALineIsItsEnd() {
    Trace.Peak peak = coolant(600, 7, t -> 80 + 0.05 * t).worst(Trace.Moment::coolant, 120);
    assertThat(peak.time()).isCloseTo(595 - 60, within(1e-9));
    assertThat(peak.value()).isCloseTo(80 + 0.05 * 535, within(1e-9));
  }

  @Test
  void aSpikeCountsForAsMuchAsItLasts() {
    // 20 K more for 30 s.
    Trace trace = coolant(900, 1, t -> t > 300 && t <= 330 ? 120 : 100);
    assertThat(trace.worst(Trace.Moment::coolant, 120).value()).isCloseTo(105, within(0.2));
    assertThat(trace.worst(Trace.Moment::coolant, 5).value()).isCloseTo(120, within(1e-9));
  }

  @Test
  void aShortHaulIsItsWholeMean() {
    Trace.Peak peak = coolant(40, 1, t -> 90 + t).worst(Trace.Moment::coolant, 120);
    assertThat(peak.value()).isCloseTo(110, within(1e-9));
    assertThat(coolant(0, 1, t -> 90).worst(Trace.Moment::coolant, 120).value()).isEqualTo(90);
  }

  @Test
  void betweenTwoMomentsItIsBetweenThem() {
    Trace trace = coolant(100, 10, t -> t);
    assertThat(trace.at(33).coolant()).isCloseTo(33, within(1e-9));
    assertThat(trace.at(-5).coolant()).isZero();
    assertThat(trace.at(500).coolant()).isEqualTo(100);
  }
}
