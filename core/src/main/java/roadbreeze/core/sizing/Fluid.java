package roadbreeze.core.sizing;

import roadbreeze.core.circuit.Balance;
import roadbreeze.core.explain.Code;

/** What has a limit. */
public enum Fluid implements Code {
  COOLANT,
  FEED,
  PAN;

  /** Its temperature in a balance, °C. */
  public double of(Balance balance) {
    return switch (this) {
      case COOLANT -> balance.coolant();
      case FEED -> balance.feed();
      case PAN -> balance.sump();
    };
  }
}
