package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.OilLines.Stretch;
import roadbreeze.core.line.OilNetwork.What;

class FilterTest {
  private static final TransmissionFluid OIL = TransmissionFluid.LEGACY;
  private static final Filter WITH_VALVE = Filter.of(0, 7e3, OIL, OptionalDouble.of(60e3));
  private static final Filter WITHOUT = Filter.of(0, 7e3, OIL, OptionalDouble.empty());

  @Test
  void hotItHoldsUpWhatItsSheetSaysAndColdAsMuchMoreAsTheOilIsThicker() {
    double hot = OIL.viscosity(OilCircuit.HOT);
    assertThat(WITH_VALVE.pressureDrop(Filter.SHEET_FLOW, OIL, OilCircuit.HOT))
        .isCloseTo(7e3, within(1e-6));
    assertThat(WITHOUT.pressureDrop(Filter.SHEET_FLOW, OIL, OilCircuit.HOT))
        .isCloseTo(14e3, within(1e-6));
    assertThat(WITHOUT.pressureDrop(Filter.SHEET_FLOW / 3, OIL, 20))
        .isCloseTo(14e3 / 3 * OIL.viscosity(20) / hot, within(1e-6));
  }

  /** At 7 kPa hot its valve opens where flow or viscosity are 60 / 7 times as much. */
  @Test
  void itsValveLetsColdOilPast() {
    double viscosity = OIL.viscosity(OilCircuit.HOT) * 100;
    assertThat(WITH_VALVE.pressureDrop(Filter.SHEET_FLOW, 850, viscosity))
        .isCloseTo(60e3 + 0.1 * (700e3 - 60e3), within(1e-3));
    double before = -1;
    for (double flow = 0; flow < 4 * Filter.SHEET_FLOW; flow += Filter.SHEET_FLOW / 20) {
      double drop = WITH_VALVE.pressureDrop(flow, 850, viscosity);
      assertThat(drop).isGreaterThan(before);
      before = drop;
    }
  }

  private static OilLines lines(List<Filter> filters) {
    return OilLines.of(
        new Line(2.4, 9.5e-3, 5),
        420e3,
        -10,
        OilNetwork.of(
            List.of(
                new PlannedHose(new Line(0.9, 9.5e-3, 3)),
                new PlannedHose(new Line(1.1, 9.5e-3, 3))),
            filters,
            List.of(
                new CoolerDrop(WorkedCase.oilCooler(0.28, 0.19, 0.032).channels(), Bypass.NONE)),
            false,
            Optional.empty()),
        OIL,
        10e-3 / 60);
  }

  @Test
  void wherePressureGoesClosesAndAFilterAfterTheCoolerStandsUnderLess() {
    OilLines before = lines(List.of(WITH_VALVE));
    OilLines after = lines(List.of(new Filter(1, WITH_VALVE.resistance(), WITH_VALVE.opens())));
    OilLines none = lines(List.of());
    assertThat(before.hot().plannedFlow()).isLessThan(none.hot().plannedFlow());
    // In one row it is the same flow wherever the filter is.
    assertThat(after.cold().plannedFlow()).isCloseTo(before.cold().plannedFlow(), within(1e-9));
    assertThat(before.profile())
        .extracting(Stretch::what)
        .containsExactly(
            What.FEED_LINE, What.HOSE, What.FILTER, What.COOLER, What.HOSE, What.RETURN_LINE);
    assertThat(at(after, What.FILTER)).isLessThan(at(before, What.FILTER));
    assertThat(at(after, What.COOLER)).isGreaterThan(at(before, What.COOLER));
    // What is left at the last stretch is lost in it: half of the lines as found.
    List<Stretch> way = before.profile();
    assertThat(way.get(way.size() - 1).cold().pressure())
        .isCloseTo(before.cold().foundDrop() / 2, within(1e-6));
    assertThat(before.volume() - none.volume()).isCloseTo(0.25e-3, within(1e-12));
  }

  private static double at(OilLines lines, What what) {
    return lines.profile().stream()
        .filter(s -> s.what() == what)
        .mapToDouble(s -> s.cold().pressure())
        .findFirst()
        .orElseThrow();
  }
}
