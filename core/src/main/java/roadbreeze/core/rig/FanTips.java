package roadbreeze.core.rig;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** Gaps between blade tips and shroud at four places, m, seen from the front. */
public record FanTips(double top, double right, double bottom, double left) {
  private static final Range GAP = new Range(Quantity.SIZE, 0, 0.2);

  public FanTips {
    GAP.require(top);
    GAP.require(right);
    GAP.require(bottom);
    GAP.require(left);
  }

  public double least() {
    return Math.min(Math.min(top, bottom), Math.min(left, right));
  }

  /** As they are with the shroud moved to the right and up. */
  public FanTips shifted(double right, double up) {
    return new FanTips(
        Math.max(0, top + up),
        Math.max(0, this.right + right),
        Math.max(0, bottom - up),
        Math.max(0, left - right));
  }
}
