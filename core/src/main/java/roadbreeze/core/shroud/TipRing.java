package roadbreeze.core.shroud;

import roadbreeze.core.rig.FanTips;

/**
 * The ring between blade tips and shroud: the shroud an ellipse through the four places measured,
 * the fan a circle in it.
 *
 * @param radius of the fan
 * @param halfWidth of the shroud's ring
 * @param halfHeight of it
 * @param right the fan's middle from the ring's
 * @param up likewise
 */
public record TipRing(double radius, double halfWidth, double halfHeight, double right, double up) {
  /** Places looked at round the ring. */
  static final int PLACES = 120;

  public static TipRing of(double diameter, FanTips tips) {
    double radius = diameter / 2;
    return new TipRing(
        radius,
        radius + (tips.left() + tips.right()) / 2,
        radius + (tips.top() + tips.bottom()) / 2,
        (tips.left() - tips.right()) / 2,
        (tips.bottom() - tips.top()) / 2);
  }

  /** With the engine rolled so far to the right. */
  TipRing rolled(double sideways) {
    return new TipRing(radius, halfWidth, halfHeight, right + sideways, up);
  }

  /**
   * From a tip outward to the ring, as a gauge finds it, m; negative where they would strike.
   *
   * @param angle of the blade from the right, upward, rad
   */
  public double gap(double angle) {
    // The fan's middle plus so much along the blade lies on the ellipse.
    double c = Math.cos(angle) / halfWidth;
    double s = Math.sin(angle) / halfHeight;
    double x = right / halfWidth;
    double y = up / halfHeight;
    double square = c * c + s * s;
    double half = c * x + s * y;
    double rest = half * half - square * (x * x + y * y - 1);
    return (Math.sqrt(Math.max(0, rest)) - half) / square - radius;
  }

  /** The narrowest place, m. */
  public double least() {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < PLACES; i++) {
      least = Math.min(least, gap(2 * Math.PI * i / PLACES));
    }
    return least;
  }

  /** Area of the ring over the tips' way round, m. */
  public double mean() {
    return (halfWidth * halfHeight - radius * radius) / (2 * radius);
  }
}
