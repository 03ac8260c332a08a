package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import roadbreeze.server.problem.Within;

/**
 * What state the pack is in and what hangs in front of it.
 *
 * @param finsBlockedPercent of the radiator, by dirt or bent fins
 * @param condenserBlockedPercent of the condenser
 * @param recirculation 0.02 sealed to 0.15 without seals and flaps
 */
@Embeddable
public record Condition(
    @Within(min = 0, max = 90, unit = "%") double finsBlockedPercent,
    @Within(min = 0, max = 90, unit = "%") double condenserBlockedPercent,
    @Within(min = 0, max = 0.3) double recirculation,
    boolean bugScreen,
    boolean winch,
    boolean plough,
    boolean lightBar) {
  public static final Condition CLEAN = new Condition(0, 0, 0.02, false, false, false, false);

  /**
   * Ram pressure that is left behind what hangs in front. Our own estimates of area shadowed; an
   * air traverse at the core replaces them.
   */
  double ramShare() {
    return (bugScreen ? 0.80 : 1)
        * (winch ? 0.85 : 1)
        * (plough ? 0.50 : 1)
        * (lightBar ? 0.92 : 1);
  }
}
