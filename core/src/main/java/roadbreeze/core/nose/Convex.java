package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A body without hollows: there is one place of it nearest to any point. */
interface Convex {
  /** The place of it nearest to a point; the point itself if that lies within. */
  Vector3D nearest(Vector3D point);

  Vector3D middle();
}
