package roadbreeze.server.sizing;

import java.util.List;
import roadbreeze.core.sizing.Standing;

/**
 * The headroom strip of every build of a job.
 *
 * @param boilingC of the coolant under its cap on this road
 */
public record Assessment(double boilingC, double freezingC, List<BuildState> builds) {

  /**
   * One build.
   *
   * @param problem why there is no steady state, null where there is one; then the rest is null
   */
  public record BuildState(
      String name,
      String problem,
      Standing standing,
      Gauge coolant,
      Gauge feed,
      Gauge pan,
      BalanceResult balance,
      List<Lever> levers,
      CoolerEffect coolerEffect,
      List<String> advice) {}

  /** One fluid, °C and K. */
  public record Gauge(
      double peakC, double limitC, double headroomK, double bandK, double nineInTenC, Standing standing) {}

  /** What ten per cent more of a thing changes, K. */
  public record Lever(String kind, double coolantK, double feedK, double panK) {}

  /**
   * What the fitted cooler does against the same build without it.
   *
   * @param airLostPercent of the flow through the whole face
   */
  public record CoolerEffect(
      double coolantK, double feedK, double panK, double airLostPercent) {}
}
