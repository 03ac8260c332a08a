package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Rectangle;

class AirReadingTest {
  private static final Air AIR = Air.at(20, 0);
  private static final double FACE = 0.76 * 0.52;
  private static final FanRun WHOLE = new FanRun("main-fan", OptionalDouble.empty(), 1, false);
  private final Setup setup = new Setup(WorkedCase.truck(), WorkedCase.fitting());

  private Setup blown(FanFit... fans) {
    return setup.with(setup.fitting().withFans(List.of(fans)));
  }

  private FanFit main() {
    return setup.fitting().fans().get(0);
  }

  private double flow(double factor) {
    return StandingAir.of(blown(main().withMeasuredFactor(OptionalDouble.of(factor))), WHOLE, AIR);
  }

  private static FanUnit onEngine(FanUnit.Type kind) {
    return new FanUnit(
        kind,
        1,
        0.45,
        new FanCurve(400, 2.6, false),
        OptionalDouble.empty(),
        OptionalDouble.of(1.1),
        OptionalDouble.of(2600),
        OptionalDouble.of(6000),
        OptionalDouble.of(60),
        OptionalDouble.of(85),
        OptionalDouble.of(2000));
  }

  private static FanRun at(double rpm) {
    return new FanRun("main-fan", OptionalDouble.of(rpm), 1, false);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.3, 0.8, 1.3, 2.5})
  void aPlantedFactorIsFoundAgain(double planted) {
    AirReading read = AirReading.atCore(flow(planted) / FACE, setup, WHOLE, AIR);
    assertThat(read.fanFactor()).hasValueCloseTo(planted, within(1e-5));
    assertThat(read.measured()).isCloseTo(flow(planted), within(1e-9));
    assertThat(read.model()).isCloseTo(flow(1), within(1e-9));
    assertThat(read.speedShare()).isEmpty();
    assertThat(read.finding().code()).isEqualTo(AirReading.Says.AT_CORE);
    // A model that is corrected already passes another flow, and the same factor is found.
    AirReading again =
        AirReading.atCore(
            flow(planted) / FACE,
            blown(main().withMeasuredFactor(OptionalDouble.of(1.1))),
            WHOLE,
            AIR);
    assertThat(again.fanFactor()).hasValueCloseTo(planted, within(1e-5));
    assertThat(again.model()).isCloseTo(flow(1.1), within(1e-9));
  }

  @Test
  void readingsThatNoFanCouldCauseAreNotForced() {
    for (double factor : new double[] {0.05, 5}) {
      AirReading read = AirReading.atCore(flow(factor) / FACE, setup, WHOLE, AIR);
      assertThat(read.fanFactor()).isEmpty();
      assertThat(read.finding().code()).isEqualTo(AirReading.Says.IMPOSSIBLE);
    }
  }

  @Test
  void inFreeAirTheFlowIsTheSpeed() {
    double disc = Math.PI / 4 * 0.45 * 0.45;
    double figure = main().part().curve().freeFlow();
    AirReading whole = AirReading.inFreeAir(0.6 * figure / disc, setup, WHOLE);
    assertThat(whole.speedShare()).hasValueCloseTo(0.6, within(1e-12));
    assertThat(whole.fanFactor()).isEmpty();
    assertThat(AirReading.inFreeAir(40, setup, WHOLE).speedShare()).hasValue(1);
    // At nine tenths of its voltage as much is more of what it could move there.
    FanRun low = new FanRun("main-fan", OptionalDouble.empty(), 0.9, false);
    assertThat(AirReading.inFreeAir(0.6 * figure / disc, setup, low).speedShare())
        .hasValueCloseTo(0.6 / 0.9, within(1e-12));
  }

  @Test
  void aFanOnTheEngineTurnsWithItAsFarAsItsClutchCarries() {
    Setup solid = blown(main().withPart(onEngine(FanUnit.Type.BELT)));
    Setup clutched = blown(main().withPart(onEngine(FanUnit.Type.VISCOUS)));
    assertThat(ratio(solid, 1300)).isCloseTo(1.1 * 1300 / 2600, within(1e-12));
    assertThat(ratio(solid, 2600)).isCloseTo(1.1, within(1e-12));
    assertThat(ratio(clutched, 1300)).isCloseTo(0.9 * 1.1 * 1300 / 2600, within(1e-12));
    assertThat(ratio(clutched, 2600)).isCloseTo(0.9 * 2000 / 2600, within(1e-12));
    assertThat(ratio(solid, Double.NaN)).isEqualTo(1);
  }

  /** Of the speed that is proper; NaN where the engine's was not noted. */
  private static double ratio(Setup setup, double rpm) {
    FanRun run = Double.isNaN(rpm) ? WHOLE : at(rpm);
    double free = setup.fitting().fans().get(0).part().curve().freeFlow();
    return AirReading.inFreeAir(1, setup, run).model() / free;
  }

  @Test
  void theHelperRunsWithTheAirConditioningAndOwnsNothingOfTheFactor() {
    FanFit helper =
        new FanFit(
            Name.of("helper", Name.Noun.FAN, 1),
            main().part().withCurve(new FanCurve(180, 0.8, false)),
            true,
            false,
            new Rectangle(0.1, 0.1, 0.3, 0.3),
            1,
            false,
            Optional.empty(),
            OptionalDouble.empty(),
            FanSeat.AS_IT_WAS,
            Blows.AS_MADE);
    Setup both = blown(main(), helper);
    FanRun cooled = new FanRun("main-fan", OptionalDouble.empty(), 1, true);
    double more = StandingAir.of(both, cooled, AIR);
    assertThat(more).isGreaterThan(1.02 * StandingAir.of(both, WHOLE, AIR));
    // What it adds is not taken for a better main fan.
    assertThat(AirReading.atCore(more / FACE, both, cooled, AIR).fanFactor())
        .hasValueCloseTo(1.0, within(1e-5));
    assertThat(AirReading.atCore(more / FACE, both, WHOLE, AIR).fanFactor().getAsDouble())
        .isGreaterThan(1.02);
  }

  @Test
  void fansAreToldApartAsFarAsTheReadingsReach() {
    AirReading.Flow electric = AirReading.alike(setup, WHOLE, AIR, 0.9);
    AirReading.Flow belt =
        AirReading.alike(blown(main().withPart(onEngine(FanUnit.Type.BELT))), at(700), AIR, 0.9);
    assertThat(electric.flow()).isCloseTo(flow(0.9), within(1e-12));
    assertThat(electric.spread() / electric.flow()).isBetween(0.015, 0.035);
    assertThat(belt.against("belt", "pair", electric))
        .isEqualTo(
            AirReading.Says.MORE.with(
                "pair",
                electric.flow(),
                "belt",
                belt.flow(),
                electric.flow() - belt.flow(),
                Math.hypot(electric.spread(), belt.spread())));
    AirReading.Flow near = AirReading.alike(setup, WHOLE, AIR, 0.92);
    assertThat(electric.against("a", "b", near).code()).isEqualTo(AirReading.Says.NO_DIFFERENCE);
  }

  @Test
  void whatAllFansShareIsExpectedOfTheNextOne() {
    assertThat(AirReading.ofOthers(List.of())).isEqualTo(1);
    assertThat(AirReading.ofOthers(List.of(0.81))).isCloseTo(0.9, within(1e-12));
    assertThat(AirReading.ofOthers(List.of(0.81, 0.81))).isCloseTo(0.869, within(1e-3));
  }
}
