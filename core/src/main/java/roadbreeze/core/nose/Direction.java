package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Where a hole or a stud looks, as seen from the front. */
public enum Direction {
  LEFT(Axis.ACROSS, -1),
  RIGHT(Axis.ACROSS, 1),
  DOWN(Axis.UP, -1),
  UP(Axis.UP, 1),
  FORWARD(Axis.BACK, -1),
  BACKWARD(Axis.BACK, 1);

  private final Axis axis;
  private final Vector3D vector;

  Direction(Axis axis, double sign) {
    this.axis = axis;
    this.vector = axis.along().scalarMultiply(sign);
  }

  public Direction opposite() {
    return values()[ordinal() ^ 1];
  }

  public Axis axis() {
    return axis;
  }

  /** Of length one. */
  public Vector3D vector() {
    return vector;
  }
}
