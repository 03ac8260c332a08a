package roadbreeze.core.wiring;

import java.util.Arrays;
import java.util.OptionalDouble;

/** Fuses of a feed, close to the battery. */
public final class Fuse {
  /** Usual sizes, A; from 50 on they are bolted. */
  private static final double[] SIZES = {3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100};

  static final double LARGEST = SIZES[SIZES.length - 1];

  /** So much more than the running current, common practice away from the radiator's heat. */
  static final double OVER_RUNNING = 1.25;

  /** And beside the radiator, where it is hot. */
  private static final double OVER_RUNNING_HOT = 1.35;

  private Fuse() {}

  /**
   * The next usual size over what runs that its wire carries.
   *
   * @param running A
   * @param hot it sits beside the radiator
   * @param carries what the wire behind it does, A
   * @return A; empty where the wire is too thin for any
   */
  public static OptionalDouble over(double running, boolean hot, double carries) {
    double least = (hot ? OVER_RUNNING_HOT : OVER_RUNNING) * running;
    return Arrays.stream(SIZES)
        .filter(size -> size >= least)
        .limit(1)
        .filter(size -> size <= carries)
        .findFirst();
  }

  /**
   * The next usual size above one.
   *
   * @return A; empty above the largest
   */
  static OptionalDouble above(double size) {
    return Arrays.stream(SIZES).filter(s -> s > size).findFirst();
  }
}
