package roadbreeze.core.route;

import roadbreeze.core.line.Line;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A hose as its sheet has it, m.
 *
 * @param outside diameter
 * @param leastRadius of its middle line before it kinks
 */
public record HoseSize(double bore, double outside, double leastRadius) {
  /** Two walls of usual oil hose; own default. */
  private static final double WALLS = 0.0075;

  /** Least radius over bore of oil hose without a sheet, physics.md section 12. */
  private static final double OIL_RADIUS = 6;

  public HoseSize {
    Line.BORE.require(bore);
    new Range(Quantity.SIZE, bore, 0.1).require(outside);
    Bend.RADIUS.require(leastRadius);
  }

  /** Oil hose without a sheet. */
  public static HoseSize usual(double bore) {
    return new HoseSize(bore, bore + WALLS, OIL_RADIUS * bore);
  }
}
