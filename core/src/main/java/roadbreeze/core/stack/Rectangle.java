package roadbreeze.core.stack;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * An upright rectangle seen from the front, m.
 *
 * @param x left edge
 * @param y lower edge
 */
public record Rectangle(double x, double y, double width, double height) {
  public static final Range POSITION = new Range(Quantity.POSITION, -3, 3);
  public static final Range SIZE = new Range(Quantity.SIZE, 0.02, 3);

  public Rectangle {
    POSITION.require(x);
    POSITION.require(y);
    SIZE.require(width);
    SIZE.require(height);
  }

  public double right() {
    return x + width;
  }

  public double top() {
    return y + height;
  }

  public double area() {
    return width * height;
  }

  /** Area that both cover, m². */
  public double overlap(Rectangle other) {
    double across = Math.min(right(), other.right()) - Math.max(x, other.x);
    double up = Math.min(top(), other.top()) - Math.max(y, other.y);
    return Math.max(0, across) * Math.max(0, up);
  }

  public boolean contains(double px, double py) {
    return px > x && px < right() && py > y && py < top();
  }
}
