package roadbreeze.core.wiring;

import roadbreeze.core.problem.Problem;

/**
 * Duty of a pulse-width controller: nothing below where it begins, then in a line from its least to
 * full.
 *
 * @param from °C
 * @param full °C, above from
 * @param least share of full at which it begins (-)
 * @param floor share while the air conditioning is asked for (-)
 */
public record Ramp(Felt felt, double from, double full, double least, double floor) {
  public Ramp {
    if (!(full > from)) {
      throw Problem.RAMP_SPAN.refuse(from, full);
    }
  }

  /**
   * Share of full (-), 0 where it is off.
   *
   * @param asked its input of the air conditioning has volts
   * @param forced the driver's has
   */
  public double duty(Situation s, boolean asked, boolean forced) {
    if (forced) {
      return 1;
    }
    double at = s.of(felt);
    double by = at < from ? 0 : least + (1 - least) * Math.min(1, (at - from) / (full - from));
    return asked ? Math.max(by, floor) : by;
  }
}
