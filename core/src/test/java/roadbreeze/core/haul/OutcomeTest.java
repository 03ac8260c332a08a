package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;

/** What a haul comes to, and how sure that is. */
class OutcomeTest {
  private static final Setup SETUP = WorkedCase.setup(true);
  private static final Judge JUDGE =
      new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of());

  /** A level run, a climb of 12 minutes, a fall, and a pass that is higher and milder. */
  private static HaulCase hills() {
    double speed = 75 / 3.6;
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, speed),
                Road.Point.of(30_000, 600, speed),
                Road.Point.of(44_000, 1440, speed).stopping(Road.Stop.idling(120)),
                Road.Point.of(60_000, 900, speed),
                Road.Point.of(80_000, 1500, speed)));
    return new HaulCase(
        SETUP, Trip.of(road, 38, true), new HaulRun.Start(95, 80, 85), Limits.DEFAULT);
  }

  private static HaulCase constantClimb(double metres) {
    Road.Point foot = Road.Point.of(0, 600, 75 / 3.6).climbing(0.06);
    Road road = new Road(List.of(foot, Road.Point.of(metres, 600, 20)));
    return new HaulCase(
        SETUP, Trip.of(road, 38, true), new HaulRun.Start(95, 75, 80), 0, Limits.DEFAULT, 0);
  }

  @Test
  void theWorstMomentStandsAtTheTopOfTheClimb() {
    HaulCase.Driven driven = hills().drive();
    Outcome.Peak coolant = driven.outcome().coolant();
    assertThat(coolant.at().distance() / 1000).isBetween(43.0, 44.0);
    double highest =
        driven.trace().moments().stream().mapToDouble(Trace.Moment::coolant).max().orElseThrow();
    assertThat(coolant.value()).isBetween(highest - 0.5, highest);
    assertThat(coolant.limit())
        .isCloseTo(
            Limits.DEFAULT.coolantUnder(SETUP.boilingPoint(coolant.at().elevation())),
            within(0.05));
    assertThat(driven.outcome().seconds()).isCloseTo(80_000 / (75 / 3.6) + 120, within(1.0));
  }

  @Test
  void oilAgesByTheRuleAndFansAreLoud() {
    assertThat(Outcome.ageing(80)).isCloseTo(1, within(1e-12));
    assertThat(Outcome.ageing(102)).isCloseTo(4, within(1e-12));
    // Saturated: life used runs at the rate of the pan's last temperature.
    HaulCase.Driven driven = constantClimb(200_000).drive();
    double hours = driven.outcome().seconds() / 3600;
    double rate = Outcome.ageing(driven.trace().last().sump());
    assertThat(driven.outcome().oilLife()).isBetween(0.95 * rate * hours, rate * hours);
    // The worked truck's electric fan runs all the way.
    assertThat(driven.outcome().loud()).isCloseTo(driven.outcome().seconds(), within(1e-6));
    assertThat(driven.outcome().fanEnergy()).isPositive();
    assertThat(driven.outcome().fanFuel() + driven.outcome().airConditioningFuel())
        .isBetween(0.01 * driven.outcome().fuel(), 0.2 * driven.outcome().fuel());
  }

  @Test
  void thePartThatThePeakHangsOnGivesTheSamePeak() {
    HaulCase.Driven whole = hills().drive();
    HaulCase.Driven part = whole.near().drive();
    assertThat(part.trace().last().time()).isLessThan(whole.trace().last().time() - 600);
    for (Fluid fluid : Fluid.values()) {
      assertThat(part.outcome().of(fluid).value())
          .isCloseTo(whole.outcome().of(fluid).value(), within(0.05));
    }
  }

  @Test
  void roughlyDrivenItComesToTheSame() {
    for (double warm : new double[] {40, 70, 100}) {
      HaulRun.Start start = new HaulRun.Start(warm, warm, warm);
      for (HaulCase of : List.of(hills(), constantClimb(20_000))) {
        HaulCase from = new HaulCase(SETUP, of.trip(), start, Limits.DEFAULT);
        Outcome exact = from.drive().outcome();
        Outcome roughly = from.outcomeRoughly(Assembly.rig(SETUP));
        for (Fluid fluid : Fluid.values()) {
          // Far from its limit a thermostat on its way may swing a little otherwise.
          double close = Math.max(0.2, 0.03 * exact.of(fluid).headroom());
          assertThat(roughly.of(fluid).value())
              .as("%s from %.0f °C", fluid, warm)
              .isCloseTo(exact.of(fluid).value(), within(close));
        }
      }
    }
  }

  @Test
  void aMomentHasTheBalanceThatItsTemperaturesMake() {
    HaulCase.Driven driven = hills().drive();
    Balance top = driven.balance(driven.outcome().coolant().at().time()).orElseThrow();
    Trace.Moment at = driven.trace().at(driven.outcome().coolant().at().time());
    assertThat(top.coolant()).isCloseTo(at.coolant(), within(1e-6));
    assertThat(top.feed()).isCloseTo(at.feed(), within(0.05));
    assertThat(top.driveline().gear()).isEqualTo(at.gear());
    // Nearly saturated: little of the engine's heat still goes into its own warmth.
    assertThat(Math.abs(top.heat().coolantResidual()))
        .isLessThan(0.05 * top.heat().engineToCoolant());
    double stopped =
        driven.trace().moments().stream()
            .filter(m -> m.speed() == 0)
            .findFirst()
            .orElseThrow()
            .time();
    assertThat(driven.balance(stopped + 30).orElseThrow().driveline().gear()).isZero();
    assertThat(driven.balance(1e9)).isPresent();
  }

  @Test
  void aSaturatedClimbIsAsSureAsTheSteadyBalance() {
    HaulBand band = HaulBand.of(JUDGE, constantClimb(60_000).drive());
    Uncertainty steady = Uncertainty.of(Assembly.rig(SETUP), WorkedCase.CLIMB);
    assertThat(band.coolant()).isCloseTo(steady.coolant(), within(0.05 * steady.coolant()));
    assertThat(band.pan()).isCloseTo(steady.sump(), within(0.05 * steady.sump()));
  }

  @Test
  void theBandHoldsNineDrawsInTen() {
    HaulCase.Driven driven = hills().drive();
    HaulBand band = HaulBand.of(JUDGE, driven);
    HaulDraws draws = HaulDraws.of(JUDGE, driven, 7, 150, i -> false);
    assertThat(draws.draws()).hasSize(150);
    assertThat(draws.failed()).isZero();
    Margin pan = band.margin(Fluid.PAN, driven.outcome());
    Margin coolant = band.margin(Fluid.COOLANT, driven.outcome());
    long inside =
        draws.draws().stream()
            .mapToLong(
                d ->
                    (Math.abs(d.pan() - pan.headroom()) < pan.band() ? 1 : 0)
                        + (Math.abs(d.coolant() - coolant.headroom()) < coolant.band() ? 1 : 0))
            .sum();
    assertThat(inside / 300.0).isBetween(0.84, 0.96);
    // The same seed draws the same, and nobody need wait to the end.
    assertThat(HaulDraws.of(JUDGE, driven, 7, 5, i -> false).draws())
        .isEqualTo(draws.draws().subList(0, 5));
    assertThat(HaulDraws.of(JUDGE, driven, 7, 150, i -> i == 3).draws()).hasSize(3);
  }
}
