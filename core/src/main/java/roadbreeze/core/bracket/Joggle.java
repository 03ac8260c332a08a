package roadbreeze.core.bracket;

import roadbreeze.core.problem.Problem;

/**
 * An offset made by two equal and opposite bends.
 *
 * @param straight between the bends, m
 * @param flat between the outer tangents, along the flat strip, m
 * @param run between the outer tangents, along the bracket, m
 */
public record Joggle(double straight, double flat, double run) {

  /**
   * @param offset m, > 0
   * @param angle of each bend, rad
   * @throws BadInputException if the bends alone already offset more than asked
   */
  public static Joggle of(StripStock stock, double offset, double angle) {
    StripStock.ANGLE.require(angle);
    double reach = 2 * stock.insideRadius() + stock.thickness();
    double byBends = reach * (1 - Math.cos(angle));
    if (!(offset >= byBends)) {
      throw Problem.JOGGLE_TOO_SMALL.refuse(angle, byBends, offset);
    }
    double straight = (offset - byBends) / Math.sin(angle);
    return new Joggle(
        straight,
        straight + 2 * stock.bendAllowance(angle),
        straight * Math.cos(angle) + reach * Math.sin(angle));
  }
}
