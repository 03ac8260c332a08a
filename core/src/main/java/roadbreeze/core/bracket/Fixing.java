package roadbreeze.core.bracket;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A hole that a bracket is screwed to, in the frame of the nose, m.
 *
 * @param at its mouth, or the middle of a tab's face
 * @param looks off the face that the strip comes to lie on, of length one
 * @param standOff of the strip's face from there, for an isolator or a spacer
 * @param hole in the strip
 */
public record Fixing(Vector3D at, Vector3D looks, double standOff, double hole) {
  /** Where the strip's middle comes to lie. */
  Vector3D middle(StripStock stock) {
    return at.add(looks.scalarMultiply(standOff + stock.thickness() / 2));
  }
}
