package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Tube;

/**
 * A hose from one port to another, round corners in between. Where a corner's neighbours leave no
 * room for its radius it is drawn as round as it can be.
 */
public record Route(Port from, List<Bend> bends, Port to, HoseSize hose) {
  /** Straight piece that sits on a port under its clamp, m; own default. */
  public static final double GRIP = 0.030;

  /** What the engine's rock pulls a hose by that ends on it, m; physics.md section 12. */
  public static final double ROCK = 0.025;

  /** A hose whose next corner lies so well in line needs no bend at its port, rad. */
  private static final double IN_LINE = Math.toRadians(1);

  /** Drawn finer than this a bend is not seen to have corners, rad. */
  private static final double CHORD = Math.toRadians(7.5);

  /** Turned back on itself no radius helps, rad. */
  static final double FOLDED = Math.toRadians(150);

  public Route {
    bends = List.copyOf(bends);
  }

  /**
   * A corner as it comes out.
   *
   * @param bend which of {@link #bends}, −1 for the one in front of the first port, their number
   *     for the one behind the last
   * @param asked radius, m
   * @param radius that its neighbours leave it, m
   * @param angle that the hose turns by, rad
   * @param in the way that the hose comes, of length one
   * @param out the way that it goes on
   */
  public record Corner(
      int bend, Vector3D at, double asked, double radius, double angle, Vector3D in, Vector3D out) {
    /** From the corner to where the arc begins, m. */
    double tangent() {
      return radius * Math.tan(Math.min(angle, FOLDED) / 2);
    }

    public double arc() {
      return radius * angle;
    }

    /** The plane that it is bent in, by its normal; of no length where it is straight. */
    Vector3D normal() {
      return in.crossProduct(out);
    }

    /** Points of its arc from where it begins to where it ends. */
    private List<Vector3D> points() {
      if (angle < 1e-6 || angle > FOLDED) {
        return List.of(at); // nothing to round, or nothing that can be
      }
      Vector3D start = at.subtract(in.scalarMultiply(tangent()));
      Vector3D inwards =
          out.subtract(in.scalarMultiply(Math.cos(angle))).scalarMultiply(1 / Math.sin(angle));
      int chords = (int) Math.ceil(angle / CHORD);
      List<Vector3D> points = new ArrayList<>();
      for (int i = 0; i <= chords; i++) {
        points.add(onArc(start, in, inwards, radius, angle * i / chords));
      }
      return points;
    }
  }

  /**
   * Where an arc has come to.
   *
   * @param way it begins with, of length one
   * @param inwards to its middle, of length one
   * @param turned by then, rad
   */
  static Vector3D onArc(
      Vector3D start, Vector3D way, Vector3D inwards, double radius, double turned) {
    return start
        .add(way.scalarMultiply(radius * Math.sin(turned)))
        .add(inwards.scalarMultiply(radius * (1 - Math.cos(turned))));
  }

  /** Its corners in order, those that the ports ask for included. */
  public List<Corner> corners() {
    List<Vector3D> at = new ArrayList<>();
    List<Double> asked = new ArrayList<>();
    List<Integer> bend = new ArrayList<>();
    Vector3D first = bends.isEmpty() ? to.at() : bends.get(0).at();
    Vector3D last = bends.isEmpty() ? from.at() : bends.get(bends.size() - 1).at();
    at.add(from.at());
    if (Vector3D.angle(from.looks().vector(), towards(from.at(), first)) > IN_LINE) {
      at.add(before(from));
      asked.add(hose.leastRadius());
      bend.add(-1);
    }
    for (int i = 0; i < bends.size(); i++) {
      at.add(bends.get(i).at());
      asked.add(bends.get(i).radius());
      bend.add(i);
    }
    if (Vector3D.angle(to.looks().vector(), towards(to.at(), last)) > IN_LINE) {
      at.add(before(to));
      asked.add(hose.leastRadius());
      bend.add(bends.size());
    }
    at.add(to.at());
    return rounded(at, asked, bend);
  }

  /** Where a hose that must turn at once has its corner: after its grip, with room for the arc. */
  private Vector3D before(Port port) {
    return port.at().add(port.looks().vector().scalarMultiply(Near.leaves(hose)));
  }

  private static List<Corner> rounded(List<Vector3D> at, List<Double> asked, List<Integer> bend) {
    int n = asked.size();
    double[] angle = new double[n];
    double[] tangent = new double[n + 2];
    for (int i = 0; i < n; i++) {
      angle[i] =
          Vector3D.angle(towards(at.get(i), at.get(i + 1)), towards(at.get(i + 1), at.get(i + 2)));
      tangent[i + 1] = asked.get(i) * Math.tan(Math.min(angle[i], FOLDED) / 2);
    }
    double[] share = new double[n + 2];
    Arrays.fill(share, 1);
    for (int leg = 0; leg <= n; leg++) {
      double room = at.get(leg).distance(at.get(leg + 1));
      room -= (leg == 0 ? GRIP : 0) + (leg == n ? GRIP : 0);
      double needed = tangent[leg] + tangent[leg + 1];
      if (needed > room && needed > 0) {
        double left = Math.max(0, room) / needed;
        share[leg] = Math.min(share[leg], left);
        share[leg + 1] = Math.min(share[leg + 1], left);
      }
    }
    List<Corner> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      corners.add(
          new Corner(
              bend.get(i),
              at.get(i + 1),
              asked.get(i),
              asked.get(i) * share[i + 1],
              angle[i],
              towards(at.get(i), at.get(i + 1)),
              towards(at.get(i + 1), at.get(i + 2))));
    }
    return corners;
  }

  /** The way from one place to another, of length one; forwards where they are one place. */
  private static Vector3D towards(Vector3D a, Vector3D b) {
    Vector3D way = b.subtract(a);
    return way.getNorm() > 1e-9 ? way.normalize() : Vector3D.PLUS_K;
  }

  /** Its middle line from port to port, arcs as chords. */
  public List<Vector3D> line() {
    List<Vector3D> line = new ArrayList<>();
    line.add(from.at());
    for (Corner corner : corners()) {
      line.addAll(corner.points());
    }
    line.add(to.at());
    return line;
  }

  /** Length of its middle line, m. */
  public double length() {
    List<Corner> corners = corners();
    double length = 0;
    Vector3D at = from.at();
    double taken = 0;
    for (Corner corner : corners) {
      length += Math.max(0, at.distance(corner.at()) - taken - corner.tangent()) + corner.arc();
      at = corner.at();
      taken = corner.tangent();
    }
    return length + Math.max(0, at.distance(to.at()) - taken);
  }

  /** With what it needs where an end of it rocks, m. */
  public double fitted() {
    return length() + (from.rocks() || to.rocks() ? ROCK : 0);
  }

  public Tube tube() {
    return new Tube(line(), hose.outside() / 2);
  }

  /** The same through other corners. */
  public Route through(List<Bend> others) {
    return new Route(from, others, to, hose);
  }
}
