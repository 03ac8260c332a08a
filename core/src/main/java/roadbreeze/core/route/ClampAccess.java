package roadbreeze.core.route;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.space.ToolAccess;

/**
 * Which way the screw of a hose clamp looks so that a driver still gets on it when everything is
 * in, and what must wait for it where none does.
 *
 * @param looks the way that its screw looks; empty where no driver ever gets on it
 * @param before what goes in after it is tight; empty where it stays in reach
 */
public record ClampAccess(Optional<Direction> looks, Optional<Name> before) {
  /** Rules of the order that follow: what is hidden afterwards. */
  public enum Rule implements Code {
    /** A clamp is on its hose before the hose is on its port. */
    CLAMP_ON_FIRST,
    TIGHT_BEFORE("port NAME", "thing NAME"),
    JOINED_ON_BENCH("port NAME"),
    PLUG_BEFORE_SHROUD("fan NAME");

    private final List<Parameter> parameters;

    Rule(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** From a port's mouth to the middle of the clamp, m; own default. */
  private static final double FROM_MOUTH = 0.015;

  /** A clamp's driver: 7 mm hexagon or a blade, as wide as the socket of M5; own default. */
  private static final ScrewThread DRIVER = ScrewThread.M5;

  /** Where a hand comes from, best first: grille off, bonnet up, from under, from aside. */
  private static final List<Direction> HANDS =
      List.of(
          Direction.FORWARD,
          Direction.UP,
          Direction.DOWN,
          Direction.LEFT,
          Direction.RIGHT,
          Direction.BACKWARD);

  /**
   * @param outside of the hose, m
   * @param access with everything in its place
   * @param later whether a thing is one that the work puts in, and so can wait
   */
  public static ClampAccess of(
      Port port, double outside, ToolAccess access, Predicate<Name> later) {
    Vector3D clamp = port.at().add(port.looks().vector().scalarMultiply(FROM_MOUTH));
    ClampAccess waits = new ClampAccess(Optional.empty(), Optional.empty());
    for (Direction hand : HANDS) {
      if (hand.axis() == port.looks().axis()) {
        continue;
      }
      Vector3D screw = clamp.add(hand.vector().scalarMultiply(outside / 2));
      ToolAccess.Reached reached = access.of(screw, hand, DRIVER);
      if (reached.inTheWay().isEmpty()) {
        return new ClampAccess(Optional.of(hand), Optional.empty());
      }
      if (waits.looks.isEmpty() && later.test(reached.inTheWay().get())) {
        waits = new ClampAccess(Optional.of(hand), reached.inTheWay());
      }
    }
    return waits;
  }
}
