package roadbreeze.core.wiring;

import java.util.Arrays;
import java.util.OptionalDouble;

/** Fuses of a feed, close to the battery. */
public final class Fuse {
  /** Usual sizes, A; from 50 on they are bolted. */
  private static final double[] SIZES = {3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100};

  /** So much more than the running current, common practice away from the radiator's heat. */
  private static final double OVER_RUNNING = 1.25;

  private Fuse() {}

  /**
   * The next usual size at or above 1.25 times the running current.
   *
   * @param running A
   * @return A; empty where no usual size is large enough
   */
  public static OptionalDouble over(double running) {
    return Arrays.stream(SIZES).filter(size -> size >= OVER_RUNNING * running).findFirst();
  }
}
