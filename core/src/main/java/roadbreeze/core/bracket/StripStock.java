package roadbreeze.core.bracket;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * The strip a bracket is bent from, m.
 *
 * @param insideRadius of every bend
 */
public record StripStock(Metal metal, double width, double thickness, double insideRadius) {
  public static final Range WIDTH = new Range(Quantity.STRIP_WIDTH, 5e-3, 0.2);
  public static final Range THICKNESS = new Range(Quantity.STRIP_THICKNESS, 0.5e-3, 12e-3);
  public static final Range INSIDE_RADIUS = new Range(Quantity.INSIDE_RADIUS, 0, 50e-3);
  public static final Range ANGLE = new Range(Quantity.BEND_ANGLE, Math.toRadians(1), Math.PI);

  /** Place of the neutral line in the thickness, from the inside of a bend (-). */
  public static final double NEUTRAL_FACTOR = 0.42;

  public StripStock {
    WIDTH.require(width);
    THICKNESS.require(thickness);
    INSIDE_RADIUS.require(insideRadius);
  }

  /** Length of strip that a bend uses up, m. */
  public double bendAllowance(double angle) {
    return ANGLE.require(angle) * (insideRadius + NEUTRAL_FACTOR * thickness);
  }

  /** Radius of the strip's middle in a bend, m. */
  double middleRadius() {
    return insideRadius + thickness / 2;
  }

  /** From a hole's edge to a bend, at least, m. */
  double holeToBend() {
    return 2 * thickness + insideRadius;
  }

  /** Shortest leg at an end that a vice holds and a hand bends, m. */
  public double leastFlange() {
    return 3 * thickness + insideRadius;
  }

  /** Second moment of area about the flat side, m⁴. */
  double secondMoment() {
    return width * thickness * thickness * thickness / 12;
  }
}
