package roadbreeze.core.haul;

import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;

/** Ends the integration where something passes zero. */
final class Crossing implements ODEEventDetector {
  private static final int MAX_ITERATIONS = 100;

  private final ToDoubleFunction<ODEStateAndDerivative> what;
  private final double every;
  private final double located;

  /**
   * @param every so often it is looked for, s
   * @param located so closely, s
   */
  Crossing(ToDoubleFunction<ODEStateAndDerivative> what, double every, double located) {
    this.what = what;
    this.every = every;
    this.located = located;
  }

  @Override
  public double g(ODEStateAndDerivative state) {
    return what.applyAsDouble(state);
  }

  @Override
  public AdaptableInterval getMaxCheckInterval() {
    return (state, forward) -> every;
  }

  @Override
  public int getMaxIterationCount() {
    return MAX_ITERATIONS;
  }

  @Override
  public BracketedUnivariateSolver<UnivariateFunction> getSolver() {
    return new BracketingNthOrderBrentSolver(0, located, 0, 5);
  }

  @Override
  public ODEEventHandler getHandler() {
    return (state, detector, increasing) -> Action.STOP;
  }
}
