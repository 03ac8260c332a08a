package roadbreeze.server.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Line;
import roadbreeze.core.problem.NotConvergedException;

class LineCalculatorTest {
  private static final TransmissionFluid OIL = TransmissionFluid.LEGACY;
  private static final double FLOW = 10;
  private static final LinePlan PLAN = new LinePlan(2.4, 9.5, 5, 420, -10, 80);
  private static final List<Hose> HOSES =
      List.of(new Hose("out", 0.9, 9.5, 1, 2), new Hose("back", 1.1, 9.5, 1, 2));

  private static OilChannels core(OilChannels.Surface surface) {
    return new OilChannels(0.28, 0.19, 0.032, 0.0105, 1, 0.0095, surface);
  }

  private static final OilChannels PLATE = core(OilChannels.Surface.TURBULATED);

  private static LineResult lines(LinePlan plan, List<Hose> hoses, List<OilChannels> coolers) {
    return LineCalculator.calculate(plan, hoses, OIL, FLOW, coolers, false);
  }

  @Test
  void withNothingFittedAllOfTheFlowIsLeft() {
    LineResult none = lines(PLAN, HOSES, List.of());
    assertThat(none.hot().flowShare()).isCloseTo(1, within(1e-9));
    assertThat(none.hot().plannedFlowLpm()).isCloseTo(FLOW, within(1e-6));
    assertThat(none.cuts()).isEmpty();
    assertThat(none.hoseToBuyM()).isEmpty();
    assertThat(none.addedVolumeL()).isZero();
    // The found line's drop is its own, by the core's arithmetic.
    assertThat(none.hot().foundDropKpa())
        .isCloseTo(new Line(2.4, 9.5e-3, 5).pressureDrop(FLOW / 60e3, OIL, 90) / 1e3, within(0.01));
  }

  @Test
  void hoseIsCutWithItsSpareAndBoughtByTheTenthOfAMetre() {
    LineResult one = lines(PLAN, HOSES, List.of(PLATE));
    assertThat(one.cuts()).extracting(LineResult.Cut::cutMm).containsExactly(1060.0, 1260.0);
    // 1.06 and 1.26 m of one bore: 2.32 m, sold as 2.4.
    assertThat(one.hoseToBuyM()).hasSize(1);
    assertThat(one.hoseToBuyM().get(0).lengthM()).isCloseTo(2.4, within(1e-9));
    double hose = Math.PI / 4 * 0.0095 * 0.0095 * 2.0 * 1000;
    assertThat(one.addedVolumeL()).isCloseTo(hose + PLATE.volume() * 1000, within(1e-6));
    List<Hose> two = List.of(HOSES.get(0), new Hose("back", 1.1, 12.7, 1, 2));
    assertThat(lines(PLAN, two, List.of(PLATE)).hoseToBuyM())
        .extracting(LineResult.ToBuy::boreMm)
        .containsExactly(9.5, 12.7);
  }

  @Test
  void aCoreAndItsHosesCostFlowAndColdOilCostsMost() {
    LineResult one = lines(PLAN, HOSES, List.of(PLATE));
    assertThat(one.hot().flowShare()).isBetween(0.7, 0.999);
    assertThat(one.cold().flowShare()).isLessThan(one.hot().flowShare());
    assertThat(one.cold().oilC()).isEqualTo(-10);
    List<Hose> wide = List.of(new Hose("out", 0.9, 12.7, 1, 2), new Hose("back", 1.1, 12.7, 1, 2));
    assertThat(lines(PLAN, wide, List.of(PLATE)).hot().flowShare())
        .isGreaterThan(one.hot().flowShare());
    assertThat(lines(PLAN, HOSES, List.of(core(OilChannels.Surface.PLAIN))).cold().coolerDropKpa())
        .isLessThan(one.cold().coolerDropKpa());
  }

  @Test
  void twoSideBySideDropLessThanOneAfterTheOther() {
    List<OilChannels> two = List.of(PLATE, PLATE);
    LineResult series = LineCalculator.calculate(PLAN, HOSES, OIL, FLOW, two, false);
    LineResult parallel = LineCalculator.calculate(PLAN, HOSES, OIL, FLOW, two, true);
    LineResult one = lines(PLAN, HOSES, List.of(PLATE));
    assertThat(parallel.hot().coolerDropKpa()).isLessThan(one.hot().coolerDropKpa());
    assertThat(series.hot().coolerDropKpa()).isGreaterThan(1.8 * one.hot().coolerDropKpa());
    assertThat(parallel.hot().flowShare()).isGreaterThan(series.hot().flowShare());
    assertThat(parallel.addedVolumeL()).isEqualTo(series.addedVolumeL());
    // Sharing is no word for one.
    assertThat(LineCalculator.calculate(PLAN, HOSES, OIL, FLOW, List.of(PLATE), true).hot())
        .isEqualTo(one.hot());
  }

  @Test
  void aStarvedGearboxIsWarnedOfHotAndCold() {
    List<Hose> thin = List.of(new Hose("out", 6, 4.5, 6, 4), new Hose("back", 6, 4.5, 6, 4));
    LineResult starved = lines(PLAN, thin, List.of(PLATE));
    assertThat(String.join(" ", starved.warnings()))
        .contains("Hot, only ")
        .contains("At -10 °C only")
        .contains("keeps the gearbox fed");
    LinePlan mild = new LinePlan(2.4, 9.5, 5, 420, 40, 80);
    assertThat(lines(mild, HOSES, List.of(PLATE)).warnings()).isEmpty();
  }

  @Test
  void aPumpThatCouldNotPushWhatWasMeasuredIsRefused() {
    LinePlan weak = new LinePlan(20, 5, 30, 60, -10, 80);
    assertThatThrownBy(() -> lines(weak, HOSES, List.of(PLATE)))
        .isInstanceOf(NotConvergedException.class);
  }
}
