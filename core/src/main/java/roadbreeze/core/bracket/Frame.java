package roadbreeze.core.bracket;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where the middle of a strip is, and how it lies there.
 *
 * @param at of the middle line
 * @param along the way on, of length one
 * @param up off the flat side, of length one
 */
public record Frame(Vector3D at, Vector3D along, Vector3D up) {
  /** To the left of the way along, seen from above. */
  public Vector3D across() {
    return up.crossProduct(along);
  }

  Frame straight(double length) {
    return new Frame(at.add(along.scalarMultiply(length)), along, up);
  }

  /** Round a bend of the middle line, up for a positive angle. */
  Frame bent(double angle, double radius) {
    double turn = Math.abs(angle);
    Vector3D side = up.scalarMultiply(Math.signum(angle));
    Vector3D to =
        at.add(along.scalarMultiply(radius * Math.sin(turn)))
            .add(side.scalarMultiply(radius * (1 - Math.cos(turn))));
    Vector3D way = along.scalarMultiply(Math.cos(turn)).add(side.scalarMultiply(Math.sin(turn)));
    Vector3D off =
        up.scalarMultiply(Math.cos(turn))
            .subtract(along.scalarMultiply(Math.signum(angle) * Math.sin(turn)));
    return new Frame(to, way, off);
  }

  Frame twisted(double angle, double length) {
    Vector3D turned =
        up.scalarMultiply(Math.cos(angle))
            .add(along.crossProduct(up).scalarMultiply(Math.sin(angle)));
    return new Frame(at.add(along.scalarMultiply(length)), along, turned);
  }
}
