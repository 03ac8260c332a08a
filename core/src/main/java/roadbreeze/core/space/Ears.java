package roadbreeze.core.space;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Box;
import roadbreeze.core.rig.Turn;

/**
 * The holes that a cooler is hung by: four, on its middle, m.
 *
 * @param across between left and right
 * @param up between low and high
 * @param back from its front face to the middle of the ears
 * @param thickness of an ear
 * @param hole diameter
 */
public record Ears(double across, double up, double back, double thickness, double hole) {
  /** How far ears stand out aside of a core whose sheet says nothing; own default. */
  private static final double ASIDE = 0.022;

  /** How far they stand in from its upper and lower edges; own default. */
  private static final double IN = 0.020;

  private static final double USUAL_THICKNESS = 0.003;

  /** For M6. */
  private static final double USUAL_HOLE = 0.0066;

  /** As such coolers usually have them, where the sheet says nothing. */
  public static Ears usual(double width, double height, double depth) {
    return new Ears(
        width + 2 * ASIDE, Math.max(0.02, height - 2 * IN), depth / 2, USUAL_THICKNESS, USUAL_HOLE);
  }

  /** The same of a cooler that is turned. */
  public Ears turned(Turn turn) {
    return turn.onEnd() ? new Ears(up, across, back, thickness, hole) : this;
  }

  /** The middle of an ear of a cooler that stands in a box. */
  public Vector3D at(Box cooler, Corner corner) {
    return new Vector3D(
        cooler.x() + cooler.width() / 2 + (corner.across() - 0.5) * across,
        cooler.y() + cooler.height() / 2 + (corner.up() - 0.5) * up,
        cooler.z() + back);
  }
}
