package roadbreeze.core.bracket;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * The strip a bracket is bent from.
 *
 * @param thickness m
 * @param insideRadius of every bend, m
 * @param neutralFactor K, place of the neutral line in the thickness (-)
 */
public record StripStock(double thickness, double insideRadius, double neutralFactor) {
  public static final Range THICKNESS = new Range(Quantity.STRIP_THICKNESS, 0.5e-3, 12e-3);
  public static final Range INSIDE_RADIUS = new Range(Quantity.INSIDE_RADIUS, 0, 50e-3);
  public static final Range ANGLE = new Range(Quantity.BEND_ANGLE, Math.toRadians(1), Math.PI);
  public static final double DEFAULT_NEUTRAL_FACTOR = 0.42;

  public StripStock {
    THICKNESS.require(thickness);
    INSIDE_RADIUS.require(insideRadius);
    new Range(Quantity.NEUTRAL_FACTOR, 0.2, 0.5).require(neutralFactor);
  }

  /** Length of strip that a bend uses up, m. */
  public double bendAllowance(double angle) {
    return ANGLE.require(angle) * (insideRadius + neutralFactor * thickness);
  }
}
