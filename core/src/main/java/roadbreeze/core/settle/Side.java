package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.settle.Dispute.Measure;
import roadbreeze.core.sizing.Margins;

/** One school at work: its setup, what came of it, and what else it does. */
abstract sealed class Side permits Held, OnRoad {
  /** Differences smaller than this are within what nobody would notice, K. */
  static final double A_DIFFERENCE = 1.0;

  /** Far under any limit, for what cannot be driven, K. */
  private static final double FALLEN = -1000;

  final Finding name;
  final Setup setup;
  private final List<Finding> effects = new ArrayList<>();

  Side(Finding name, Setup setup) {
    this.name = name;
    this.setup = setup;
  }

  /** Empty where there is a {@link #problem}. */
  abstract Optional<Margins> margins();

  abstract Optional<Finding> problem();

  Side effect(Code code, Object... values) {
    effects.add(code.with(values));
    return this;
  }

  void effect(Finding found) {
    effects.add(found);
  }

  boolean stands() {
    return margins().isPresent();
  }

  /** Headroom in nine cases of ten by the figure that decides, K. */
  double sure(Measure measure) {
    return margins().map(measure::of).orElse(FALLEN);
  }

  static <S extends Side> S best(List<S> sides, Measure measure) {
    return sides.stream().max(Comparator.comparingDouble((S s) -> s.sure(measure))).orElseThrow();
  }

  /** How far the best stands before the next, K. */
  static double lead(List<? extends Side> sides, Side best, Measure measure) {
    double next =
        sides.stream().filter(s -> s != best).mapToDouble(s -> s.sure(measure)).max().orElseThrow();
    return best.sure(measure) - next;
  }

  Dispute.School school() {
    return new Dispute.School(name, problem(), margins(), List.copyOf(effects));
  }
}
