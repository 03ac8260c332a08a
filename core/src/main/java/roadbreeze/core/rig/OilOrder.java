package roadbreeze.core.rig;

import roadbreeze.core.explain.Code;

/** The oil's way past the in-tank cooler and the auxiliary one. */
public enum OilOrder implements Code {
  AFTER_TANK,
  BEFORE_TANK,
  TANK_BYPASSED;

  /** What is said where the truck has no oil cooler in its coolant. */
  public enum NoTank implements Code {
    ALONE
  }

  /**
   * As it is said of a truck.
   *
   * @param tank it has an oil cooler in its coolant
   */
  public Code said(boolean tank) {
    return tank ? this : NoTank.ALONE;
  }
}
