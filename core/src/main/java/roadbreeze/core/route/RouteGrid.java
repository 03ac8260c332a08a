package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Tube;

/**
 * The planes that a hose is laid along: through its ports, beside the faces of the zones as near as
 * a hose may come, and between them. A place is where three of them cross. What a step from one to
 * the next costs is worked out when it is first asked. Not thread-safe.
 */
final class RouteGrid {
  /** Round what both ends span, m. */
  private static final double ROOM = 0.35;

  /** Planes nearer than this are one, m. */
  private static final double TOGETHER = 0.006;

  /** Between planes no wider than this, m. */
  private static final double COARSE = 0.070;

  /**
   * Where more would lie along an axis, fewer are laid: a crowded nose must not fill the memory.
   */
  private static final int MOST_PLANES = 72;

  /** By what they are then set apart each time. */
  private static final double SPARSER = 1.4;

  /** Farther from metal than a clip can reach each metre counts for more. */
  private static final double NOTHING_TO_CLIP = 1.25;

  /** Under the bumper each metre counts for so much. */
  private static final double LOW_COST = 3;

  /** Over both its ends, where air stays, each metre counts for so much. */
  private static final double HIGH_COST = 1.6;

  /** Through a zone, where only that leads there, m. */
  private static final double THROUGH_COST = 0.5;

  /** Chords of an arc lie so far inside of it, m. */
  private static final double CHORD_ERROR = 0.0015;

  private static final Direction[] WAYS = Direction.values();

  private static final int[] SIGNS =
      Arrays.stream(WAYS).mapToInt(w -> w.axis().of(w.vector()) > 0 ? 1 : -1).toArray();

  private final HoseSize hose;
  private final List<Piece> pieces = new ArrayList<>();
  private final double lowest;
  private final double highest;
  private final boolean through;
  private final double[][] planes = new double[3][];

  private final List<Port> ports;

  /** Costs of steps: of a place three, across, up and back; 0 where not yet known. */
  private final float[] edges;

  /** How much farther than it must a place is from any zone, m; NaN where not yet known. */
  private final float[] spare;

  /**
   * @param through zones are passed at a cost, to learn which of them bar the way
   */
  RouteGrid(List<Port> from, List<Port> to, HoseSize hose, RouteCheck check, boolean through) {
    this.hose = hose;
    this.through = through;
    lowest = check.lowest().orElse(Double.NEGATIVE_INFINITY);
    ports = new ArrayList<>(from);
    ports.addAll(to);
    highest =
        RouteCheck.CREST * hose.outside()
            + Math.max(from.get(0).at().getY(), to.get(0).at().getY());
    for (Zone zone : check.zones()) {
      boolean[] standsBy = new boolean[ports.size()];
      for (int k = 0; k < standsBy.length; k++) {
        standsBy[k] = Near.standsBy(ports.get(k), zone, hose);
      }
      for (Shape part : parts(zone.shape())) {
        pieces.add(new Piece(part, part.bounds(), zone.surely(), zone.stays(), standsBy));
      }
    }
    for (Axis axis : Axis.values()) {
      planes[axis.ordinal()] = planes(axis, check.zones());
    }
    edges = new float[places() * 3];
    spare = new float[places()];
    Arrays.fill(spare, Float.NaN);
  }

  /**
   * A convex piece of a zone.
   *
   * @param keeps what a hose keeps from it, m
   * @param standsBy of each port, whether it is screwed to the zone
   */
  private record Piece(Shape shape, Box box, double keeps, boolean stays, boolean[] standsBy) {
    /** m. Most are boxes, for which that is a few sums. */
    double far(Vector3D p) {
      return shape == box ? RouteGrid.far(box, p.getX(), p.getY(), p.getZ()) : Gap.from(p, shape);
    }
  }

  private static List<Shape> parts(Shape shape) {
    if (!(shape instanceof Tube tube)) {
      return List.of(shape);
    }
    List<Shape> parts = new ArrayList<>();
    for (int i = 1; i < tube.points().size(); i++) {
      parts.add(new Tube(tube.points().subList(i - 1, i + 1), tube.radius()));
    }
    return parts;
  }

  /** Where a hose has left the grip of its port. */
  static Vector3D gripped(Port port) {
    return port.at().add(port.looks().vector().scalarMultiply(Route.GRIP));
  }

  private double[] planes(Axis axis, List<Zone> zones) {
    TreeSet<Double> fixed = new TreeSet<>();
    ports.forEach(p -> fixed.add(axis.of(gripped(p))));
    double low = fixed.first() - ROOM;
    double high = fixed.last() + ROOM;
    double r = hose.leastRadius();
    List<Double> wished = new ArrayList<>();
    for (double own : fixed) {
      wished.addAll(List.of(own - r, own + r, own - 2 * r, own + 2 * r));
    }
    for (Zone zone : zones) {
      Box box = zone.shape().bounds();
      double off = zone.surely() + hose.outside() / 2 + CHORD_ERROR;
      wished.add(box.low(axis) - off);
      wished.add(box.high(axis) + off);
    }
    Collections.sort(wished);
    wished.removeIf(w -> w <= low || w >= high);
    double apart = 1;
    TreeSet<Double> planes = laid(fixed, wished, apart);
    while (planes.size() > MOST_PLANES) {
      apart *= SPARSER;
      planes = laid(fixed, wished, apart);
    }
    return planes.stream().mapToDouble(p -> p).toArray();
  }

  /** Those that are needed, those wished that stand alone, and more where they are far apart. */
  private static TreeSet<Double> laid(TreeSet<Double> fixed, List<Double> wished, double apart) {
    TreeSet<Double> planes = new TreeSet<>(fixed);
    for (double wish : wished) {
      if (alone(planes, wish, TOGETHER * apart)) {
        planes.add(wish);
      }
    }
    Double before = null;
    for (double plane : List.copyOf(planes)) {
      if (before != null) {
        int parts = (int) Math.ceil((plane - before) / (COARSE * apart));
        for (int i = 1; i < parts; i++) {
          planes.add(before + (plane - before) * i / parts);
        }
      }
      before = plane;
    }
    return planes;
  }

  private static boolean alone(TreeSet<Double> planes, double wish, double apart) {
    Double under = planes.floor(wish);
    Double over = planes.ceiling(wish);
    return (under == null || wish - under > apart) && (over == null || over - wish > apart);
  }

  /** How many pieces a step may have to be held against. */
  int pieces() {
    return pieces.size();
  }

  /** How many places there are. */
  int places() {
    return planes[0].length * planes[1].length * planes[2].length;
  }

  /** Of a point through which planes were laid the number of its plane along each axis. */
  int[] place(Vector3D point) {
    int[] place = new int[3];
    for (Axis axis : Axis.values()) {
      place[axis.ordinal()] = Arrays.binarySearch(planes[axis.ordinal()], axis.of(point));
    }
    return place;
  }

  int node(int[] place) {
    return (place[2] * planes[1].length + place[1]) * planes[0].length + place[0];
  }

  int[] at(int node) {
    int rest = node / planes[0].length;
    return new int[] {node % planes[0].length, rest % planes[1].length, rest / planes[1].length};
  }

  Vector3D point(int[] place) {
    return new Vector3D(planes[0][place[0]], planes[1][place[1]], planes[2][place[2]]);
  }

  double plane(int axis, int number) {
    return planes[axis][number];
  }

  /** 1 for a way along its axis, −1 for one against it. */
  int sign(int way) {
    return SIGNS[way];
  }

  /** Between two places along an axis, m. */
  double apart(int[] a, int[] b, Axis axis) {
    int k = axis.ordinal();
    return Math.abs(planes[k][a[k]] - planes[k][b[k]]);
  }

  /** One step on, null where the room ends. */
  int[] next(int[] place, int way) {
    int k = WAYS[way].axis().ordinal();
    int number = place[k] + sign(way);
    if (number < 0 || number >= planes[k].length) {
      return null;
    }
    int[] next = place.clone();
    next[k] = number;
    return next;
  }

  /** What a step to the next place costs, m; negative where it is barred. */
  double edge(int[] one, int[] other) {
    int axis = one[0] != other[0] ? 0 : one[1] != other[1] ? 1 : 2;
    int[] low = one[axis] < other[axis] ? one : other;
    int node = node(low);
    int index = node * 3 + axis;
    if (edges[index] == 0) {
      int[] high = low == one ? other : one;
      double length = planes[axis][high[axis]] - planes[axis][low[axis]];
      double barred =
          spare(node) >= length + hose.outside() / 2
              ? 0
              : barred(List.of(point(low), point(high)), hose.outside() / 2);
      edges[index] = (float) (barred < 0 ? -1 : length * factor(low) + barred);
    }
    return edges[index];
  }

  /** What a metre counts for at a place. */
  private double factor(int[] place) {
    double toMetal = Double.POSITIVE_INFINITY;
    for (Piece piece : pieces) {
      if (piece.stays) {
        toMetal = Math.min(toMetal, far(piece.box, place));
      }
    }
    return (toMetal > RouteCheck.CLIP_REACH ? NOTHING_TO_CLIP : 1)
        * (planes[1][place[1]] < lowest ? LOW_COST : 1)
        * (planes[1][place[1]] > highest ? HIGH_COST : 1);
  }

  private double spare(int node) {
    if (Float.isNaN(spare[node])) {
      int[] place = at(node);
      double least = 1;
      for (Piece piece : pieces) {
        least = Math.min(least, far(piece.box, place) - piece.keeps);
      }
      spare[node] = (float) (least - 1e-6);
    }
    return spare[node];
  }

  private double far(Box box, int[] place) {
    return far(box, planes[0][place[0]], planes[1][place[1]], planes[2][place[2]]);
  }

  /** From a place to a box, m. */
  private static double far(Box b, double px, double py, double pz) {
    double x = Math.max(0, Math.max(b.x() - px, px - b.right()));
    double y = Math.max(0, Math.max(b.y() - py, py - b.top()));
    double z = Math.max(0, Math.max(b.z() - pz, pz - b.back()));
    return Math.sqrt(x * x + y * y + z * z);
  }

  /**
   * What a bent piece of hose costs for the zones on it; negative where it is barred.
   *
   * @param line chords of its arcs
   * @param node a place from which all of it is within reach
   * @param reach m
   */
  double barred(List<Vector3D> line, int node, double reach) {
    double around = hose.outside() / 2 + CHORD_ERROR;
    return spare(node) >= reach + around ? 0 : barred(line, around);
  }

  private double barred(List<Vector3D> line, double around) {
    double cost = 0;
    Vector3D a = line.get(0);
    Vector3D b = line.get(line.size() - 1);
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length += line.get(i).distance(line.get(i - 1));
    }
    for (Piece piece : pieces) {
      double keeps = piece.keeps + around;
      // Most things are far away, which the distance of one end from the box round them tells.
      if (far(piece.box, a.getX(), a.getY(), a.getZ()) < keeps + length
          && !leaving(piece, a, b)
          && nearer(line, piece, keeps)) {
        if (!through) {
          return -1;
        }
        cost += THROUGH_COST;
      }
    }
    return cost;
  }

  private static boolean nearer(List<Vector3D> line, Piece piece, double least) {
    double before = piece.far(line.get(0));
    for (int i = 1; i < line.size(); i++) {
      double there = piece.far(line.get(i));
      if (nearer(line.get(i - 1), before, line.get(i), there, piece, least)) {
        return true;
      }
      before = there;
    }
    return false;
  }

  /**
   * Whether any place of a straight line is nearer to a convex piece than so much. How far it is
   * away along the line is convex: it lies over what the other half, drawn on, would give.
   */
  private static boolean nearer(
      Vector3D a, double fromA, Vector3D b, double fromB, Piece piece, double least) {
    if (Math.min(fromA, fromB) < least) {
      return true;
    }
    double length = a.distance(b);
    if ((fromA + fromB - length) / 2 >= least || length < 1e-4) {
      return false;
    }
    Vector3D middle = a.add(b).scalarMultiply(0.5);
    double there = piece.far(middle);
    if (there >= least && 2 * there - Math.max(fromA, fromB) >= least - 1e-6) {
      return false;
    }
    return nearer(a, fromA, middle, there, piece, least)
        || nearer(middle, there, b, fromB, piece, least);
  }

  /** Still at a port that stands by the zone. */
  private boolean leaving(Piece piece, Vector3D a, Vector3D b) {
    double far = Near.leaves(hose) + 1e-6;
    for (int k = 0; k < ports.size(); k++) {
      Vector3D at = ports.get(k).at();
      if (piece.standsBy[k] && a.distance(at) <= far && b.distance(at) <= far) {
        return true;
      }
    }
    return false;
  }
}
