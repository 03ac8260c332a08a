package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.sizing.Uncertainty.Doubt;
import roadbreeze.core.sizing.Uncertainty.Share;
import roadbreeze.core.sizing.Uncertainty.Source;

class UncertaintyTest {
  private static final Rig RIG = WorkedCase.rig(true);

  private static Uncertainty of(List<Source> sources, List<Doubt> doubts) {
    return Uncertainty.of(RIG, WorkedCase.CLIMB, sources, doubts);
  }

  private static Doubt mass(double by) {
    double mass = RIG.load().mass();
    return new Doubt("mass", RIG.withMass(mass + by), RIG.withMass(mass - by));
  }

  @Test
  void theBandIsTheRootOfTheSquaredShares() {
    Uncertainty all = of(Uncertainty.SOURCES, List.of(mass(300)));
    assertThat(all.shares()).extracting(Share::name).doesNotHaveDuplicates().hasSize(5);
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
    assertThat(ram.name()).isEqualTo("ram pressure");
    double high =
        new SteadyBalance(RIG, Factors.NOMINAL.withRam(1.2)).solve(WorkedCase.CLIMB).coolant();
    double low =
        new SteadyBalance(RIG, Factors.NOMINAL.withRam(0.8)).solve(WorkedCase.CLIMB).coolant();
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
  void theNineInTenModelCarriesTheDoubtsOfTheInputsToo() {
    Uncertainty plain = of(Uncertainty.SOURCES, List.of());
    Uncertainty doubted = of(Uncertainty.SOURCES, List.of(mass(600)));
    Factors sure = plain.nineInTen(Uncertainty.SOURCES, Share::coolant);
    Factors unsure = doubted.nineInTen(Uncertainty.SOURCES, Share::coolant);
    assertThat(new SteadyBalance(RIG, unsure).solve(WorkedCase.CLIMB).coolant())
        .isGreaterThan(new SteadyBalance(RIG, sure).solve(WorkedCase.CLIMB).coolant());
    // Pushed towards heat: more of the fuel's heat, less air, less core.
    assertThat(sure.coolantShare()).isGreaterThan(1);
    assertThat(sure.ram()).isLessThan(1);
    assertThat(sure.fanPressure()).isLessThan(1);
    assertThat(sure.coreConductance()).isLessThan(1);
  }

  @Test
  void aBuildOnItsEdgeIsNotBandedButSaysSo() {
    double heaviest = 5900;
    while (climbs(heaviest + 100)) {
      heaviest += 100;
    }
    Rig edge = RIG.withMass(heaviest);
    Doubt tooMuch = new Doubt("mass", RIG.withMass(heaviest + 500), edge);
    assertThatThrownBy(
            () ->
                Uncertainty.of(
                    edge, WorkedCase.CLIMB.withGrade(0.2), Uncertainty.SOURCES, List.of(tooMuch)))
        .isInstanceOf(NotConvergedException.class)
        .hasMessageContaining("too near its edge to band");
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
