package roadbreeze.core.bracket;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A hole or a slot in a leg of a strip, m.
 *
 * @param leg which of the bracket's legs, counted from 0
 * @param at its middle from the leg's start
 * @param across its middle from the strip's middle line, to the left of the way along seen from
 *     above
 * @param diameter or width of a slot
 * @param slot what a slot has more along the strip, 0 for a round hole
 */
public record Hole(int leg, double at, double across, double diameter, double slot) {
  public static final Range DIAMETER = new Range(Quantity.HOLE_DIAMETER, 1e-3, 50e-3);
  private static final Range SLOT = new Range(Quantity.SIZE, 0, 0.2);

  /** A hole is so much wider than its screw (-); ISO 273, medium. */
  private static final double CLEARANCE = 1.1;

  public Hole {
    DIAMETER.require(diameter);
    SLOT.require(slot);
    Step.Leg.LENGTH.require(Math.abs(at));
    Step.Leg.LENGTH.require(Math.abs(across));
  }

  /** From the middle to an edge of the strip, at least, m. */
  double toEdge() {
    return 1.5 * diameter / CLEARANCE;
  }

  /** From its middle to its end along the strip, m. */
  double half() {
    return (diameter + slot) / 2;
  }
}
