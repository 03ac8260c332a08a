package roadbreeze.core.route;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A corner that a hose is led round.
 *
 * @param at where its straight pieces would meet, m
 * @param radius of its middle line, m
 */
public record Bend(Vector3D at, double radius) {
  public static final Range RADIUS = new Range(Quantity.BEND_RADIUS, 0.005, 1);

  /**
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public Bend {
    RADIUS.require(radius);
    for (Axis axis : Axis.values()) {
      Box.PLACE.require(axis.of(at));
    }
  }

  Bend at(Vector3D place) {
    return new Bend(place, radius);
  }
}
