package roadbreeze.core.circuit;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * How one fan of the stack is driven.
 *
 * @param condition share of its proper speed that a worn, slipping or weakly fed fan still reaches
 */
public record FanSetting(FanDrive drive, double condition) {
  public static final Range CONDITION = new Range(Quantity.FAN_SPEED, 0, 1);

  public FanSetting {
    CONDITION.require(condition);
  }
}
