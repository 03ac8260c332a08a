package roadbreeze.core.rig;

import roadbreeze.core.stack.FanCurve;

/** How a fan's blades meet the air, by its side, its motor's polarity and how they are put on. */
public enum Blows {
  AS_MADE,
  /** The right way with its blades' wrong edge in front. */
  BLADES_BACKWARDS,
  /** Against the air of driving: no better than if it stood. */
  WRONG_WAY;

  /** Shares of a sheet's free flow and pressure with the wrong edge in front; our own, ±25 %. */
  public static final double BACKWARDS_FLOW = 0.65;

  private static final double BACKWARDS_PRESSURE = 0.5;

  /**
   * A screw keeps its hand when it is turned round: which way it blows, its sense of turning says.
   *
   * @param otherSide it stands on the other side of the pack than it was made for
   * @param swapped its motor's two wires are swapped
   * @param bladesTurned they were taken off and put on back to front
   */
  public static Blows of(boolean otherSide, boolean swapped, boolean bladesTurned) {
    if (otherSide != swapped) {
      return WRONG_WAY;
    }
    return bladesTurned != swapped ? BLADES_BACKWARDS : AS_MADE;
  }

  /** A sheet's curve, as it comes out so. */
  public FanCurve of(FanCurve own) {
    return this == BLADES_BACKWARDS
        ? new FanCurve(
            BACKWARDS_PRESSURE * own.shutoffPressure(),
            BACKWARDS_FLOW * own.freeFlow(),
            own.estimated())
        : own;
  }
}
