package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The three ways that the nose is measured along. */
public enum Axis {
  ACROSS(Vector3D.PLUS_I),
  UP(Vector3D.PLUS_J),
  BACK(Vector3D.PLUS_K);

  private final Vector3D along;

  Axis(Vector3D along) {
    this.along = along;
  }

  /** Of length one. */
  public Vector3D along() {
    return along;
  }

  /** A point's coordinate along this axis, m. */
  public double of(Vector3D point) {
    return along.dotProduct(point);
  }
}
