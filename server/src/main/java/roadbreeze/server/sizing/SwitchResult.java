package roadbreeze.server.sizing;

import java.util.List;

/** The switch check of a build, beside the same build with a colder thermostat. */
public record SwitchResult(
    Run chosen, Run colder, double limitC, double boilingC, List<Finding> findings) {
  /**
   * One run of the climb, first order.
   *
   * @param fanOnAfterS null if the fan never comes on
   * @param coolantC every ten seconds
   */
  public record Run(
      double thermostatStartC,
      double thermostatFullC,
      double levelRoadC,
      double restingPeakC,
      double runningPeakC,
      Double fanOnAfterS,
      double highestC,
      List<Double> timeS,
      List<Double> coolantC) {}

  /** What the check found. */
  public record Finding(String kind, String text) {}
}
