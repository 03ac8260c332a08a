package roadbreeze.core.nose;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;

/**
 * An end of the truck's own oil lines that a hose can be joined to.
 *
 * @param at where a hose ends when it is pushed home, m
 * @param looks the way that a hose leaves it
 * @param bore m
 * @param rocks it stands on the engine or gearbox, which rock in their mounts
 * @param plusMinus how well its place is known, m
 */
public record LinePort(
    Name name,
    What what,
    Vector3D at,
    Direction looks,
    Fitting fitting,
    double bore,
    boolean rocks,
    double plusMinus) {

  /** Which end of the oil's way it is. */
  public enum What {
    /** Hot oil comes here from the gearbox. */
    FEED_LINE,
    /** Oil goes back to the gearbox here. */
    RETURN_LINE,
    TANK_IN,
    TANK_OUT
  }

  /** What a hose or an adapter finds there. */
  public enum Fitting {
    BARB,
    FLARE,
    QUICK_CONNECTOR,
    BANJO,
    PIPE_THREAD,
    PLAIN_TUBE
  }

  LinePort at(Vector3D place, double known) {
    return new LinePort(name, what, place, looks, fitting, bore, rocks, known);
  }
}
