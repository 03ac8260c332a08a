package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.settle.Dispute.Measure;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Judge;

/** One school at work: its setup, what came of it, and what else it does. */
final class Side {
  /** Differences smaller than this are within what nobody would notice, K. */
  static final double A_DIFFERENCE = 1.0;

  /** Far under any limit, for what has no steady state, K. */
  private static final double FALLEN = -1000;

  final Finding name;
  final Setup setup;
  private final Optional<Headroom> verdict;
  private final Optional<Finding> problem;
  private final List<Finding> effects = new ArrayList<>();

  Side(Judge judge, Finding name, Setup setup) {
    this.name = name;
    this.setup = setup;
    Headroom found = null;
    Finding refused = null;
    try {
      found = judge.of(setup);
    } catch (RefusedException e) {
      refused = e.finding();
    }
    verdict = Optional.ofNullable(found);
    problem = Optional.ofNullable(refused);
  }

  Side effect(Code code, Object... values) {
    effects.add(code.with(values));
    return this;
  }

  boolean stands() {
    return verdict.isPresent();
  }

  Headroom verdict() {
    return verdict.orElseThrow();
  }

  Balance balance() {
    return verdict().balance();
  }

  /** Air through the pack's face, m³/s. */
  double airflow(roadbreeze.core.circuit.Rig rig) {
    return balance().airFlow().totalFlow(rig.stack());
  }

  /** Headroom in nine cases of ten by the figure that decides, K. */
  double sure(Measure measure) {
    return verdict.map(measure::of).orElse(FALLEN);
  }

  double brake() {
    return stands() ? balance().heat().brake() : Double.POSITIVE_INFINITY;
  }

  static Side best(List<Side> sides, Measure measure) {
    return sides.stream()
        .max(Comparator.comparingDouble((Side s) -> s.sure(measure)))
        .orElseThrow();
  }

  /** How far the best stands before the next, K. */
  static double lead(List<Side> sides, Side best, Measure measure) {
    double next =
        sides.stream().filter(s -> s != best).mapToDouble(s -> s.sure(measure)).max().orElseThrow();
    return best.sure(measure) - next;
  }

  Dispute.School school() {
    return new Dispute.School(name, problem, verdict, List.copyOf(effects));
  }
}
