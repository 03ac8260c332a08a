package roadbreeze.core.settle;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margins;

/** A school on the road in time. */
final class OnRoad extends Side {
  private final Optional<Driven> driven;
  private final Optional<Margins> margins;
  private final Optional<Finding> problem;

  private OnRoad(
      Finding name,
      Setup setup,
      Optional<Driven> driven,
      Optional<Margins> margins,
      Optional<Finding> problem) {
    super(name, setup);
    this.driven = driven;
    this.margins = margins;
    this.problem = problem;
  }

  static OnRoad of(
      Finding name, Setup setup, Supplier<Driven> drive, Function<Driven, HaulBand> band) {
    try {
      Driven driven = drive.get();
      Margins margins = band.apply(driven).margins(driven.outcome());
      return new OnRoad(name, setup, Optional.of(driven), Optional.of(margins), Optional.empty());
    } catch (RefusedException e) {
      return new OnRoad(name, setup, Optional.empty(), Optional.empty(), Optional.of(e.finding()));
    }
  }

  @Override
  Optional<Margins> margins() {
    return margins;
  }

  @Override
  Optional<Finding> problem() {
    return problem;
  }

  @Override
  OnRoad effect(Code code, Object... values) {
    super.effect(code, values);
    return this;
  }

  Driven driven() {
    return driven.orElseThrow();
  }

  double bother() {
    return driven.map(d -> d.outcome().bother()).orElse(Double.POSITIVE_INFINITY);
  }

  /** Where the climb to the worst moment of the coolant begins. */
  Trace.Moment foot() {
    double worst = driven().outcome().coolant().at().distance();
    double foot = driven().of().trip().road().climbTo(worst).foot();
    Trace.Moment at = driven().trace().moments().get(0);
    for (Trace.Moment m : driven().trace().moments()) {
      if (m.distance() <= foot) {
        at = m;
      }
    }
    return at;
  }
}
