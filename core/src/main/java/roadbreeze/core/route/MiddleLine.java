package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A hose's middle line with how far along each of its points lies, m. */
final class MiddleLine {
  private final List<Vector3D> points;
  private final double[] along;

  MiddleLine(List<Vector3D> points) {
    this.points = points;
    along = new double[points.size()];
    for (int i = 1; i < along.length; i++) {
      along[i] = along[i - 1] + points.get(i).distance(points.get(i - 1));
    }
  }

  double length() {
    return along[along.length - 1];
  }

  List<Vector3D> points() {
    return points;
  }

  /** The place so far along, ends where it is past them. */
  Vector3D at(double far) {
    for (int i = 1; i < along.length; i++) {
      if (far <= along[i] && along[i] > along[i - 1]) {
        double share = Math.max(0, (far - along[i - 1]) / (along[i] - along[i - 1]));
        return between(points.get(i - 1), points.get(i), share);
      }
    }
    return points.get(points.size() - 1);
  }

  /** The piece of it from one place to another. */
  List<Vector3D> between(double from, double to) {
    List<Vector3D> piece = new ArrayList<>();
    piece.add(at(from));
    for (int i = 0; i < along.length; i++) {
      if (along[i] > from && along[i] < to) {
        piece.add(points.get(i));
      }
    }
    piece.add(at(to));
    return piece;
  }

  /** How far along the point of it lies that is nearest to a place. */
  double nearest(Vector3D place) {
    double best = 0;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i < along.length; i++) {
      Vector3D from = points.get(i - 1);
      Vector3D way = points.get(i).subtract(from);
      double square = way.getNormSq();
      double share = square > 0 ? place.subtract(from).dotProduct(way) / square : 0;
      share = Math.min(1, Math.max(0, share));
      double far = place.distance(between(from, points.get(i), share));
      if (far < least) {
        least = far;
        best = along[i - 1] + share * (along[i] - along[i - 1]);
      }
    }
    return best;
  }

  private static Vector3D between(Vector3D a, Vector3D b, double share) {
    return a.add(b.subtract(a).scalarMultiply(share));
  }
}
