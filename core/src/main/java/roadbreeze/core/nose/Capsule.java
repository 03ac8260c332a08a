package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A straight piece of tube with round ends. */
record Capsule(Vector3D from, Vector3D to, double radius) implements Convex {
  Vector3D at(double share) {
    return from.add(to.subtract(from).scalarMultiply(share));
  }

  @Override
  public Vector3D nearest(Vector3D p) {
    Vector3D way = to.subtract(from);
    double length = way.getNormSq();
    double share = length > 0 ? p.subtract(from).dotProduct(way) / length : 0;
    Vector3D on = at(Math.min(Math.max(share, 0), 1));
    double far = p.distance(on);
    return far <= radius ? p : on.add(p.subtract(on).scalarMultiply(radius / far));
  }

  /** From its middle to the farthest place of it, m. */
  double reach() {
    return from.distance(to) / 2 + radius;
  }

  @Override
  public Vector3D middle() {
    return at(0.5);
  }
}
