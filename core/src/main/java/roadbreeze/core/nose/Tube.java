package roadbreeze.core.nose;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A hose, a pipe or a cable along its points.
 *
 * @param points of its middle line, at least two
 * @param radius outside, m
 */
public record Tube(List<Vector3D> points, double radius) implements Shape {
  public static final Range RADIUS = new Range(Quantity.SIZE, 0.0005, 0.25);

  public Tube {
    points = List.copyOf(points);
    RADIUS.require(radius);
    if (points.size() < 2) {
      throw Problem.TUBE_POINTS.refuse();
    }
    for (Vector3D point : points) {
      for (Axis axis : Axis.values()) {
        Box.PLACE.require(axis.of(point));
      }
    }
  }

  /** Length of its middle line, m. */
  public double length() {
    double length = 0;
    for (int i = 1; i < points.size(); i++) {
      length += points.get(i).distance(points.get(i - 1));
    }
    return length;
  }

  @Override
  public Box bounds() {
    Vector3D low = points.get(0);
    Vector3D high = low;
    for (Vector3D p : points) {
      low =
          new Vector3D(
              Math.min(low.getX(), p.getX()),
              Math.min(low.getY(), p.getY()),
              Math.min(low.getZ(), p.getZ()));
      high =
          new Vector3D(
              Math.max(high.getX(), p.getX()),
              Math.max(high.getY(), p.getY()),
              Math.max(high.getZ(), p.getZ()));
    }
    Vector3D out = new Vector3D(radius, radius, radius);
    return Box.between(low.subtract(out), high.add(out));
  }

  @Override
  public List<Capsule> parts() {
    List<Capsule> parts = new ArrayList<>();
    for (int i = 1; i < points.size(); i++) {
      parts.add(new Capsule(points.get(i - 1), points.get(i), radius));
    }
    return parts;
  }
}
