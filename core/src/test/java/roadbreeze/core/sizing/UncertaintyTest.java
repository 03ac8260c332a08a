package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Uncertainty.Doubt;
import roadbreeze.core.sizing.Uncertainty.Share;
import roadbreeze.core.sizing.Uncertainty.Source;

class UncertaintyTest {
  private static final Rig RIG = WorkedCase.rig(true);
  private static final Judge.Doubted MASS = new Judge.Doubted(Assumed.VEHICLE_MASS, "");

  private static Uncertainty of(List<Source> sources, List<Doubt> doubts) {
    return Uncertainty.of(RIG, WorkedCase.CLIMB, sources, doubts);
  }

  private static Doubt mass(double by) {
    double mass = RIG.load().mass();
    return new Doubt(MASS, RIG.withMass(mass + by), RIG.withMass(mass - by));
  }

  @ParameterizedTest
  @CsvSource({
    "true, 0.06, 75, 10.25, 1.46, -2.41, -1.98, -2.87, 3.79, 1.34, 11.89, 6.91",
    "false, 0.06, 75, 10.09, 1.44, -2.31, -1.83, -3.01, 3.53, 1.34, 11.65, 9.57",
    "true, 0.09, 40, 10.01, 0.48, -1.32, -3.60, -2.83, 4.72, 1.44, 12.14, 8.35"
  })
  void everyShareAsPublished(ArgumentsAccessor row) {
    OperatingPoint point =
        new OperatingPoint(row.getDouble(1), row.getDouble(2) / 3.6, 38, 600, true);
    Uncertainty band = Uncertainty.of(WorkedCase.rig(row.getBoolean(0)), point);
    for (int i = 0; i < 7; i++) {
      assertThat(band.shares().get(i).coolant())
          .as("%s", band.shares().get(i).of())
          .isCloseTo(row.getDouble(3 + i), within(0.01));
    }
    assertThat(band.coolant()).isCloseTo(row.getDouble(10), within(0.01));
    assertThat(band.sump()).isCloseTo(row.getDouble(11), within(0.01));
  }

  @Test
  void theBandIsTheRootOfTheSquaredShares() {
    Uncertainty all = of(Uncertainty.SOURCES, List.of(mass(300)));
    assertThat(all.shares()).extracting(Share::of).doesNotHaveDuplicates().hasSize(7);
    double squares = 0;
    for (Share share : all.shares()) {
      squares += share.coolant() * share.coolant();
    }
    squares += all.doubts().get(0).coolant() * all.doubts().get(0).coolant();
    assertThat(all.coolant()).isCloseTo(Math.sqrt(squares), within(1e-9));
  }

  @Test
  void eachShareIsHalfWhatItsEndsPart() {
    Source ram = Uncertainty.SOURCES.get(2);
    assertThat(ram.factor()).isEqualTo(Factor.RAM);
    double high =
        new SteadyBalance(RIG, Factors.NOMINAL.with(Factor.RAM, 1.2))
            .solve(WorkedCase.CLIMB)
            .coolant();
    double low =
        new SteadyBalance(RIG, Factors.NOMINAL.with(Factor.RAM, 0.8))
            .solve(WorkedCase.CLIMB)
            .coolant();
    Share share = of(List.of(ram), List.of()).shares().get(0);
    assertThat(share.coolant()).isCloseTo((high - low) / 2, within(1e-4)).isNegative();
    // More of what heats has the other sign.
    assertThat(of(Uncertainty.SOURCES, List.of()).shares().get(0).coolant()).isPositive();
  }

  @Test
  void nothingUnsureIsNoBandAndTwiceAsUnsureTwiceTheShare() {
    Uncertainty sure = of(List.of(), List.of());
    assertThat(sure.coolant()).isZero();
    assertThat(sure.nineInTen(List.of(), Share::coolant)).isEqualTo(Factors.NOMINAL);
    double narrow = of(List.of(), List.of(mass(100))).doubts().get(0).coolant();
    double wide = of(List.of(), List.of(mass(200))).doubts().get(0).coolant();
    assertThat(wide).isCloseTo(2 * narrow, within(0.02 * wide));
  }

  @Test
  void thePushedModelStandsAtTheNineInTenPeakWithTheDoubtsOfTheInputsToo() {
    Setup setup = WorkedCase.setup(true);
    Judge judge =
        new Judge(
            WorkedCase.CLIMB,
            Limits.DEFAULT,
            Uncertainty.SOURCES,
            List.of(
                new Judge.Doubted(Assumed.TRAILER_MASS, ""),
                new Judge.Doubted(Assumed.PUMP_FLOW, ""),
                new Judge.Doubted(Assumed.FAN_FREE_FLOW, "main-fan")));
    Headroom strip = judge.of(setup);
    Uncertainty spread = strip.spread();
    assertThat(spread.doubts()).hasSize(3);
    for (boolean pan : new boolean[] {false, true}) {
      ToDoubleFunction<Share> fluid = pan ? Share::sump : Share::coolant;
      Factors factors = spread.nineInTen(judge.sources(), fluid);
      Balance pushed =
          new SteadyBalance(judge.pushed(setup, spread, fluid), factors).solve(WorkedCase.CLIMB);
      Margin margin = pan ? strip.pan() : strip.coolant();
      // Linearised: within a tenth of the band of where the strip has its nine-in-ten peak.
      assertThat(pan ? pushed.sump() : pushed.coolant())
          .isCloseTo(margin.nineInTen(), within(0.1 * margin.band()));
    }
  }

  @Test
  void aBuildOnItsEdgeIsNotBandedButSaysSo() {
    double heaviest = 5900;
    while (climbs(heaviest + 100)) {
      heaviest += 100;
    }
    Rig edge = RIG.withMass(heaviest);
    Doubt tooMuch = new Doubt(MASS, RIG.withMass(heaviest + 500), edge);
    assertThatThrownBy(
            () ->
                Uncertainty.of(
                    edge, WorkedCase.CLIMB.withGrade(0.2), Uncertainty.SOURCES, List.of(tooMuch)))
        .isInstanceOf(NotConvergedException.class)
        .hasMessageContaining("problem.atTheEdge");
  }

  private static boolean climbs(double mass) {
    try {
      new SteadyBalance(RIG.withMass(mass)).solve(WorkedCase.CLIMB.withGrade(0.2));
      return true;
    } catch (NotConvergedException e) {
      return false;
    }
  }
}
