package roadbreeze.core.route;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Gap;

/**
 * Lays a hose between two ports: along the axes, round corners of its least radius, clear of every
 * zone by what a hose keeps from it and by its plus-minus; then straighter where that is clear too.
 * What it gives has been held against the zones as it runs, arcs and all.
 *
 * <p>An A* search (Hart, Nilsson and Raphael 1968) over the planes that the zones' faces make; a
 * state is a place, the way that the hose runs there, and how much of it is straight.
 */
public final class RouteFinder {
  /** What a search came to: a route, or what stands in its way. */
  public sealed interface Result {
    /** A route that keeps clear of everything. */
    record Laid(Route route) implements Result {}

    /** There is none; it would have to go through these. */
    record Blocked(List<Name> by) implements Result {}
  }

  /** Round what both ends span, m. */
  private static final double ROOM = 0.35;

  /** Planes nearer than this are one, m. */
  private static final double TOGETHER = 0.006;

  /** Between planes no wider than this, m. */
  private static final double COARSE = 0.070;

  /** A bend is worth going so much farther, m. */
  private static final double BEND_COST = 0.12;

  /** Farther from metal than a clip can reach each metre counts for more. */
  private static final double NOTHING_TO_CLIP = 1.25;

  /** Under the bumper each metre counts for so much. */
  private static final double LOW_COST = 3;

  /** Through a zone, where only that leads there, m. */
  private static final double THROUGH_COST = 0.5;

  /** What is still to go counts for more than what is gone: sooner found, seldom longer. */
  private static final double GREED = 1.15;

  /** The same where only what bars the way is asked. */
  private static final double PUSHING_GREED = 4;

  private static final int MOST_STATES = 80_000;

  /** Chords of an arc lie so far inside of it, m. */
  private static final double CHORD_ERROR = 0.0015;

  private static final Direction[] WAYS = Direction.values();

  private final Port from;
  private final Port to;
  private final HoseSize hose;
  private final RouteCheck check;
  private final List<Zone> zones;
  private final Box[] boxes;
  private final double[][] planes = new double[3][];
  private final int[] start = new int[3];
  private final int[] goal = new int[3];
  private final Vector3D begin;
  private final Vector3D end;
  private final boolean through;

  /** Costs of steps: of a place three, across, up and back; 0 where not yet known. */
  private final float[] edges;

  private RouteFinder(Port from, Port to, HoseSize hose, RouteCheck check, boolean through) {
    this.from = from;
    this.to = to;
    this.hose = hose;
    this.check = check;
    this.through = through;
    zones = check.zones();
    boxes = zones.stream().map(z -> z.shape().bounds()).toArray(Box[]::new);
    begin = from.at().add(from.looks().vector().scalarMultiply(Route.GRIP));
    end = to.at().add(to.looks().vector().scalarMultiply(Route.GRIP));
    for (Axis axis : Axis.values()) {
      int k = axis.ordinal();
      planes[k] = planes(axis);
      start[k] = Arrays.binarySearch(planes[k], axis.of(begin));
      goal[k] = Arrays.binarySearch(planes[k], axis.of(end));
    }
    edges = new float[planes[0].length * planes[1].length * planes[2].length * 3];
  }

  /**
   * @param check zones that it keeps clear of
   * @throws roadbreeze.core.problem.BadInputException if a port lies outside the frame
   */
  public static Result lay(Port from, Port to, HoseSize hose, RouteCheck check) {
    RouteFinder finder = new RouteFinder(from, to, hose, check, false);
    List<Vector3D> corners = finder.reaches() ? finder.search() : null;
    if (corners != null) {
      Route laid = finder.route(corners);
      if (finder.clear(laid)) {
        return new Result.Laid(finder.straightened(laid));
      }
    }
    RouteFinder pushing = new RouteFinder(from, to, hose, check, true);
    List<Vector3D> forced = pushing.search();
    Set<Name> by = new LinkedHashSet<>();
    if (forced != null) {
      Near.of(pushing.route(forced), check.zones(), 0.5).stream()
          .filter(n -> n.toSpare() < 0)
          .forEach(n -> by.add(n.zone().name()));
    }
    return new Result.Blocked(List.copyOf(by));
  }

  private double[] planes(Axis axis) {
    double low = Math.min(axis.of(begin), axis.of(end)) - ROOM;
    double high = Math.max(axis.of(begin), axis.of(end)) + ROOM;
    TreeSet<Double> fixed = new TreeSet<>(List.of(axis.of(begin), axis.of(end)));
    List<Double> wished = new ArrayList<>();
    double r = hose.leastRadius();
    for (double own : List.copyOf(fixed)) {
      wished.addAll(List.of(own - r, own + r, own - 2 * r, own + 2 * r));
    }
    for (Zone zone : zones) {
      Box box = zone.shape().bounds();
      double off = zone.surely() + hose.outside() / 2 + CHORD_ERROR;
      wished.add(box.low(axis) - off);
      wished.add(box.high(axis) + off);
    }
    Collections.sort(wished);
    TreeSet<Double> planes = new TreeSet<>(fixed);
    for (double wish : wished) {
      if (wish > low && wish < high && apart(planes, wish) > TOGETHER) {
        planes.add(wish);
      }
    }
    Double before = null;
    for (double plane : List.copyOf(planes)) {
      if (before != null && plane - before > COARSE) {
        int parts = (int) Math.ceil((plane - before) / COARSE);
        for (int i = 1; i < parts; i++) {
          planes.add(before + (plane - before) * i / parts);
        }
      }
      before = plane;
    }
    return planes.stream().mapToDouble(p -> p).toArray();
  }

  private static double apart(TreeSet<Double> planes, double wish) {
    Double under = planes.floor(wish);
    Double over = planes.ceiling(wish);
    return Math.min(
        under == null ? 10 : wish - under, over == null ? 10 : over - wish);
  }

  /** A place of the search. */
  private record State(int node, int way, double run, double cost, double least, State before) {
    /** Enough straight for none, one or two half turns. */
    int straight(double radius) {
      return run < radius - 1e-9 ? 0 : run < 2 * radius - 1e-9 ? 1 : 2;
    }
  }

  private int node(int x, int y, int z) {
    return (z * planes[1].length + y) * planes[0].length + x;
  }

  private int[] places(int node) {
    int x = node % planes[0].length;
    int rest = node / planes[0].length;
    return new int[] {x, rest % planes[1].length, rest / planes[1].length};
  }

  private Vector3D at(int[] place) {
    return new Vector3D(planes[0][place[0]], planes[1][place[1]], planes[2][place[2]]);
  }

  /** Corners of the cheapest way from port to port, null where there is none. */
  private List<Vector3D> search() {
    double radius = hose.leastRadius();
    int nodes = planes[0].length * planes[1].length * planes[2].length;
    double[] best = new double[nodes * 18];
    Arrays.fill(best, Double.POSITIVE_INFINITY);
    PriorityQueue<State> open =
        new PriorityQueue<>(
            (a, b) ->
                a.least != b.least
                    ? Double.compare(a.least, b.least)
                    : Double.compare(b.cost, a.cost));
    int first = node(start[0], start[1], start[2]);
    int last = node(goal[0], goal[1], goal[2]);
    int arrives = opposite(to.looks().ordinal());
    // The first bend needs one half turn of straight before it, as if the other were behind it.
    open.add(new State(first, from.looks().ordinal(), radius, 0, ahead(start, from.looks().ordinal()), null));
    int done = 0;
    while (!open.isEmpty() && done++ < MOST_STATES) {
      State s = open.poll();
      int key = key(s, radius);
      if (s.cost > best[key]) {
        continue;
      }
      if (s.node == last && s.way == arrives && s.straight(radius) >= 1) {
        return corners(s);
      }
      int[] place = places(s.node);
      for (int way = 0; way < WAYS.length; way++) {
        if (way == s.way) {
          go(s, place, way, s.run, 0, best, open);
        } else if (way != opposite(s.way) && s.straight(radius) == 2) {
          double turn = turn(at(place), WAYS[s.way], WAYS[way]);
          if (turn >= 0) {
            go(s, place, way, 0, BEND_COST + turn, best, open);
          }
        }
      }
    }
    return null;
  }

  private static int key(State s, double radius) {
    return (s.node * 6 + s.way) * 3 + s.straight(radius);
  }

  private static int opposite(int way) {
    return way ^ 1;
  }

  private void go(
      State s,
      int[] place,
      int way,
      double run,
      double extra,
      double[] best,
      PriorityQueue<State> open) {
    int[] next = next(place, way);
    if (next == null) {
      return;
    }
    double edge = edge(place, next);
    if (edge < 0) {
      return;
    }
    double length = at(next).distance(at(place));
    double cost = s.cost + edge + extra;
    int node = node(next[0], next[1], next[2]);
    State there = new State(node, way, run + length, cost, cost + ahead(next, way), s);
    int key = key(there, hose.leastRadius());
    // Who is there for less, with more straight behind, can do all that this one can.
    for (int better = key; better < key - key % 3 + 3; better++) {
      if (best[better] <= cost + 1e-12) {
        return;
      }
    }
    best[key] = cost;
    open.add(there);
  }

  /** No way from there to the goal costs less, m. */
  private double ahead(int[] place, int way) {
    double ahead = 0;
    int bends = 0;
    for (int k = 0; k < 3; k++) {
      double left = planes[k][goal[k]] - planes[k][place[k]];
      ahead += Math.abs(left);
      Direction d = WAYS[way];
      boolean along = d.axis().ordinal() == k;
      if (along && left * d.axis().of(d.vector()) < 0) {
        bends += 2;
      } else if (!along && left != 0) {
        bends++;
      }
    }
    int arrives = opposite(to.looks().ordinal());
    if (bends == 0 && way != arrives) {
      bends = way == opposite(arrives) ? 2 : 1;
    }
    return (through ? PUSHING_GREED : GREED) * (ahead + BEND_COST * bends);
  }

  /** Whether any way at all leads from one end to the other, however sharp its bends. */
  private boolean reaches() {
    int first = node(start[0], start[1], start[2]);
    BitSet seen = new BitSet();
    Deque<Integer> open = new ArrayDeque<>();
    open.add(node(goal[0], goal[1], goal[2]));
    while (!open.isEmpty()) {
      int node = open.poll();
      if (node == first) {
        return true;
      }
      int[] place = places(node);
      for (int way = 0; way < WAYS.length; way++) {
        int[] next = next(place, way);
        if (next != null) {
          int there = node(next[0], next[1], next[2]);
          if (!seen.get(there) && edge(place, next) >= 0) {
            seen.set(there);
            open.add(there);
          }
        }
      }
    }
    return false;
  }

  /** One step on, null where the room ends. */
  private int[] next(int[] place, int way) {
    Direction d = WAYS[way];
    int axis = d.axis().ordinal();
    int[] next = place.clone();
    next[axis] += d.axis().of(d.vector()) > 0 ? 1 : -1;
    return next[axis] < 0 || next[axis] >= planes[axis].length ? null : next;
  }


  /** What a step to the next place costs, worked out once; negative where it is barred. */
  private double edge(int[] one, int[] other) {
    int axis = one[0] != other[0] ? 0 : one[1] != other[1] ? 1 : 2;
    int[] low = one[axis] < other[axis] ? one : other;
    int[] high = low == one ? other : one;
    int index = node(low[0], low[1], low[2]) * 3 + axis;
    if (edges[index] == 0) {
      Vector3D a = at(low);
      Vector3D b = at(high);
      double barred = barred(List.of(a, b), hose.outside() / 2);
      double length = a.distance(b);
      Vector3D middle = a.add(b).scalarMultiply(0.5);
      double factor =
          (check.toMetal(middle) > RouteCheck.CLIP_REACH ? NOTHING_TO_CLIP : 1)
              * (middle.getY() < check.lowest().orElse(-10) ? LOW_COST : 1);
      edges[index] = (float) (barred < 0 ? -1 : length * factor + barred);
    }
    return edges[index];
  }

  /** What a bend costs beside; negative where its arc is barred. */
  private double turn(Vector3D corner, Direction in, Direction out) {
    double r = hose.leastRadius();
    List<Vector3D> arc = new ArrayList<>();
    for (int i = 0; i <= 4; i++) {
      double turned = Math.PI / 2 * i / 4;
      arc.add(
          corner
              .add(in.vector().scalarMultiply(r * (Math.sin(turned) - 1)))
              .add(out.vector().scalarMultiply(r * (1 - Math.cos(turned)))));
    }
    return barred(arc, hose.outside() / 2 + CHORD_ERROR);
  }

  /** Zones on a piece of way, at their cost; negative where none may be passed. */
  private double barred(List<Vector3D> line, double radius) {
    double cost = 0;
    Vector3D a = line.get(0);
    Vector3D b = line.get(line.size() - 1);
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length += line.get(i).distance(line.get(i - 1));
    }
    for (int i = 0; i < boxes.length; i++) {
      Zone zone = zones.get(i);
      double keeps = zone.surely() + radius;
      // Most things are far away, which the distance of one end from the box round them tells.
      if (far(boxes[i], a) < keeps + length && !leaving(zone, a, b) && nearer(line, zone, keeps)) {
        if (!through) {
          return -1;
        }
        cost += THROUGH_COST;
      }
    }
    return cost;
  }

  /** From a place to a box, m. */
  private static double far(Box box, Vector3D p) {
    double x = Math.max(0, Math.max(box.x() - p.getX(), p.getX() - box.right()));
    double y = Math.max(0, Math.max(box.y() - p.getY(), p.getY() - box.top()));
    double z = Math.max(0, Math.max(box.z() - p.getZ(), p.getZ() - box.back()));
    return Math.sqrt(x * x + y * y + z * z);
  }

  private static boolean nearer(List<Vector3D> line, Zone zone, double least) {
    double before = Gap.from(line.get(0), zone.shape());
    for (int i = 1; i < line.size(); i++) {
      double there = Gap.from(line.get(i), zone.shape());
      if (Gap.nearer(line.get(i - 1), before, line.get(i), there, zone.shape(), least)) {
        return true;
      }
      before = there;
    }
    return false;
  }

  /** Still at the port that stands by the zone. */
  private boolean leaving(Zone zone, Vector3D a, Vector3D b) {
    double far = Near.leaves(hose) + 1e-6;
    return Near.standsBy(from, zone, hose)
            && a.distance(from.at()) <= far
            && b.distance(from.at()) <= far
        || Near.standsBy(to, zone, hose) && a.distance(to.at()) <= far && b.distance(to.at()) <= far;
  }

  private List<Vector3D> corners(State last) {
    List<Vector3D> corners = new ArrayList<>();
    for (State s = last; s.before != null; s = s.before) {
      if (s.way != s.before.way) {
        corners.add(0, at(places(s.before.node)));
      }
    }
    return corners;
  }

  private Route route(List<Vector3D> corners) {
    List<Bend> bends = corners.stream().map(c -> new Bend(c, hose.leastRadius())).toList();
    return new Route(from, bends, to, hose);
  }

  /** Kept by every zone and bend as it runs. */
  private boolean clear(Route route) {
    for (Route.Corner c : route.corners()) {
      if (c.angle() > Math.PI / 2 + 1e-6 || c.radius() < hose.leastRadius() - 1e-6) {
        return false;
      }
    }
    double reach = zones.stream().mapToDouble(Zone::surely).max().orElse(0);
    return Near.of(route, zones, reach).stream().allMatch(n -> n.toSpare() >= 0);
  }

  /** Corners left out where the way is shorter and still clear without them. */
  private Route straightened(Route laid) {
    Route best = laid;
    boolean shorter = true;
    while (shorter) {
      shorter = false;
      for (int count = 2; count >= 1; count--) {
        for (int i = 0; i + count <= best.bends().size(); i++) {
          List<Bend> fewer = new ArrayList<>(best.bends());
          fewer.subList(i, i + count).clear();
          Route without = best.through(fewer);
          if (without.length() < best.length() && rises(without) <= rises(best) + 1e-6 && clear(without)) {
            best = without;
            shorter = true;
          }
        }
      }
    }
    return best;
  }

  private static double rises(Route route) {
    return route.line().stream().mapToDouble(Vector3D::getY).max().orElseThrow();
  }

  /** A check against zones alone, for what is laid where nothing else is known. */
  static RouteCheck among(List<Zone> zones) {
    return new RouteCheck(zones, OptionalDouble.empty());
  }
}
