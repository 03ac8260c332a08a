package roadbreeze.server.ranking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roadbreeze.core.check.Ask;
import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.check.Check;
import roadbreeze.core.check.Fault;
import roadbreeze.core.check.Judgement.Verdict;
import roadbreeze.core.check.Repair;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.check.CheckReading;
import roadbreeze.server.check.Checks;
import roadbreeze.server.check.MomentRead;
import roadbreeze.server.check.MomentRead.Instrument;
import roadbreeze.server.check.NeedlePlace;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.yard.FaultWeights;

class CheckResultTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();
  private static final Instant MORNING = Instant.parse("2026-05-12T07:00:00Z");

  private static CheckReading read(
      String id,
      Check check,
      boolean after,
      Map<Ask, List<Double>> numbers,
      Map<Ask, Answer> choices) {
    return new CheckReading(id, check, after, MORNING, "Ines", "", numbers, choices);
  }

  private static JobContent with(JobContent job, CheckReading... readings) {
    return Jobs.with(
        job,
        "checks",
        new Checks(job.checks().complaint(), List.of(), List.of(readings), List.of()));
  }

  private static CheckResult of(JobContent job) {
    return CheckResult.of(job, FaultWeights.SHIPPED, Tasks.SHIPPED);
  }

  private static List<String> broken(JobContent job) {
    return VALIDATOR.validate(job).stream().map(v -> v.getPropertyPath().toString()).toList();
  }

  @Test
  void theDemosReadingsSayWhatItsTruckAsFoundHas() {
    CheckResult hive = of(Jobs.HIVE);
    assertThat(hive.likely().get(0).fault()).isEqualTo(Fault.FAN_WEAK);
    assertThat(hive.likely().get(0).probability()).isGreaterThan(0.9);
    assertThat(hive.readings())
        .extracting(CheckResult.Judged::verdict)
        .containsExactly(Verdict.PASS, Verdict.PASS, Verdict.FAIL);
    // All of it stands in the build already.
    assertThat(hive.readings()).allMatch(r -> r.sets().isEmpty());
    assertThat(hive.remarks()).isEmpty();
    CheckResult tilt = of(Jobs.TILT_TRAY);
    assertThat(tilt.likely().get(0).fault()).isEqualTo(Fault.RADIATOR_FINS);
    assertThat(tilt.readings().get(0).sets()).isEmpty();
  }

  @Test
  void aReadingBecomesAStateOfTheTruckAsFoundAndIsHealedInTheRestoredOne() {
    CheckReading cap = read("r", Check.CAP, false, Map.of(Ask.CAP_HELD, List.of(45.0)), Map.of());
    JobContent job = with(Jobs.HIVE, cap);
    FoundState.Set set = of(job).readings().get(0).sets().get(0);
    assertThat(set.path()).isEqualTo("condition.capPercent");
    assertThat(set.number()).isEqualTo(45);
    JobContent taken = Jobs.with(job, "builds.found." + set.path(), set.number());
    assertThat(of(taken).readings().get(0).sets()).isEmpty();
    assertThat(taken.build(Jobs.RESTORED).condition().capPercent()).isEqualTo(100);
    // Looked for and not there: what was assumed of it goes.
    CheckReading fine = read("r", Check.CAP, false, Map.of(Ask.CAP_HELD, List.of(100.0)), Map.of());
    assertThat(of(with(taken, fine)).readings().get(0).sets())
        .containsExactly(new FoundState.Set("condition.capPercent", 100.0, null, null));
    // After the work it is no state of the truck as found.
    assertThat(of(with(job, read("r", Check.CAP, true, cap.numbers(), Map.of()))).readings())
        .allMatch(r -> r.sets().isEmpty() && r.verdict() == Verdict.FAIL);
  }

  @Test
  void everyFaultIsAStateOnceAndThenStands() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY)) {
      for (Fault fault : Fault.values()) {
        if (fault == Fault.GAUGE_HIGH || !fault.canBeOf(job.setup(job.found()))) {
          continue;
        }
        JobContent worn = job;
        List<FoundState.Set> sets = FoundState.with(fault, fault.amount(1), job.found());
        assertThat(sets).as(fault.name()).isNotEmpty();
        for (FoundState.Set set : sets) {
          Object value =
              set.number() != null ? set.number() : set.word() != null ? set.word() : set.flag();
          worn = Jobs.with(worn, "builds.found." + set.path(), value);
        }
        assertThat(broken(worn)).as(fault.name()).isEmpty();
        assertThat(FoundState.with(fault, fault.amount(1), worn.found())).isEmpty();
      }
    }
  }

  @Test
  void whatIsDangerousStopsAllSizingUntilItIsCheckedAgain() {
    CheckReading oily =
        read("r-1", Check.COOLANT, false, Map.of(), Map.of(Ask.COOLANT_LOOKS, Answer.OILY));
    JobContent job = with(Jobs.HIVE, oily);
    CheckResult stopped = of(job);
    assertThat(stopped.stops()).containsExactly("stop.oilInCoolant");
    assertThat(stopped.repair()).isEmpty();
    for (Build build : job.builds()) {
      var verdict = roadbreeze.server.assess.Verdict.of(job, build);
      assertThat(verdict.coolant()).isNull();
      assertThat(verdict.problem().code()).isEqualTo("problem.notToBeDriven");
      assertThatThrownBy(() -> job.driven(build)).isInstanceOf(BadInputException.class);
    }
    CheckReading clear =
        read("r-2", Check.COOLANT, true, Map.of(), Map.of(Ask.COOLANT_LOOKS, Answer.CLEAR));
    JobContent mended = with(Jobs.HIVE, oily, clear);
    assertThat(of(mended).stops()).isEmpty();
    assertThat(roadbreeze.server.assess.Verdict.of(mended, mended.found()).coolant()).isNotNull();
  }

  @Test
  void aNeedleIsReadThroughTheTrucksOwnTable() {
    List<NeedlePlace> table = List.of(new NeedlePlace("a", 50, 90), new NeedlePlace("b", 90, 122));
    MomentRead needle = new MomentRead("m", 6, 75, 38, true, Instrument.NEEDLE, null, 75.0, null);
    Checks checks = new Checks(Map.of(), List.of(needle), List.of(), table);
    assertThat(checks.read(Jobs.HIVE.point()).get(0).coolant()).hasValue(110);
    // Beyond its table a place means nothing.
    Checks none = new Checks(Map.of(), List.of(needle), List.of(), List.of());
    assertThat(none.read(Jobs.HIVE.point())).isEmpty();
  }

  @Test
  void restoreFirstIsSaidWhereItIsTrueOfTheRoadWithWhatAPlanWouldCost() {
    JobContent cold = Jobs.with(Jobs.BUCKET, "haul.journey.coldestC", 0);
    JobContent winter = Jobs.with(cold, "haul.journey.hottestC", 5);
    assertThat(repair(winter)).contains(Repair.RESTORE_FIRST.key(), Repair.NEED_NOT_BUY.key());
    List<String> falls =
        List.of(
            Repair.COSTS.key(), Repair.RESTORED_FALLS_SHORT.key(), Repair.PLAN_BUYS_THE_REST.key());
    assertThat(repair(Jobs.BUCKET)).isEqualTo(falls);
    // Without a road its worst stretch is held, on the day that is typed there.
    assertThat(repair(Jobs.with(winter, "haul.journey", null))).isEqualTo(falls);
    // What it costs is the distance between the two on the road, as the strip shows them.
    assertThat(repair(Jobs.HIVE)).endsWith(Repair.NO_PLAN_HOLDS.key(), Repair.COMES_NEAREST.key());
    Said costs = of(Jobs.HIVE).repair().get(0);
    Fluid fluid = Jobs.HIVE.margins(Jobs.HIVE.build(Jobs.RESTORED)).binding();
    assertThat(costs.code()).isEqualTo(Repair.COSTS.key());
    assertThat(costs.values().get("fluid").word()).isEqualTo(fluid.key());
    assertThat(costs.values().get("cost").value())
        .isCloseTo(
            peak(Jobs.HIVE.found(), fluid) - peak(Jobs.HIVE.build(Jobs.RESTORED), fluid),
            within(0.01));
  }

  private static double peak(Build build, Fluid fluid) {
    return Jobs.HIVE.driven(build).drive().outcome().of(fluid).value();
  }

  private static List<String> repair(JobContent job) {
    return of(job).repair().stream().map(Said::code).toList();
  }

  @Test
  void readingsThatCannotBeAreSaidAtTheirField() {
    List<CheckReading> bad = new ArrayList<>();
    bad.add(read("a", Check.CAP, false, Map.of(Ask.CAP_HELD, List.of(900.0)), Map.of()));
    bad.add(read("b", Check.CAP, false, Map.of(), Map.of(Ask.OIL_LOOKS, Answer.CLEAR)));
    bad.add(read("c", Check.LIGHT_THROUGH, false, Map.of(Ask.DARK, List.of(10.0)), Map.of()));
    assertThat(broken(with(Jobs.HIVE, bad.toArray(CheckReading[]::new))))
        .containsExactlyInAnyOrder(
            "checks.readings[0].numbers.CAP_HELD",
            "checks.readings[1].choices.OIL_LOOKS",
            "checks.readings[2].numbers.DARK");
    assertThat(broken(Jobs.with(Jobs.HIVE, "checks.moments.climb.speedKmh", 0)))
        .containsExactly("checks.moments[0].speedKmh");
  }
}
