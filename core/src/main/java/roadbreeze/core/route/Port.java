package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Direction;

/**
 * Where a hose ends.
 *
 * @param name of what it belongs to
 * @param at end of the hose when it is pushed home, m
 * @param looks the way the hose leaves it
 * @param rocks it stands on the engine or gearbox, which rock in their mounts
 */
public record Port(Name name, Vector3D at, Direction looks, boolean rocks) {
  /** From the middle of an elbow to each of its ends, m; own default for hose fittings. */
  public static final double ELBOW = 0.028;

  /** The same port with a quarter elbow on it, so that the hose leaves another way. */
  public Port elbowed(Direction way) {
    Vector3D on = at.add(looks.vector().add(way.vector()).scalarMultiply(ELBOW));
    return new Port(name, on, way, rocks);
  }

  /** The bare port, then with an elbow each way that one can turn. */
  public List<Port> withElbows() {
    List<Port> ways = new ArrayList<>(List.of(this));
    for (Direction way : Direction.values()) {
      if (way.axis() != looks.axis()) {
        ways.add(elbowed(way));
      }
    }
    return ways;
  }
}
