package roadbreeze.core.settle;

import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margins;

/** A school on the worst stretch, held until it settles. */
final class Held extends Side {
  private final Optional<Headroom> verdict;
  private final Optional<Finding> problem;

  private Held(Finding name, Setup setup, Optional<Headroom> verdict, Optional<Finding> problem) {
    super(name, setup);
    this.verdict = verdict;
    this.problem = problem;
  }

  static Held of(Judge judge, Finding name, Setup setup) {
    try {
      return new Held(name, setup, Optional.of(judge.of(setup)), Optional.empty());
    } catch (RefusedException e) {
      return new Held(name, setup, Optional.empty(), Optional.of(e.finding()));
    }
  }

  @Override
  Optional<Margins> margins() {
    return verdict.map(Headroom::margins);
  }

  @Override
  Optional<Finding> problem() {
    return problem;
  }

  @Override
  Held effect(Code code, Object... values) {
    super.effect(code, values);
    return this;
  }

  Headroom verdict() {
    return verdict.orElseThrow();
  }

  /**
   * Heat that the oil takes on its way for each kelvin, at the flow as found and as hot as it is
   * fed, W/K.
   */
  double oilCapacity() {
    TransmissionFluid oil = setup.truck().oil().fluid();
    double feed = verdict().feed().peak();
    return setup.truck().oil().flow() * oil.density(feed) * oil.specificHeat(feed);
  }

  Balance balance() {
    return verdict().balance();
  }

  /** Air through the pack's face, m³/s. */
  double airflow(Rig rig) {
    return balance().airFlow().totalFlow(rig.stack());
  }

  double brake() {
    return stands() ? balance().heat().brake() : Double.POSITIVE_INFINITY;
  }
}
