package roadbreeze.server.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Build;
import roadbreeze.server.sizing.Assessment;
import roadbreeze.server.sizing.Assessor;

/** One school at work: its build, what came of it, and what else it does. */
final class Side {
  /** Differences smaller than this are within what nobody would notice, K. */
  static final double A_DIFFERENCE = 1.0;

  final String name;
  final Build build;
  final Assessment.BuildState state;
  private final List<String> effects = new ArrayList<>();

  Side(Assessor assessor, JobContent job, String name, Build build) {
    this.name = name;
    this.build = build;
    state = assessor.assess(job, build);
  }

  Side effect(String format, Object... values) {
    effects.add(String.format(Locale.ROOT, format, values));
    return this;
  }

  boolean stands() {
    return state.problem() == null;
  }

  /**
   * The least headroom of the three limits in nine cases of ten, K; far under where none stands.
   */
  double sure() {
    if (!stands()) {
      return -1000;
    }
    return Math.min(sure(state.coolant()), Math.min(sure(state.feed()), sure(state.pan())));
  }

  /** The coolant's own headroom in nine cases of ten, K: what fans and radiators are judged by. */
  double sureCoolant() {
    return stands() ? sure(state.coolant()) : -1000;
  }

  private static double sure(Assessment.Gauge g) {
    return g.limitC() - g.nineInTenC();
  }

  double coolant() {
    return stands() ? state.coolant().peakC() : Double.NaN;
  }

  double pan() {
    return stands() ? state.pan().peakC() : Double.NaN;
  }

  double brake() {
    return stands() ? state.balance().heat().brake() : Double.NaN;
  }

  static Side best(List<Side> sides, ToDoubleFunction<Side> worth) {
    return sides.stream().max(Comparator.comparingDouble(worth)).orElseThrow();
  }

  /** How far the best stands before the next, K. */
  static double lead(List<Side> sides, Side best, ToDoubleFunction<Side> worth) {
    double next = sides.stream().filter(s -> s != best).mapToDouble(worth).max().orElseThrow();
    return worth.applyAsDouble(best) - next;
  }

  Dispute.School school() {
    return new Dispute.School(
        name,
        state.problem(),
        state.standing(),
        state.coolant(),
        state.feed(),
        state.pan(),
        stands() ? sure() : null,
        List.copyOf(effects));
  }
}
