package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.fastener.ScrewThread;

/**
 * Another leg of a strip stands over the screw in one of its holes: what is cut out of that leg so
 * that a socket passes, or that only a spanner gets on from aside.
 *
 * @param hole counted from 0
 * @param leg that stands over it
 * @param along of the cut's middle from the start of the flat strip, m
 * @param across of it from the strip's middle line, m
 * @param diameter of the cut, m
 * @param cut false where there is no room for it in the leg
 */
public record SocketWay(
    int hole, int leg, double along, double across, double diameter, boolean cut) {
  /** Strip that stays beside a relief, and between it and a hole, in thicknesses (-). */
  private static final double STAYS = 2;

  /** Directions that differ by less are alike (-). */
  private static final double ALIKE = 1e-6;

  /** For every hole that a leg stands over. */
  public static List<SocketWay> of(Bracket bracket) {
    Frame start = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_K);
    FlatPattern flat = bracket.flat();
    List<SocketWay> ways = new ArrayList<>();
    for (int hole = 0; hole < bracket.holes().size(); hole++) {
      FlatPattern.Cut cut = flat.holes().get(hole);
      Frame at = bracket.folded(start, cut.along());
      Vector3D middle = at.at().add(at.across().scalarMultiply(cut.across()));
      for (int leg = 0; leg < bracket.legs(); leg++) {
        if (leg != bracket.holes().get(hole).leg()) {
          Frame over = bracket.folded(start, flat.legs().get(leg));
          way(bracket, flat, hole, middle, at.up(), leg, over, ways);
        }
      }
    }
    return ways;
  }

  private static void way(
      Bracket bracket,
      FlatPattern flat,
      int hole,
      Vector3D middle,
      Vector3D screw,
      int leg,
      Frame over,
      List<SocketWay> ways) {
    double away = over.at().subtract(middle).dotProduct(screw);
    boolean parallel = Math.abs(Math.abs(over.up().dotProduct(screw)) - 1) < ALIKE;
    if (!parallel
        || Math.abs(away) < bracket.stock().thickness()
        || Math.abs(away) > ScrewThread.SOCKET_LENGTH) {
      return;
    }
    Vector3D to = middle.add(screw.scalarMultiply(away)).subtract(over.at());
    double along = to.dotProduct(over.along());
    double across = to.dotProduct(over.across());
    double diameter = ScrewThread.through(bracket.holes().get(hole).diameter()).socketRoom();
    double radius = diameter / 2;
    double length = bracket.leg(leg).length();
    double side = bracket.stock().width() / 2;
    if (along < -radius || along > length + radius || Math.abs(across) > side + radius) {
      return;
    }
    double stays = STAYS * bracket.stock().thickness();
    boolean room =
        along - radius >= stays
            && along + radius <= length - stays
            && Math.abs(across) + radius + stays <= side;
    for (Hole other : bracket.holes()) {
      double apart = Math.hypot(other.at() - along, other.across() - across);
      room &= other.leg() != leg || apart >= radius + other.half() + stays;
    }
    ways.add(new SocketWay(hole, leg, flat.legs().get(leg) + along, across, diameter, room));
  }
}
