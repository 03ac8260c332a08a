package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The shortest way between two things.
 *
 * @param length m; negative where they stand in each other, by the least way along an axis that
 *     parts the boxes round them
 * @param from its end on the first
 * @param to its end on the second
 */
public record Gap(double length, Vector3D from, Vector3D to) {
  /** Two places nearer than this are one, m. */
  private static final double TOGETHER = 1e-6;

  /** Of the search along a tube, in shares of its length. */
  private static final double FINE = 1e-9;

  private static final int MOST_ROUNDS = 2000;
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /** The shortest way from one shape to another. */
  public static Gap between(Shape a, Shape b) {
    Gap shortest = null;
    for (Convex one : a.parts()) {
      for (Convex other : b.parts()) {
        if (shortest != null && atLeast(one, other) >= shortest.length) {
          continue;
        }
        Gap gap = between(one, other);
        if (shortest == null || gap.length < shortest.length) {
          shortest = gap;
        }
      }
    }
    if (shortest.length > TOGETHER) {
      return shortest;
    }
    double apart = Math.min(0, a.bounds().apart(b.bounds()));
    return new Gap(apart, shortest.from, shortest.to);
  }

  /** A piece of tube is no nearer than its middle less what it reaches from there, m. */
  private static double atLeast(Convex one, Convex other) {
    return one instanceof Capsule tube ? far(tube.middle(), other) - tube.reach() : 0;
  }

  /** Nearer to each other than so much, m: the boxes round both mostly tell it at once. */
  public static boolean nearer(Shape a, Shape b, double least) {
    return a.bounds().apart(b.bounds()) < least && between(a, b).length() < least;
  }

  /** From a place to a shape, m; 0 in it. */
  public static double from(Vector3D place, Shape shape) {
    double least = Double.POSITIVE_INFINITY;
    for (Convex part : shape.parts()) {
      least = Math.min(least, far(place, part));
    }
    return least;
  }

  private static Gap between(Convex a, Convex b) {
    if (a instanceof Capsule tube) {
      return along(tube, b);
    }
    if (b instanceof Capsule tube) {
      Gap back = along(tube, a);
      return new Gap(back.length, back.to, back.from);
    }
    return to(a, b, b.middle());
  }

  /**
   * Nearest places of two bodies by going to and fro between them (Cheney and Goldstein 1959). From
   * the middle of the second the first turn is right already, but for crossed cylinders.
   */
  private static Gap to(Convex a, Convex b, Vector3D start) {
    Vector3D onB = start;
    Vector3D onA = a.nearest(onB);
    for (int round = 0; round < MOST_ROUNDS; round++) {
      Vector3D next = b.nearest(onA);
      Vector3D back = a.nearest(next);
      double moved = next.distance(onB) + back.distance(onA);
      onB = next;
      onA = back;
      if (moved < TOGETHER / 100) {
        break;
      }
    }
    return new Gap(onA.distance(onB), onA, onB);
  }

  /** The distance from a body is convex along a straight line: golden section finds its least. */
  private static Gap along(Capsule tube, Convex b) {
    double low = 0;
    double high = 1;
    while (high - low > FINE) {
      double left = high - GOLDEN * (high - low);
      double right = low + GOLDEN * (high - low);
      if (far(tube.at(left), b) <= far(tube.at(right), b)) {
        high = right;
      } else {
        low = left;
      }
    }
    Vector3D on = tube.at((low + high) / 2);
    Vector3D there = b.nearest(on);
    double length = Math.max(0, on.distance(there) - tube.radius());
    return new Gap(length, tube.nearest(there), there);
  }

  private static double far(Vector3D point, Convex b) {
    return point.distance(b.nearest(point));
  }
}
