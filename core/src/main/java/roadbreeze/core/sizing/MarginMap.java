package roadbreeze.core.sizing;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;

/** A field of operating points round a haul: where a build holds. */
public final class MarginMap {
  private MarginMap() {}

  /** What a map lays against what: across first, then upwards. */
  public enum Axes {
    /** Ambient, °C, against grade, rise over run. */
    AMBIENT_GRADE,
    /** Ambient, °C, against combined mass, kg. */
    AMBIENT_MASS,
    /** Speed asked, m/s, against grade, rise over run. */
    SPEED_GRADE
  }

  /**
   * One place on the map, temperatures in °C.
   *
   * @param speed the truck holds, m/s
   */
  public record Point(double coolant, double feed, double sump, double speed) {}

  /**
   * @param across values of the first axis, rising
   * @param upwards values of the second axis, rising
   * @return points by first axis, then second; empty where the truck cannot climb or no steady
   *     state exists
   * @throws CancellationException if the thread that asks is interrupted
   */
  public static Optional<Point>[][] compute(
      Rig rig, OperatingPoint base, Axes axes, double[] across, double[] upwards, Factors factors) {
    @SuppressWarnings("unchecked")
    Optional<Point>[][] map = new Optional[across.length][upwards.length];
    Thread asking = Thread.currentThread();
    // Along a column each answer starts from the one below it.
    IntStream.range(0, across.length)
        .parallel()
        .forEach(
            i -> {
              SteadyBalance solver = new SteadyBalance(rig, factors).quiet();
              for (int j = 0; j < upwards.length; j++) {
                if (asking.isInterrupted()) {
                  throw new CancellationException("nobody waits for this map");
                }
                if (axes == Axes.AMBIENT_MASS) {
                  solver = solver.continuedWith(rig.withMass(upwards[j]));
                }
                map[i][j] = at(solver, point(base, axes, across[i], upwards[j]));
              }
            });
    return map;
  }

  private static OperatingPoint point(OperatingPoint base, Axes axes, double x, double y) {
    return switch (axes) {
      case AMBIENT_GRADE -> base.withAmbient(x).withGrade(y);
      case AMBIENT_MASS -> base.withAmbient(x);
      case SPEED_GRADE -> base.withSpeed(x).withGrade(y);
    };
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
