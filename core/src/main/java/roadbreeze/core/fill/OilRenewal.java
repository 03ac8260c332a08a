package roadbreeze.core.fill;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * How much of a gearbox's oil is new after it was drained and filled some times.
 *
 * @param all in gearbox, converter and lines, m³
 * @param each that comes out each time, m³, no more than all
 */
public record OilRenewal(double all, double each) {
  /** A machine pushes the old out with so much more than there is; own default, ±20 %. */
  public static final double EXCHANGED = 1.2;

  /**
   * @throws roadbreeze.core.problem.BadInputException if nothing comes out, or more than there is
   */
  public OilRenewal {
    Range.requirePositive(Quantity.VOLUME, all);
    new Range(Quantity.VOLUME, 1e-9, all).require(each);
  }

  /**
   * Share that is new: {@code 1 − (1 − f)ⁿ}, each time mixed through by driving.
   *
   * @param times 0 or more
   * @return (-)
   */
  public double renewed(int times) {
    return 1 - Math.pow(1 - each / all, times);
  }

  /** Oil that so many times take, m³. */
  public double takes(int times) {
    return each * times;
  }

  /** Oil that an exchange by machine takes, m³. */
  public double exchange() {
    return EXCHANGED * all;
  }
}
