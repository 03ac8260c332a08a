package roadbreeze.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Uncertainty;

class RankingTest {
  private static final Setup TRUCK = switched(WorkedCase.setup(false));
  private static final Judge JUDGE =
      new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of());
  private static final OperatingPoint FLAT = new OperatingPoint(0, 80 / 3.6, 38, 600, true);

  private static Setup switched(Setup plain) {
    return plain.with(
        plain
            .fitting()
            .withFans(
                List.of(
                    plain
                        .fitting()
                        .fans()
                        .get(0)
                        .withSwitched(java.util.Optional.of(new FanSwitch(104, 100))))));
  }

  /** Each fault as often as its place in the list, and as often none as all of them. */
  private static Priors priors() {
    Map<Fault, Double> faults = new EnumMap<>(Fault.class);
    double sum = 0;
    for (Fault fault : Fault.values()) {
      faults.put(fault, 1.0 + fault.ordinal());
      sum += fault.canBeOf(TRUCK) ? faults.get(fault) : 0;
    }
    return new Priors(faults, sum);
  }

  private static Moment read(OperatingPoint point, Setup truck) {
    Seen seen = Seen.of(truck, Factors.NOMINAL, List.of(point)).get(0);
    return new Moment(
        point, OptionalDouble.of(seen.coolant()), OptionalDouble.of(seen.pan()), 2, false);
  }

  private static Ranking ranking(Evidence evidence) {
    return Ranking.of(Suspects.of(TRUCK, JUDGE, evidence.moments()), priors(), evidence);
  }

  private static double of(Ranking ranking, Fault fault) {
    return ranking.faults().stream()
        .filter(l -> l.fault() == fault)
        .findFirst()
        .orElseThrow()
        .probability();
  }

  @Test
  void withoutEvidenceFaultsAreAsLikelyAsTheyAreMet() {
    Ranking none = ranking(new Evidence(Map.of(), List.of(), List.of()));
    double shut = of(none, Fault.THERMOSTAT_SHUT);
    for (Ranking.Likely l : none.faults().subList(6, none.faults().size())) {
      assertThat(l.probability() / shut)
          .as(l.fault().name())
          .isCloseTo(1.0 + l.fault().ordinal(), within(1e-9));
    }
    // Two at once take a little of it.
    assertThat(none.soundButSmall()).isBetween(0.45, 0.5);
    assertThat(none.next()).allMatch(n -> n.bits() >= -1e-12 && n.bits() <= 1);
  }

  /** It blows the other way: as hot as one that stands, but nobody says that it never runs. */
  @Test
  void aFanThatTurnsBackwardsIsHeardAndCoolsNothing() {
    Seen backwards = seen(Fault.FAN_BACKWARDS);
    assertThat(backwards.coolant()).isEqualTo(seen(Fault.FAN_MOTOR_DEAD).coolant());
    Evidence never = new Evidence(Map.of(Symptom.FAN_NEVER, true), List.of(), List.of());
    Evidence nothing = new Evidence(Map.of(), List.of(), List.of());
    assertThat(of(ranking(never), Fault.FAN_BACKWARDS))
        .isLessThan(of(ranking(nothing), Fault.FAN_BACKWARDS));
  }

  private static Seen seen(Fault fault) {
    return Seen.of(fault.on(TRUCK, 0), Factors.NOMINAL, List.of(WorkedCase.CLIMB)).get(0);
  }

  @Test
  void whatACheckDoesNotFindFadesAndWhatItFindsLeads() {
    Evidence sees = new Evidence(Map.of(Symptom.FAN_NEVER, true), List.of(), List.of());
    Ranking before = ranking(sees);
    assertThat(before.faults().get(0).fault()).isIn(Fault.FAN_NOT_FED, Fault.FAN_MOTOR_DEAD);
    Ranking passed =
        ranking(
            new Evidence(
                sees.complaint(), List.of(), List.of(Evidence.Checked.passed(Check.FAN_FED))));
    assertThat(of(passed, Fault.FAN_MOTOR_DEAD)).isLessThan(0.1 * of(before, Fault.FAN_MOTOR_DEAD));
    assertThat(passed.faults().get(0).fault()).isEqualTo(Fault.FAN_NOT_FED);
    assertThat(passed.next()).noneMatch(n -> n.check() == Check.FAN_FED);
    Ranking found =
        ranking(
            new Evidence(
                sees.complaint(),
                List.of(),
                List.of(
                    new Evidence.Checked(
                        Check.SENSOR, true, List.of(new Fault.At(Fault.SENSOR_LOW, 12))))));
    assertThat(found.faults().get(0).fault()).isEqualTo(Fault.SENSOR_LOW);
    assertThat(found.faults().get(0).amount()).isCloseTo(12, within(2.0));
  }

  @Test
  void readingsTellAStarvedOilCircuitFromAStarvedRadiator() {
    for (Fault planted : List.of(Fault.OIL_FLOW_LOW, Fault.PUMP_WORN)) {
      Setup broken =
          Fault.on(Fault.healed(TRUCK), List.of(new Fault.At(planted, planted.amount(0.5))));
      Ranking r =
          ranking(
              new Evidence(
                  Map.of(),
                  List.of(read(WorkedCase.CLIMB, broken), read(FLAT, broken)),
                  List.of()));
      assertThat(r.faults().subList(0, 5)).extracting(Ranking.Likely::fault).contains(planted);
      Fault other = planted == Fault.PUMP_WORN ? Fault.OIL_FLOW_LOW : Fault.PUMP_WORN;
      assertThat(of(r, planted) / (1 + planted.ordinal()))
          .isGreaterThan(3 * of(r, other) / (1 + other.ordinal()));
    }
  }

  @Test
  void aTruckThatIsOnlyTooSmallIsCalledThat() {
    Setup sound = Fault.healed(TRUCK);
    Ranking r =
        ranking(
            new Evidence(
                Map.of(Symptom.HOT_ON_CLIMBS, true, Symptom.LOSES_COOLANT, false),
                List.of(read(WorkedCase.CLIMB, sound), read(FLAT, sound)),
                List.of(
                    Evidence.Checked.passed(Check.LIGHT_THROUGH),
                    Evidence.Checked.passed(Check.FAN_WATCHED))));
    assertThat(r.saysTooSmall()).isTrue();
    assertThat(r.misfit()).isLessThan(1);
  }

  @Test
  void readingsThatNothingExplainsAreSaid() {
    Moment impossible =
        new Moment(WorkedCase.CLIMB, OptionalDouble.of(60), OptionalDouble.of(150), 2, false);
    Evidence evidence = new Evidence(Map.of(), List.of(impossible), List.of());
    Suspects suspects = Suspects.of(TRUCK, JUDGE, evidence.moments());
    Ranking r = Ranking.of(suspects, priors(), evidence);
    assertThat(Contradiction.among(suspects, evidence, r))
        .extracting(f -> (Object) f.code())
        .contains(Contradiction.FITS_NOTHING);
    // 230 °F is 110 °C, which is what this climb makes.
    Moment fahrenheit =
        new Moment(WorkedCase.CLIMB, OptionalDouble.of(230), OptionalDouble.empty(), 2, false);
    Evidence typed = new Evidence(Map.of(), List.of(fahrenheit), List.of());
    Suspects again = Suspects.of(TRUCK, JUDGE, typed.moments());
    assertThat(Contradiction.among(again, typed, Ranking.of(again, priors(), typed)))
        .extracting(f -> (Object) f.code())
        .containsExactly(Contradiction.FAHRENHEIT);
  }

  /** Each fault moves something that can be seen, and the more the worse it is. */
  @ParameterizedTest
  @EnumSource(Fault.class)
  void everyFaultShowsSomewhere(Fault fault) {
    if (!fault.canBeOf(TRUCK) || fault == Fault.GAUGE_HIGH) {
      return;
    }
    List<OperatingPoint> points = Sighting.points(WorkedCase.CLIMB);
    List<Seen> sound = Seen.of(Fault.healed(TRUCK), Factors.NOMINAL, points);
    double mild = moved(fault, 0, points, sound);
    double severe = moved(fault, 1, points, sound);
    assertThat(severe).isGreaterThan(0.5);
    if (fault.hasAmount()) {
      assertThat(severe).isGreaterThan(mild);
    }
  }

  private static double moved(
      Fault fault, double howBad, List<OperatingPoint> points, List<Seen> sound) {
    Setup broken =
        Fault.on(Fault.healed(TRUCK), List.of(new Fault.At(fault, fault.amount(howBad))));
    List<Seen> seen = Seen.of(broken, Factors.NOMINAL, points);
    double moved = 0;
    for (int p = 0; p < points.size(); p++) {
      moved =
          Math.max(
              moved,
              Math.abs(seen.get(p).coolant() - sound.get(p).coolant())
                  + Math.abs(seen.get(p).pan() - sound.get(p).pan())
                  + Math.abs(seen.get(p).boiling() - sound.get(p).boiling()));
    }
    return moved;
  }

  /** One reading against one spread by hand: a posterior of two normal ones. */
  @Test
  void aReadingNarrowsWhatTheModelMayBeOffBy() {
    Spread spread =
        Spread.of(
            Fault.healed(TRUCK),
            List.of(WorkedCase.CLIMB, FLAT),
            List.of(Uncertainty.SOURCES.get(0)));
    double[] free = spread.reading(List.of()).sigma();
    double[] expected = {110, 100, 95, 70};
    double sigma = 3;
    Spread.Known known = spread.reading(List.of(new Spread.Read(0, 116, sigma)));
    double share = free[0] * free[0] / (free[0] * free[0] + sigma * sigma);
    assertThat(known.pull(expected)[0]).isCloseTo(6 * share, within(1e-9));
    assertThat(known.sigma()[0]).isCloseTo(free[0] * Math.sqrt(1 - share), within(1e-9));
    assertThat(known.misfit(expected))
        .isCloseTo(36 / (free[0] * free[0] + sigma * sigma), within(1e-9));
  }
}
