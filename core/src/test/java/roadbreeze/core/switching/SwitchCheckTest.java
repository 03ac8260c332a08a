package roadbreeze.core.switching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import roadbreeze.core.RichCase;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.explain.Code;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Uncertainty;

/**
 * Switch points of the worked truck over a level road, a climb of 14 km and the level behind it.
 */
class SwitchCheckTest {
  private static final double SPEED = 75 / 3.6;
  private static final OptionalDouble NO_LAMP = OptionalDouble.empty();

  private static HaulCase.Driven drive(double ambient, FanSwitch points) {
    Setup plain = WorkedCase.setup(true);
    FanFit fan = plain.fitting().fans().get(0);
    return drive(
        ambient,
        plain.with(plain.fitting().withFans(List.of(fan.withSwitched(Optional.of(points))))));
  }

  private static HaulCase.Driven drive(double ambient, Setup setup) {
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, SPEED),
                Road.Point.of(8000, 600, SPEED),
                Road.Point.of(22_000, 1370, SPEED),
                Road.Point.of(40_000, 1370, SPEED)));
    HaulRun.Start start = new HaulRun.Start(88, 75, 75);
    return new HaulCase(setup, Trip.of(road, ambient, true), start, Limits.DEFAULT).drive();
  }

  private static List<Code> found(double ambient, FanSwitch points) {
    return SwitchCheck.of(drive(ambient, points), NO_LAMP).found().stream()
        .map(f -> f.finding().code())
        .toList();
  }

  @Test
  void seesAFanThatNeverRestsOneThatComesLateAndOneThatChatters() {
    assertThat(found(36, new FanSwitch(104, 100))).containsExactly(SwitchFinding.SOUND);
    // The thermostat opens at 90 and is full at 99.
    assertThat(found(36, new FanSwitch(94, 88))).contains(SwitchFinding.NEVER_STOPS);
    assertThat(found(36, new FanSwitch(101, 94))).contains(SwitchFinding.MAY_NOT_STOP);
    assertThat(found(36, new FanSwitch(104, 103))).contains(SwitchFinding.CHATTERS);
    assertThat(found(36, new FanSwitch(120, 110))).contains(SwitchFinding.WAITS_PAST_LIMIT);
    assertThat(found(-15, new FanSwitch(106, 100))).containsExactly(SwitchFinding.NEVER_NEEDED);
    assertThat(found(36, new FanSwitch(111.8, 104, FanSensor.ON_HOSE)))
        .contains(SwitchFinding.TOO_LATE, SwitchFinding.READS_LATE);
    assertThatThrownBy(() -> new FanSwitch(95, 96)).isInstanceOf(BadInputException.class);
  }

  /** What is one click away mends what was found, and breaks nothing. */
  @Test
  void betterPointsMendTheFinding() {
    for (FanSwitch points :
        List.of(
            new FanSwitch(94, 88),
            new FanSwitch(101, 94),
            new FanSwitch(104, 103),
            new FanSwitch(111.8, 104, FanSensor.ON_HOSE))) {
      HaulCase.Driven driven = drive(36, points);
      for (SwitchCheck.Found found : SwitchCheck.of(driven, NO_LAMP).found()) {
        assertThat(found.better()).as("%s", found.finding()).isPresent();
        BetterPoints better = found.better().orElseThrow();
        HaulCase.Driven mended = drive(36, better.points());
        assertThat(SwitchCheck.of(mended, NO_LAMP).found())
            .noneMatch(f -> f.finding().code() == found.finding().code());
        assertThat(mended.outcome().coolant().value())
            .isCloseTo(better.outcome().coolant().value(), within(1e-9));
        assertThat(mended.outcome().coolant().headroom()).isGreaterThanOrEqualTo(0);
      }
    }
  }

  /** A cooler away from the pack whose own fan the oil lets run. */
  @Test
  void aFanOfAnOilCoolersOwnIsSwitchedByTheOil() {
    FanSwitch pan = new FanSwitch(90, 82, FanSensor.GEARBOX);
    HaulCase.Driven driven = drive(36, oilFan(Optional.of(pan)));
    HaulCase.Driven always = drive(36, oilFan(Optional.empty()));
    SwitchCheck check = SwitchCheck.of(driven, NO_LAMP);
    SwitchCheck.Duty duty = check.duties().get(0);
    assertThat(driven.trace().at(duty.firstOn().getAsDouble()).sump()).isCloseTo(90, within(0.1));
    assertThat(duty.runs()).isBetween(60.0, always.trace().last().time() - 600);
    assertThat(driven.outcome().pan().value())
        .isBetween(85.0, drive(36, oilFan(Optional.of(pan.later(20)))).outcome().pan().value() - 1);
    assertThat(check.found())
        .extracting(f -> f.finding().code())
        .containsExactly(SwitchFinding.SOUND);
    // Over the pan's limit it waits for too long; a setting that keeps it is one click away.
    double limit = Limits.DEFAULT.pan();
    SwitchCheck late =
        SwitchCheck.of(
            drive(36, oilFan(Optional.of(new FanSwitch(limit + 8, 90, FanSensor.GEARBOX)))),
            NO_LAMP);
    SwitchCheck.Found found = late.found().get(0);
    assertThat(found.finding().code()).isEqualTo(SwitchFinding.WAITS_PAST_LIMIT);
    assertThat(found.better().orElseThrow().points().on()).isLessThan(limit);
    assertThat(found.better().orElseThrow().outcome().pan().headroom()).isGreaterThanOrEqualTo(0);
  }

  private static Setup oilFan(Optional<FanSwitch> points) {
    Setup plain = WorkedCase.setup(true);
    CoolerFit aside = WorkedCase.cooler().elsewhere(new OwnFan(0.35, 0, points));
    return plain.with(plain.fitting().withFirst(aside));
  }

  @Test
  void theDriverTheLampAndTheAirConditioningAreSpokenOf() {
    FanSwitch byHand = new FanSwitch(102, 89, FanSensor.DRIVER);
    assertThat(found(36, byHand)).contains(SwitchFinding.BY_HAND);
    FanSwitch asked = new FanSwitch(104, 100, FanSensor.CYLINDER_HEAD, true);
    assertThat(found(36, asked)).contains(SwitchFinding.RUNS_WITH_AIR_CONDITIONING);
    assertThat(drive(36, asked).outcome().loud())
        .as("loud from end to end")
        .isGreaterThan(drive(36, new FanSwitch(104, 100)).outcome().loud() + 600);
    HaulCase.Driven driven = drive(36, new FanSwitch(104, 100));
    assertThat(SwitchCheck.of(driven, OptionalDouble.of(118)).found())
        .anyMatch(f -> f.finding().code() == SwitchFinding.WARNS_TOO_LATE);
    assertThat(SwitchCheck.of(driven, OptionalDouble.of(100)).found())
        .anyMatch(f -> f.finding().code() == SwitchFinding.WARNS_FOR_NOTHING);
    assertThat(SwitchCheck.of(driven, OptionalDouble.of(110)).found())
        .extracting(f -> f.finding().code())
        .containsExactly(SwitchFinding.SOUND);
  }

  /** At the temperature that it says the air behind the radiator is where the bimetal grips. */
  @Test
  void aClutchIsTranslatedByTheAirThatItAnswers() {
    HaulCase.Driven driven = clutched(true);
    ClutchBand band = ClutchBand.of(driven).orElseThrow();
    assertThat(band.byAir()).isTrue();
    assertThat(band.from()).isGreaterThan(band.grips());
    double engaged = driven.outcome().coolant().at().engagement();
    assertThat(engaged > 0.5)
        .as("it grips at the worst moment where its band says so")
        .isEqualTo(driven.outcome().coolant().value() > (band.from() + band.to()) / 2);
    assertThat(ClutchBand.of(clutched(false)).orElseThrow().from())
        .as("without the cooler in front of it it grips later")
        .isGreaterThan(band.from());
    assertThat(SwitchCheck.of(driven, NO_LAMP).found())
        .anyMatch(f -> f.finding().code() == SwitchFinding.CLUTCH_MISLED);
  }

  private static HaulCase.Driven clutched(boolean cooled) {
    Setup plain = WorkedCase.setup(cooled);
    FanFit fan = plain.fitting().fans().get(0).withPart(RichCase.viscous());
    Setup setup = plain.with(plain.fitting().withFans(List.of(fan)));
    return new HaulCase(
            setup,
            drive(30, new FanSwitch(104, 100)).of().trip(),
            new HaulRun.Start(88, 75, 75),
            Limits.DEFAULT)
        .drive();
  }

  @Test
  void aDutyIsWhatTheTraceDid() {
    HaulCase.Driven driven = drive(36, new FanSwitch(104, 100));
    SwitchCheck.Duty duty = SwitchCheck.of(driven, NO_LAMP).duties().get(0);
    assertThat(duty.coolantThen()).isCloseTo(104, within(0.05));
    assertThat(duty.runs() + duty.rests()).isCloseTo(duty.after(), within(1e-6));
    double blown = driven.trace().over(m -> m.fans().fastest() - 0.5);
    assertThat(duty.runs()).isCloseTo(blown, within(8.0));
  }

  @Test
  void aFanThatFeelsTheReturnComesLaterThanOneThatFeelsTheEngine() {
    double atEngine = first(new FanSwitch(96, 90));
    assertThat(first(new FanSwitch(96, 90, FanSensor.HOSE_ADAPTER))).isGreaterThan(atEngine);
    assertThat(first(new FanSwitch(96, 90, FanSensor.RETURN_HOSE))).isGreaterThan(atEngine + 30);
  }

  private static double first(FanSwitch points) {
    return SwitchCheck.of(drive(36, points), NO_LAMP).duties().get(0).firstOn().orElseThrow();
  }

  @Test
  void theProposalIsTheQuietestThatKeepsEveryLimitInNineOfTen() {
    Judge judge = new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of());
    HaulCase.Driven driven = drive(20, new FanSwitch(94, 88));
    SwitchProposal proposal = SwitchProposal.of(driven, HaulBand.of(judge, driven));
    Optional<SwitchProposal.Option> best = proposal.best();
    assertThat(best).isPresent();
    assertThat(best.get().sure()).isGreaterThanOrEqualTo(0);
    assertThat(best.get().outcome().loud()).isLessThan(proposal.today().outcome().loud());
    assertThat(proposal.tried())
        .filteredOn(o -> o.sure() >= 0 && o.perHour() <= 20)
        .allMatch(o -> o.outcome().bother() >= best.get().outcome().bother());
    // What is proposed has nothing wrong with it that must be mended.
    FanSwitch points = new FanSwitch(best.get().on(), best.get().off());
    assertThat(SwitchCheck.of(drive(20, points), NO_LAMP).found())
        .noneMatch(f -> ((SwitchFinding) f.finding().code()).bad())
        .noneMatch(f -> f.finding().code() == SwitchFinding.CHATTERS);
    // Where nothing keeps the limits nothing is proposed.
    HaulCase.Driven hot = drive(46, new FanSwitch(104, 100));
    assertThat(SwitchProposal.of(hot, HaulBand.of(judge, hot)).best()).isEmpty();
  }
}
