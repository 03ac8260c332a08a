package roadbreeze.core.route;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Direction;

/**
 * Lays a hose between two ports: along the axes, round corners of its least radius and by slight
 * steps aside, clear of every zone by what a hose keeps from it and by its plus-minus; then
 * straighter where that is clear too. A port may wear an elbow where that helps. What it gives has
 * been held against the zones as it runs, arcs and all.
 *
 * <p>An A* search (Hart, Nilsson and Raphael 1968) over the planes of a {@link RouteGrid}; a state
 * is a place, the way that the hose runs there, and how much of it is straight.
 */
public final class RouteFinder {
  /** What a search came to: a route, or what stands in its way. */
  public sealed interface Result {
    /** A route that keeps clear of everything. */
    record Laid(Route route) implements Result {}

    /** There is none; it would have to go through these. */
    record Blocked(List<Name> by) implements Result {}
  }

  /** A bend is worth going so much farther, m. */
  private static final double BEND_COST = 0.12;

  /** So is an elbow, which must be bought and can leak, m. */
  private static final double ELBOW_COST = 0.25;

  /** What is still to go counts for more than what is gone: sooner found, seldom longer. */
  private static final double GREED = 1.4;

  /** The same where only what bars the way is asked. */
  private static final double PUSHING_GREED = 4;

  private static final int MOST_STATES = 80_000;

  /** Fewer where there is much to hold each against. */
  private static final int MOST_WORK = 5_000_000;

  /** An end from which so many places can be reached is not shut in. */
  private static final int SHUT_IN = 4_000;

  private static final Direction[] WAYS = Direction.values();

  private final List<Port> froms;
  private final List<Port> tos;
  private final HoseSize hose;
  private final double radius;
  private final RouteGrid grid;
  private final double greed;

  /** Straight that is left between two bends, m. */
  private final double between;

  private final int[][] goals;
  private final float[] best;

  /** What each quarter bend costs, worked out once. */
  private final Map<Integer, Double> turns = new HashMap<>();

  private final PriorityQueue<State> open =
      new PriorityQueue<>(
          (a, b) ->
              a.least != b.least
                  ? Double.compare(a.least, b.least)
                  : Double.compare(b.cost, a.cost));

  private RouteFinder(
      List<Port> froms,
      List<Port> tos,
      HoseSize hose,
      RouteGrid grid,
      double greed,
      double between) {
    this.froms = froms;
    this.tos = tos;
    this.hose = hose;
    this.grid = grid;
    this.greed = greed;
    this.between = between;
    radius = hose.leastRadius();
    goals = tos.stream().map(p -> grid.place(RouteGrid.gripped(p))).toArray(int[][]::new);
    best = new float[grid.places() * WAYS.length * 3];
    Arrays.fill(best, Float.POSITIVE_INFINITY);
  }

  /**
   * @param from with every elbow that it may wear, the bare port first
   * @param to likewise
   * @param check zones that it keeps clear of
   * @throws roadbreeze.core.problem.BadInputException if a port lies outside the frame
   */
  public static Result lay(List<Port> from, List<Port> to, HoseSize hose, RouteCheck check) {
    RouteGrid grid = new RouteGrid(from, to, hose, check, false);
    boolean shutIn = false;
    // Rather with straight to turn in between bends; where that finds no way, without.
    for (double between : new double[] {RouteCheck.TWIST_STRAIGHT * hose.outside(), 0}) {
      RouteFinder finder = new RouteFinder(from, to, hose, grid, GREED, between);
      shutIn = shutIn || finder.shutIn();
      Route laid = shutIn ? null : finder.search();
      if (laid != null && clear(laid, check)) {
        return new Result.Laid(straightened(laid, check));
      }
    }
    RouteGrid open = new RouteGrid(from.subList(0, 1), to.subList(0, 1), hose, check, true);
    Route forced =
        new RouteFinder(from.subList(0, 1), to.subList(0, 1), hose, open, PUSHING_GREED, 0)
            .search();
    Set<Name> by = new LinkedHashSet<>();
    if (forced != null) {
      Near.of(forced, check.zones(), check.reach()).stream()
          .filter(n -> n.toSpare() < 0)
          .forEach(n -> by.add(n.zone().name()));
    }
    return new Result.Blocked(List.copyOf(by));
  }

  /**
   * A place of the search.
   *
   * @param run straight behind since the last bend's arc ended, m; negative while still in it
   * @param jog corners on the way here that are no turn, empty but after a step aside
   * @param port of those it may leave, the one it left
   */
  private record State(
      int node,
      int way,
      double run,
      double cost,
      double least,
      State before,
      List<Vector3D> jog,
      int port) {
    /** In an arc; straight, but not enough for a quarter bend; enough. */
    int straight(double enough) {
      return run < -1e-9 ? 0 : run < enough - 1e-9 ? 1 : 2;
    }
  }

  /** The cheapest way from port to port, null where there is none. */
  private Route search() {
    for (int i = 0; i < froms.size(); i++) {
      int[] start = grid.place(RouteGrid.gripped(froms.get(i)));
      int way = froms.get(i).looks().ordinal();
      double cost = i == 0 ? 0 : ELBOW_COST;
      open.add(
          new State(
              grid.node(start), way, between, cost, cost + ahead(start, way), null, List.of(), i));
    }
    int most = Math.min(MOST_STATES, MOST_WORK / Math.max(1, grid.pieces()));
    int done = 0;
    while (!open.isEmpty() && done++ < most) {
      State s = open.poll();
      if (s.cost > best[key(s)] + 1e-6) {
        continue;
      }
      int goal = arrived(s);
      if (goal >= 0) {
        return route(s, goal);
      }
      int[] place = grid.at(s.node);
      for (int way = 0; way < WAYS.length; way++) {
        if (way == s.way) {
          go(s, place, way, s.run, 0);
        } else if (way != opposite(s.way) && s.straight(radius + between) == 2) {
          double turn = turn(place, WAYS[s.way], WAYS[way]);
          if (turn >= 0) {
            go(s, place, way, -radius, BEND_COST + turn);
          }
        }
      }
      if (s.straight(radius + between) > 0) {
        aside(s, place);
      }
    }
    return null;
  }

  /** Which of the ports the hose has come to, −1 for none. */
  private int arrived(State s) {
    for (int i = 0; i < goals.length; i++) {
      if (s.node == grid.node(goals[i])
          && s.way == opposite(tos.get(i).looks().ordinal())
          && s.straight(radius + between) >= 1) {
        return i;
      }
    }
    return -1;
  }

  private int key(State s) {
    return (s.node * WAYS.length + s.way) * 3 + s.straight(radius + between);
  }

  private static int opposite(int way) {
    return way ^ 1;
  }

  private void go(State s, int[] place, int way, double run, double extra) {
    int[] next = grid.next(place, way);
    double edge = next == null ? -1 : grid.edge(place, next);
    if (edge >= 0) {
      double length = grid.apart(place, next, WAYS[way].axis());
      reach(s, next, way, run + length, s.cost + edge + extra, List.of());
    }
  }

  private void reach(State s, int[] next, int way, double run, double cost, List<Vector3D> jog) {
    State there =
        new State(grid.node(next), way, run, cost, cost + ahead(next, way), s, jog, s.port);
    int key = key(there);
    // Who is there for less, with more straight behind, can do all that this one can.
    for (int better = key; better < key - key % 3 + 3; better++) {
      if (best[better] <= cost + 1e-6) {
        return;
      }
    }
    best[key] = (float) cost;
    open.add(there);
  }

  /** No way from there to any goal costs less, m; more by the search's greed. */
  private double ahead(int[] place, int way) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < goals.length; i++) {
      double cost = i == 0 ? 0 : ELBOW_COST;
      least = Math.min(least, cost + ahead(place, way, goals[i], tos.get(i).looks()));
    }
    return greed * least;
  }

  private double ahead(int[] place, int way, int[] goal, Direction looks) {
    double ahead = 0;
    int bends = 0;
    int along = WAYS[way].axis().ordinal();
    for (int k = 0; k < 3; k++) {
      double left = grid.plane(k, goal[k]) - grid.plane(k, place[k]);
      ahead += Math.abs(left);
      if (k == along) {
        bends += left * grid.sign(way) < 0 ? 2 : 0;
      } else {
        bends += left != 0 ? 1 : 0;
      }
    }
    int arrives = opposite(looks.ordinal());
    if (bends == 0 && way != arrives) {
      bends = way == opposite(arrives) ? 2 : 1;
    }
    return ahead + BEND_COST * bends;
  }

  /**
   * Whether an end of it is shut in, however sharp its bends: few places can be reached from the
   * one end, and none of them is the other.
   */
  private boolean shutIn() {
    BitSet sought = new BitSet();
    froms.forEach(p -> sought.set(grid.node(grid.place(RouteGrid.gripped(p)))));
    BitSet seen = new BitSet();
    Deque<int[]> open = new ArrayDeque<>(List.of(goals));
    int count = 0;
    while (!open.isEmpty()) {
      int[] place = open.poll();
      if (sought.get(grid.node(place)) || count > SHUT_IN) {
        return false;
      }
      for (int way = 0; way < WAYS.length; way++) {
        int[] next = grid.next(place, way);
        if (next != null && !seen.get(grid.node(next)) && grid.edge(place, next) >= 0) {
          seen.set(grid.node(next));
          open.add(next);
          count++;
        }
      }
    }
    return true;
  }

  /** What a quarter bend costs beside; negative where its arc is barred. */
  private double turn(int[] corner, Direction in, Direction out) {
    int bend = (grid.node(corner) * WAYS.length + in.ordinal()) * WAYS.length + out.ordinal();
    return turns.computeIfAbsent(bend, b -> arc(corner, in, out));
  }

  private double arc(int[] corner, Direction in, Direction out) {
    Vector3D start = grid.point(corner).subtract(in.vector().scalarMultiply(radius));
    List<Vector3D> arc = new ArrayList<>();
    for (int i = 0; i <= 4; i++) {
      arc.add(Route.onArc(start, in.vector(), out.vector(), radius, Math.PI / 2 * i / 4));
    }
    return grid.barred(arc, grid.node(corner), radius);
  }

  /**
   * Steps aside of less than two quarter bends, by two slighter ones: to what the goal lies in line
   * with, and to every plane where the way ahead is soon barred.
   */
  private void aside(State s, int[] place) {
    double most = 2 * radius;
    boolean barred = barredAhead(place, s.way, most);
    for (int side = 0; side < WAYS.length; side++) {
      int k = WAYS[side].axis().ordinal();
      if (WAYS[side].axis() == WAYS[s.way].axis()) {
        continue;
      }
      int[] beside = grid.next(place, side);
      while (beside != null && grid.apart(place, beside, WAYS[side].axis()) < most) {
        if (barred || inLine(beside[k], k)) {
          jog(s, place, side, beside[k]);
        }
        beside = grid.next(beside, side);
      }
    }
  }

  private boolean inLine(int plane, int k) {
    for (int[] goal : goals) {
      if (goal[k] == plane) {
        return true;
      }
    }
    return false;
  }

  private boolean barredAhead(int[] place, int way, double far) {
    int[] at = place;
    while (grid.apart(place, at, WAYS[way].axis()) < far) {
      int[] next = grid.next(at, way);
      if (next == null || grid.edge(at, next) < 0) {
        return true;
      }
      at = next;
    }
    return false;
  }

  /** By 45° where that is far enough aside, by less for less. */
  private void jog(State s, int[] place, int side, int plane) {
    int k = WAYS[side].axis().ordinal();
    double d = Math.abs(grid.plane(k, plane) - grid.plane(k, place[k]));
    double angle = Math.min(Math.PI / 4, Math.acos(1 - d / (2 * radius)));
    double tangent = radius * Math.tan(angle / 2);
    if (s.run < tangent + between - 1e-9) {
      return;
    }
    double diagonal = Math.max(0, (d - 2 * radius * (1 - Math.cos(angle))) / Math.sin(angle));
    double ahead = 2 * radius * Math.sin(angle) + diagonal * Math.cos(angle);
    int[] to = place.clone();
    to[k] = plane;
    while (to != null && grid.apart(place, to, WAYS[s.way].axis()) < ahead - 1e-9) {
      to = grid.next(to, s.way);
    }
    if (to == null) {
      return;
    }
    Vector3D way = WAYS[s.way].vector();
    Vector3D aside = WAYS[side].vector();
    Vector3D from = grid.point(place);
    Vector3D over = from.add(way.scalarMultiply(ahead)).add(aside.scalarMultiply(d));
    List<Vector3D> line = new ArrayList<>();
    for (int i = 0; i <= 4; i++) {
      line.add(Route.onArc(from, way, aside, radius, angle * i / 4));
    }
    for (int i = 4; i >= 0; i--) {
      line.add(Route.onArc(over, way.negate(), aside.negate(), radius, angle * i / 4));
    }
    line.add(grid.point(to));
    double rest = over.distance(grid.point(to));
    double length = rest + 2 * radius * angle + diagonal;
    double barred = grid.barred(line, s.node, length);
    if (barred >= 0) {
      List<Vector3D> corners =
          List.of(
              from.add(way.scalarMultiply(tangent)), over.subtract(way.scalarMultiply(tangent)));
      reach(s, to, s.way, rest, s.cost + length + BEND_COST + barred, corners);
    }
  }

  private Route route(State last, int goal) {
    List<Bend> bends = new ArrayList<>();
    for (State s = last; s.before != null; s = s.before) {
      if (s.way != s.before.way) {
        bends.add(0, new Bend(grid.point(grid.at(s.before.node)), radius));
      }
      bends.addAll(0, s.jog.stream().map(c -> new Bend(c, radius)).toList());
    }
    return new Route(froms.get(last.port), bends, tos.get(goal), hose);
  }

  /** Kept by every zone and bend as it runs. */
  private static boolean clear(Route route, RouteCheck check) {
    for (Route.Corner c : route.corners()) {
      if (c.angle() > Math.PI / 2 + 1e-6 || c.radius() < route.hose().leastRadius() - 1e-6) {
        return false;
      }
    }
    return Near.of(route, check.zones(), check.reach()).stream().allMatch(n -> n.toSpare() >= 0);
  }

  /** Corners left out where the way is shorter, no higher, and still clear without them. */
  private static Route straightened(Route laid, RouteCheck check) {
    Route best = laid;
    boolean shorter = true;
    while (shorter) {
      shorter = false;
      for (int count = 2; count >= 1; count--) {
        for (int i = 0; i + count <= best.bends().size(); i++) {
          List<Bend> fewer = new ArrayList<>(best.bends());
          fewer.subList(i, i + count).clear();
          Route without = best.through(fewer);
          if (without.length() < best.length()
              && rises(without) <= rises(best) + 1e-6
              && clear(without, check)) {
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
}
