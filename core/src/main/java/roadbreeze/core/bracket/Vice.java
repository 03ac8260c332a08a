package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * The order in which a vice and a hand do the bends of a strip. One side of a bend stands upright
 * in the jaws, the other is bent over their edge; neither what is bent already nor what is being
 * bent may run into them. Twists are done after the bends and are not looked at here.
 */
public final class Vice {
  /** Of the jaws, each: how far they reach aside of the strip, and down, m. A small bench vice. */
  private static final double JAW = 0.040;

  private static final double JAW_DEPTH = 0.100;

  /** A strip touches the jaws it is held by, m. */
  private static final double TOUCH = 0.4e-3;

  /** A bend is looked at in so many places of its way. */
  private static final int PLACES = 6;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /**
   * One bend.
   *
   * @param bend counted from 0 along the strip
   * @param holdsRest the part after the bend is in the vice, not the part before it
   * @param angle to bend to by hand, springback in it, rad; positive up
   */
  public record Turn(int bend, boolean holdsRest, double angle) {}

  private final Bracket bracket;
  private final List<Step.Bend> bends = new ArrayList<>();
  private final List<Double> straight = new ArrayList<>();

  private Vice(Bracket bracket) {
    this.bracket = bracket;
    double leg = 0;
    for (Step step : bracket.steps()) {
      if (step instanceof Step.Leg l) {
        leg += l.length();
      } else if (step instanceof Step.Twist t) {
        leg += t.length();
      } else if (step instanceof Step.Bend b) {
        bends.add(b);
        straight.add(leg);
        leg = 0;
      }
    }
    straight.add(leg);
  }

  /**
   * @return the turns in their order; empty where a vice cannot do it
   */
  public static Optional<List<Turn>> order(Bracket bracket) {
    Vice vice = new Vice(bracket);
    return vice.next(new boolean[vice.bends.size()], new ArrayList<>());
  }

  private Optional<List<Turn>> next(boolean[] done, List<Turn> turns) {
    if (turns.size() == bends.size()) {
      return Optional.of(List.copyOf(turns));
    }
    // From the ends inwards: what is held is then flat still.
    for (int k = 0; k < bends.size(); k++) {
      int bend = k % 2 == 0 ? k / 2 : bends.size() - 1 - k / 2;
      if (done[bend]) {
        continue;
      }
      for (boolean holdsRest : new boolean[] {true, false}) {
        if (canBend(done, bend, holdsRest)) {
          done[bend] = true;
          turns.add(new Turn(bend, holdsRest, overbent(bends.get(bend).angle())));
          Optional<List<Turn>> all = next(done, turns);
          if (all.isPresent()) {
            return all;
          }
          turns.remove(turns.size() - 1);
          done[bend] = false;
        }
      }
    }
    return Optional.empty();
  }

  private double overbent(double angle) {
    return angle + Math.signum(angle) * bracket.stock().metal().springback();
  }

  private boolean canBend(boolean[] done, int bend, boolean holdsRest) {
    double held = straight.get(holdsRest ? bend + 1 : bend);
    if (held < bracket.stock().leastFlange() - 1e-9) {
      return false;
    }
    double half = bracket.stock().thickness() / 2;
    Geometry jaws =
        box(-half - JAW, -half - TOUCH, -TOUCH).union(box(half + TOUCH, half + JAW, -TOUCH));
    for (int place = 1; place <= PLACES; place++) {
      double angle = bends.get(bend).angle() * place / PLACES;
      if (strip(done, bend, angle, holdsRest).intersects(jaws)) {
        return false;
      }
    }
    return true;
  }

  private static Geometry box(double left, double right, double top) {
    return GEOMETRY.createPolygon(
        new Coordinate[] {
          new Coordinate(left, -JAW_DEPTH),
          new Coordinate(right, -JAW_DEPTH),
          new Coordinate(right, top),
          new Coordinate(left, top),
          new Coordinate(left, -JAW_DEPTH)
        });
  }

  /** The strip from its edge, the held side upright under the origin. */
  private Geometry strip(boolean[] done, int bend, double angle, boolean holdsRest) {
    List<Coordinate> before = new ArrayList<>();
    List<Coordinate> after = new ArrayList<>();
    // Walked from the bend's own tangents: the held side goes straight down, the free side up.
    side(done, bend, holdsRest, -Math.PI / 2, 0, 0, before);
    double turn = holdsRest ? -angle : angle;
    double heading = Math.PI / 2;
    double[] at = {0, 0};
    heading = arc(at, heading, turn, after);
    side(done, bend, !holdsRest, heading, at[0], at[1], after);
    List<Coordinate> all = new ArrayList<>();
    for (int i = before.size() - 1; i >= 0; i--) {
      all.add(before.get(i));
    }
    all.add(new Coordinate(0, 0));
    all.addAll(after);
    BufferParameters ends =
        new BufferParameters(4, BufferParameters.CAP_FLAT, BufferParameters.JOIN_ROUND, 1);
    return BufferOp.bufferOp(
        GEOMETRY.createLineString(all.toArray(new Coordinate[0])),
        bracket.stock().thickness() / 2,
        ends);
  }

  /** One side of a bend, walked away from it. */
  private void side(
      boolean[] done,
      int bend,
      boolean onwards,
      double heading,
      double x,
      double y,
      List<Coordinate> to) {
    double[] at = {x, y};
    double way = heading;
    int step = onwards ? 1 : -1;
    int leg = onwards ? bend + 1 : bend;
    int next = bend + step;
    walk(at, way, straight.get(leg), to);
    while (next >= 0 && next < bends.size()) {
      double angle = bends.get(next).angle();
      if (done[next]) {
        way = arc(at, way, onwards ? angle : -angle, to);
      } else {
        walk(at, way, bracket.stock().bendAllowance(Math.abs(angle)), to);
      }
      leg += step;
      walk(at, way, straight.get(leg), to);
      next += step;
    }
  }

  private static void walk(double[] at, double heading, double length, List<Coordinate> to) {
    at[0] += length * Math.cos(heading);
    at[1] += length * Math.sin(heading);
    to.add(new Coordinate(at[0], at[1]));
  }

  private double arc(double[] at, double heading, double turn, List<Coordinate> to) {
    int pieces = 8;
    double way = heading;
    double chord = 2 * bracket.stock().middleRadius() * Math.sin(Math.abs(turn) / pieces / 2);
    for (int i = 0; i < pieces; i++) {
      way += turn / pieces / 2;
      walk(at, way, chord, to);
      way += turn / pieces / 2;
    }
    return way;
  }
}
