package roadbreeze.core.wiring;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * What a motor draws from standstill: from its most down to what it runs at, exponentially.
 *
 * @param first A
 * @param running A
 * @param constant of time, s
 */
public record Inrush(double first, double running, double constant) {
  private static final Range CONSTANT = new Range(Quantity.INRUSH_CONSTANT, 0.01, 5);

  /** A blade fuse bears twice its rating so long for certain, s; order of ISO 8820-3. */
  public static final double BEARS_TWICE = 0.15;

  /** And three and a half times its rating so long, s. */
  public static final double BEARS_MORE = 0.08;

  private static final double TWICE = 2;
  private static final double MORE = 3.5;

  public Inrush {
    Wire.CURRENT.require(first);
    Wire.CURRENT.require(running);
    CONSTANT.require(constant);
  }

  /** A, so long after it was switched on. */
  public double current(double time) {
    return running + (first - running) * Math.exp(-time / constant);
  }

  /** How long it draws more than so much, s; infinite where it does so running. */
  public double over(double current) {
    if (running >= current) {
      return Double.POSITIVE_INFINITY;
    }
    return first <= current ? 0 : constant * Math.log((first - running) / (current - running));
  }

  /** A blade fuse bears it. */
  public boolean borneBy(double fuse) {
    return over(TWICE * fuse) < BEARS_TWICE && over(MORE * fuse) < BEARS_MORE;
  }
}
