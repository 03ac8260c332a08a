package roadbreeze.server.rig;

import roadbreeze.core.explain.Kind;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.problem.Problem;
import roadbreeze.server.problem.Within;

/**
 * The thermal bypass that some gearboxes have of their own: no oil to the coolers while it is cold.
 * Whether it sticks is a build's condition, whether it is pinned a build's choice.
 *
 * @param startC pan temperature at which the first oil goes to the coolers
 * @param fullC at which all of it does
 */
public record GearboxBypass(
    @Within(min = 20, max = 110, kind = Kind.TEMPERATURE) double startC,
    @Within(min = 25, max = 130, kind = Kind.TEMPERATURE) double fullC) {
  /** No element opens more suddenly, K. */
  public static final double LEAST_SPAN = 1;

  /**
   * @throws roadbreeze.core.problem.BadInputException if it would be open before it starts
   */
  Bypass toCore() {
    if (fullC < startC + LEAST_SPAN) {
      throw Problem.BYPASS_SPAN.refuse(startC, fullC);
    }
    return Bypass.byTemperature(startC, fullC);
  }
}
