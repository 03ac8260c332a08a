package roadbreeze.server.ranking;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.check.Check;
import roadbreeze.core.check.Contradiction;
import roadbreeze.core.check.Evidence;
import roadbreeze.core.check.Fault;
import roadbreeze.core.check.Judgement;
import roadbreeze.core.check.Ranking;
import roadbreeze.core.check.Repair;
import roadbreeze.core.check.Stop;
import roadbreeze.core.check.Suspects;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Code;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.check.CheckReading;
import roadbreeze.server.check.Checks;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.order.BuildScope;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.yard.FaultWeights;

/**
 * What the bench makes of all that is known of a truck.
 *
 * @param stops codes of why it must not be driven; then nothing else is worth reading
 * @param likely faults, likeliest first
 * @param soundButSmall probability that nothing is wrong
 * @param tooSmall that is likelier than any one fault
 * @param pairs the likeliest of two at once
 * @param next checks that are left, best first
 * @param readings every reading judged, in the job's order
 * @param remarks what contradicts or looks mistyped, and how badly the readings fit anything
 * @param repair what repair alone would buy; empty where the truck must not be driven
 */
record CheckResult(
    List<String> stops,
    List<Suspect> likely,
    double soundButSmall,
    boolean tooSmall,
    List<Pair> pairs,
    List<NextCheck> next,
    List<Judged> readings,
    List<Said> remarks,
    List<Said> repair) {

  /**
   * @param amount how bad it likeliest is; null where that has no amount
   * @param coolantK what it costs on the worst stretch, as bad as that
   */
  record Suspect(
      Fault fault,
      String code,
      double probability,
      @Nullable Said.Value amount,
      double coolantK,
      double panK) {}

  /** Codes of two faults. */
  record Pair(String one, String other, double probability) {}

  /**
   * @param settles share of the doubt that it is expected to end
   * @param worth bits for ten minutes of it
   */
  record NextCheck(Check check, double settles, double worth) {}

  /**
   * A reading judged.
   *
   * @param sets fields of the build as found that do not say so yet
   * @param stop code of why the truck must not be driven
   */
  record Judged(
      String id,
      Judgement.Verdict verdict,
      List<Said> says,
      List<FoundState.Set> sets,
      @Nullable String stop) {}

  /**
   * @throws roadbreeze.core.problem.RefusedException if a value of the job cannot be
   */
  static CheckResult of(JobContent job, FaultWeights weights, Tasks tasks) {
    Build found = job.found();
    Setup setup = job.setup(found);
    Judge judge = job.suspect(found);
    Checks checks = job.checks();
    Evidence evidence = checks.evidence(setup, judge.point());
    Suspects suspects = Suspects.of(setup, judge, evidence.moments());
    Ranking ranking = Ranking.of(suspects, weights.toCore(), evidence);
    List<Stop> stops = checks.stops();
    return new CheckResult(
        stops.stream().map(Code::key).toList(),
        ranking.faults().stream().map(l -> suspect(l, suspects)).toList(),
        ranking.soundButSmall(),
        !evidence.isNone() && ranking.saysTooSmall(),
        ranking.pairs().stream()
            .map(p -> new Pair(p.one().key(), p.other().key(), p.probability()))
            .toList(),
        ranking.next().stream()
            .map(
                n ->
                    new NextCheck(n.check(), n.bits() / Math.max(1e-9, ranking.doubt()), n.worth()))
            .toList(),
        checks.readings().stream().map(r -> judged(r, setup, judge, found)).toList(),
        Said.of(Contradiction.among(suspects, evidence, ranking)),
        stops.isEmpty() ? repair(job, tasks) : List.of());
  }

  private static Suspect suspect(Ranking.Likely likely, Suspects suspects) {
    Suspects.Cost cost = suspects.cost(new Fault.At(likely.fault(), likely.amount()));
    Fault fault = likely.fault();
    return new Suspect(
        fault,
        fault.key(),
        likely.probability(),
        fault.hasAmount() ? Said.of(Argument.amount(fault.kind(), likely.amount())) : null,
        cost.coolant(),
        cost.pan());
  }

  private static Judged judged(CheckReading reading, Setup setup, Judge judge, Build found) {
    Judgement j = Judgement.of(reading.check(), reading.answers(), setup, judge.point());
    List<FoundState.Set> sets = new ArrayList<>();
    if (!reading.after()) {
      if (j.verdict() == Judgement.Verdict.PASS) {
        reading.check().surelyFinds().forEach(f -> sets.addAll(FoundState.without(f, found)));
      }
      j.found().forEach(at -> sets.addAll(FoundState.with(at.fault(), at.amount(), found)));
    }
    return new Judged(
        reading.id(),
        j.verdict(),
        Said.of(j.says()),
        sets.stream().distinct().toList(),
        j.stops().map(Code::key).orElse(null));
  }

  /** What repair alone buys, and at what price beside that of the cheapest plan that holds. */
  private static List<Said> repair(JobContent job, Tasks tasks) {
    Build found = job.found();
    List<Repair.Plan> plans = new ArrayList<>();
    Repair.Plan restored = null;
    for (Build build : job.builds()) {
      if (build != found) {
        Changes changes = new Changes(build, found);
        Repair.Plan plan =
            new Repair.Plan(
                build.name(),
                margins(job, build),
                changes.price(),
                60.0 * tasks.library().hands(BuildScope.of(job, build)));
        if (build.kind() == Build.Kind.RESTORED && restored == null) {
          restored = plan;
        } else {
          plans.add(plan);
        }
      }
    }
    return restored == null ? List.of() : Said.of(Repair.of(margins(job, found), restored, plans));
  }

  private static Optional<Margins> margins(JobContent job, Build build) {
    try {
      return Optional.of(job.margins(build));
    } catch (NotConvergedException e) {
      return Optional.empty();
    }
  }
}
