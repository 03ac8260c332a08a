package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Round;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.nose.Tube;

/** Which tool gets on a screw, in a nose whose grille is off and whose bonnet is up. */
public final class ToolAccess {
  /** With what a screw is turned. */
  public enum Tool {
    SOCKET,
    /** By a sixth of a turn at a time. */
    SPANNER,
    NONE
  }

  /** What keeps a screw from being turned at all. */
  public enum Fault implements Code {
    NO_TOOL;

    @Override
    public List<Parameter> parameters() {
      return Code.takes("thing NAME");
    }
  }

  /**
   * What gets on it.
   *
   * @param inTheWay of a socket; empty where one gets on
   */
  public record Reached(Tool tool, Optional<Name> inTheWay) {}

  /** What is nearer touches, m. */
  private static final double TOUCHES = 1e-9;

  /** Head, washers and strip over the surface, m. */
  private static final double HEAD = 0.008;

  /** A spanner is so many sockets long, and half as thick as one; own default. */
  private static final double SPANNER_LENGTH = 7;

  private static final double SPANNER_HALF = 0.25;

  /** A spanner is turned over by so much and set again, rad. */
  private static final double SWING = Math.toRadians(60);

  private static final double TURN = Math.toRadians(15);

  private record Obstacle(Name name, Shape shape) {
    boolean hit(Shape tool) {
      return Gap.nearer(tool, shape, TOUCHES);
    }
  }

  private final List<Obstacle> obstacles = new ArrayList<>();

  /**
   * @param cores of the pack
   */
  public ToolAccess(List<Solid> solids, List<Pack.Piece> cores) {
    for (Solid s : solids) {
      // The work begins with these out of the way.
      if (s.what() != Solid.What.GRILLE && s.what() != Solid.What.BONNET) {
        obstacles.add(new Obstacle(s.name(), s.shape()));
      }
    }
    cores.forEach(c -> obstacles.add(new Obstacle(c.name(), c.box())));
  }

  /**
   * @param at where the screw enters
   * @param looks the way that it came from
   */
  public Reached of(Vector3D at, Direction looks, ScrewThread thread) {
    Shape socket = socket(at, looks, thread);
    Optional<Name> inTheWay =
        obstacles.stream().filter(o -> o.hit(socket)).map(Obstacle::name).findFirst();
    if (inTheWay.isEmpty()) {
      return new Reached(Tool.SOCKET, inTheWay);
    }
    return new Reached(swings(at, looks, thread) ? Tool.SPANNER : Tool.NONE, inTheWay);
  }

  private static Shape socket(Vector3D at, Direction looks, ScrewThread thread) {
    double half = thread.socketRoom() / 2;
    Vector3D middle = at.add(looks.vector().scalarMultiply(HEAD + ScrewThread.SOCKET_LENGTH / 2));
    Vector3D along = looks.axis().along();
    Vector3D out =
        new Vector3D(1, 1, 1)
            .subtract(along)
            .scalarMultiply(half)
            .add(along.scalarMultiply(ScrewThread.SOCKET_LENGTH / 2));
    Vector3D low = middle.subtract(out);
    Box box =
        new Box(low.getX(), low.getY(), low.getZ(), 2 * out.getX(), 2 * out.getY(), 2 * out.getZ());
    return new Round(box, looks.axis());
  }

  /** Some sixth of the circle round its head is free for a spanner. */
  private boolean swings(Vector3D at, Direction looks, ScrewThread thread) {
    Vector3D head = at.add(looks.vector().scalarMultiply(HEAD));
    Vector3D u = looks.axis() == Axis.ACROSS ? Vector3D.PLUS_J : Vector3D.PLUS_I;
    Vector3D v = looks.vector().crossProduct(u);
    int steps = (int) Math.round(2 * Math.PI / TURN);
    boolean[] free = new boolean[steps];
    for (int i = 0; i < steps; i++) {
      Vector3D along =
          u.scalarMultiply(Math.cos(i * TURN)).add(v.scalarMultiply(Math.sin(i * TURN)));
      free[i] = spannerFits(head, along, thread);
    }
    int needed = (int) Math.round(SWING / TURN);
    for (int start = 0; start < steps; start++) {
      boolean all = true;
      for (int i = 0; i <= needed; i++) {
        all &= free[(start + i) % steps];
      }
      if (all) {
        return true;
      }
    }
    return false;
  }

  private boolean spannerFits(Vector3D head, Vector3D along, ScrewThread thread) {
    double half = SPANNER_HALF * thread.socket();
    Vector3D from = head.add(along.scalarMultiply(thread.socket() / 2));
    Vector3D to = head.add(along.scalarMultiply(SPANNER_LENGTH * thread.socket()));
    Shape spanner = new Tube(List.of(from, to), half);
    return obstacles.stream().noneMatch(o -> o.hit(spanner));
  }
}
