package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.space.Pack;

/**
 * Whether a hand with a small screwdriver gets to a place, the bonnet up and all else put together.
 *
 * @param fromAbove straight down
 * @param fromAhead straight in, once the grille is off
 * @param inTheWay from above; empty where nothing is
 * @param deep under the highest thing round it, m
 */
public record HandReach(
    boolean fromAbove, boolean fromAhead, Optional<Name> inTheWay, double deep) {
  /** Half of a hand across its knuckles, m; own default. */
  private static final double HAND = 0.045;

  /** From the middle of what is reached for to the finger's tip, m; own default. */
  private static final double OFF = 0.03;

  /** Shoulder at the edge of the opening; own default, m. */
  static final double ARM = 0.6;

  /** Over the highest thing, m. */
  private static final double OVER = 0.05;

  /** What is nearer touches, m. */
  private static final double TOUCHES = 1e-9;

  private record Obstacle(Name name, Shape shape, boolean grille) {}

  /**
   * @param cores of the pack
   */
  public static HandReach of(Vector3D at, List<Solid> solids, List<Pack.Piece> cores) {
    List<Obstacle> obstacles = new ArrayList<>();
    for (Solid s : solids) {
      if (s.what() != Solid.What.BONNET) {
        obstacles.add(new Obstacle(s.name(), s.shape(), s.what() == Solid.What.GRILLE));
      }
    }
    cores.forEach(c -> obstacles.add(new Obstacle(c.name(), c.box(), false)));
    double top = obstacles.stream().mapToDouble(o -> o.shape.bounds().top()).max().orElse(0);
    double front = obstacles.stream().mapToDouble(o -> o.shape.bounds().z()).min().orElse(0);
    double up = Math.max(2 * OFF, top + OVER - Axis.UP.of(at));
    double ahead = Math.max(2 * OFF, Axis.BACK.of(at) - front + OVER);
    Optional<Name> above =
        obstacles.stream()
            .filter(o -> hit(at, Direction.UP, up, o))
            .map(Obstacle::name)
            .findFirst();
    boolean fromAhead =
        obstacles.stream().noneMatch(o -> !o.grille && hit(at, Direction.FORWARD, ahead, o));
    return new HandReach(above.isEmpty(), fromAhead, above, Math.max(0, top - Axis.UP.of(at)));
  }

  private static boolean hit(Vector3D at, Direction way, double length, Obstacle thing) {
    Vector3D from = at.add(way.vector().scalarMultiply(OFF));
    Vector3D to = at.add(way.vector().scalarMultiply(length));
    return Gap.nearer(new Tube(List.of(from, to), HAND), thing.shape, TOUCHES);
  }

  /**
   * What that means for what is set there.
   *
   * @param of what it is set for
   */
  public Optional<Finding> fault(Name of) {
    if (fromAbove) {
      return deep <= ARM
          ? Optional.empty()
          : Optional.of(WiringFault.ADJUSTER_DEEP.with(of, deep, ARM));
    }
    Name thing = inTheWay.orElseThrow();
    return Optional.of(
        fromAhead
            ? WiringFault.ADJUSTER_AHEAD.with(of, thing)
            : WiringFault.ADJUSTER_BURIED.with(of, thing));
  }
}
