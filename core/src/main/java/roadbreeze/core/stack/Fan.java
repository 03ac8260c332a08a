package roadbreeze.core.stack;

import roadbreeze.core.explain.Name;

/**
 * A fan and the part of the face it serves.
 *
 * @param outline of the shroud; without one, of the blades' disc made a square of equal area
 * @param mount how it stands to the pack
 */
public record Fan(Name name, FanCurve curve, Rectangle outline, Mount mount) {
  /** How a fan stands to the pack, with the share of its pressure that reaches the face. */
  public enum Mount {
    SHROUDED_PULLER(1),
    BARE_PULLER(0.75),
    PUSHER(1);

    final double pressureShare;

    Mount(double pressureShare) {
      this.pressureShare = pressureShare;
    }
  }

  /** A fan without a shroud serves its own disc only. */
  public static Fan bare(Name name, FanCurve curve, double cx, double cy, double diameter) {
    double side = diameter * Math.sqrt(Math.PI) / 2;
    return new Fan(
        name, curve, new Rectangle(cx - side / 2, cy - side / 2, side, side), Mount.BARE_PULLER);
  }
}
