package roadbreeze.core.sizing;

import java.util.Optional;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;

/** Grade against ambient at one mass and speed: where a build holds. */
public final class MarginMap {
  private MarginMap() {}

  /**
   * One place on the map, temperatures in °C.
   *
   * @param speed the truck holds, m/s
   */
  public record Point(double coolant, double feed, double sump, double speed) {}

  /**
   * @param grades rise over run, rising
   * @param ambients °C, rising
   * @return points by ambient, then grade; empty where the truck cannot climb or no steady state
   *     exists
   */
  public static Optional<Point>[][] compute(
      Rig rig, OperatingPoint base, double[] grades, double[] ambients) {
    @SuppressWarnings("unchecked")
    Optional<Point>[][] map = new Optional[ambients.length][grades.length];
    // A column shares its air, so one solver per column finds its air flow only once.
    IntStream.range(0, ambients.length)
        .parallel()
        .forEach(
            i -> {
              SteadyBalance balance = new SteadyBalance(rig);
              for (int j = 0; j < grades.length; j++) {
                OperatingPoint here = base.withAmbient(ambients[i]).withGrade(grades[j]);
                map[i][j] = at(balance, here);
              }
            });
    return map;
  }

  private static Optional<Point> at(SteadyBalance solver, OperatingPoint here) {
    try {
      Balance b = solver.solve(here);
      return Optional.of(new Point(b.coolant(), b.feed(), b.sump(), b.driveline().speed()));
    } catch (NotConvergedException e) {
      return Optional.empty();
    }
  }
}
