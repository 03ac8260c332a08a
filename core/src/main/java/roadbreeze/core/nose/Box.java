package roadbreeze.core.nose;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * An upright box, m.
 *
 * @param x left side
 * @param y underside
 * @param z front, behind the grille line
 */
public record Box(double x, double y, double z, double width, double height, double depth)
    implements Shape, Convex {
  public static final Range PLACE = new Range(Quantity.POSITION, -5, 5);

  /** From sheet metal to the widest truck. */
  public static final Range SIZE = new Range(Quantity.SIZE, 0.0005, 5);

  public Box {
    PLACE.require(x);
    PLACE.require(y);
    PLACE.require(z);
    SIZE.require(width);
    SIZE.require(height);
    SIZE.require(depth);
  }

  /** The box between two corners. */
  static Box between(Vector3D low, Vector3D high) {
    Vector3D size = high.subtract(low);
    return new Box(low.getX(), low.getY(), low.getZ(), size.getX(), size.getY(), size.getZ());
  }

  public double right() {
    return x + width;
  }

  public double top() {
    return y + height;
  }

  public double back() {
    return z + depth;
  }

  /** Lower end along an axis, m. */
  public double low(Axis axis) {
    return switch (axis) {
      case ACROSS -> x;
      case UP -> y;
      case BACK -> z;
    };
  }

  /** Extent along an axis, m. */
  public double size(Axis axis) {
    return switch (axis) {
      case ACROSS -> width;
      case UP -> height;
      case BACK -> depth;
    };
  }

  public double high(Axis axis) {
    return low(axis) + size(axis);
  }

  /**
   * How far this is from another along the axis that parts them most, m; negative by the least way
   * that one of them would have to go.
   */
  public double apart(Box other) {
    double most = Double.NEGATIVE_INFINITY;
    for (Axis axis : Axis.values()) {
      most = Math.max(most, Math.max(low(axis) - other.high(axis), other.low(axis) - high(axis)));
    }
    return most;
  }

  @Override
  public Box bounds() {
    return this;
  }

  @Override
  public List<Box> parts() {
    return List.of(this);
  }

  @Override
  public Vector3D nearest(Vector3D p) {
    return new Vector3D(
        Math.min(Math.max(p.getX(), x), right()),
        Math.min(Math.max(p.getY(), y), top()),
        Math.min(Math.max(p.getZ(), z), back()));
  }

  @Override
  public Vector3D middle() {
    return new Vector3D(x + width / 2, y + height / 2, z + depth / 2);
  }
}
