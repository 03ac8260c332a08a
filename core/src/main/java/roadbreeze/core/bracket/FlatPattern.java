package roadbreeze.core.bracket;

import java.util.List;

/**
 * A bracket before it is bent: places along from its start, m.
 *
 * @param legs where each leg begins
 */
public record FlatPattern(
    double length,
    List<Double> legs,
    List<BendLine> bends,
    List<TwistZone> twists,
    List<Cut> holes) {

  /**
   * Where to bend.
   *
   * @param angle rad, positive up
   */
  public record BendLine(double start, double end, double angle) {
    public double centre() {
      return (start + end) / 2;
    }
  }

  /** Where to twist, rad right-handed about the way along. */
  public record TwistZone(double start, double end, double angle) {}

  /** Where to drill. */
  public record Cut(double along, double across, double diameter, double slot) {}
}
