package roadbreeze.core.bracket;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** What comes next along a strip, from its start. */
public sealed interface Step {
  /** A straight piece between tangents, m. */
  record Leg(double length) implements Step {
    public static final Range LENGTH = new Range(Quantity.STRIP_LEG, 0, 3);

    public Leg {
      LENGTH.require(length);
    }
  }

  /** A bend over the flat side, rad; positive up, negative down. */
  record Bend(double angle) implements Step {
    public Bend {
      StripStock.ANGLE.require(Math.abs(angle));
    }
  }

  /**
   * A turn about the strip's own middle line.
   *
   * @param angle rad, right-handed about the way along
   * @param length of the strip that it takes, m
   */
  record Twist(double angle, double length) implements Step {
    public static final Range LENGTH = new Range(Quantity.STRIP_LEG, 1e-3, 3);

    public Twist {
      StripStock.ANGLE.require(Math.abs(angle));
      LENGTH.require(length);
    }
  }
}
