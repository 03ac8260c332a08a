package roadbreeze.core.wiring;

import java.util.Optional;
import roadbreeze.core.explain.Code;

/**
 * Something that a driver notices of a broken circuit.
 *
 * @param device id of what behaves otherwise than it should
 * @param in where
 */
public record Sign(String device, Situation in, What what) {
  /** How it behaves. */
  public enum What implements Code {
    STANDS_STILL,
    RUNS_UNASKED,
    RUNS_SLOW,
    RUNS_BACKWARDS
  }

  /** A motor that turns slower than this does nothing that is noticed, share of its speed. */
  static final double TURNS = 0.2;

  /** It is heard that a fan turns by so much slower. */
  private static final double SLOWER = 0.85;

  /**
   * @param sound share of its speed that it should have
   * @param now that it has, less than none backwards
   */
  static Optional<What> of(double sound, double now) {
    if (now < -TURNS && sound > -TURNS) {
      return Optional.of(What.RUNS_BACKWARDS);
    } else if (Math.abs(sound) > TURNS && Math.abs(now) <= TURNS) {
      return Optional.of(What.STANDS_STILL);
    } else if (Math.abs(sound) <= TURNS && Math.abs(now) > TURNS) {
      return Optional.of(What.RUNS_UNASKED);
    } else if (Math.abs(now) > TURNS && Math.abs(now) < SLOWER * Math.abs(sound)) {
      return Optional.of(What.RUNS_SLOW);
    }
    return Optional.empty();
  }
}
