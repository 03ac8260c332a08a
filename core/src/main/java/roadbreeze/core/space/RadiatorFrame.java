package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.rig.Assembly;

/**
 * What an electric fan is strapped to: the frame down both sides of the radiator, beside its tubes
 * and never between them.
 */
public final class RadiatorFrame {
  /** From the core's edge out to the holes of its frame, m; own default. */
  private static final double BESIDE = 0.025;

  /** From its upper and lower edge, m; own default. */
  private static final double FROM_EDGE = 0.025;

  /** Frames of fans have their holes so far in from their corners, m; own default. */
  private static final double IN_FAN = 0.012;

  /** How well a usual hole is known, m. */
  private static final double USUALLY = 0.010;

  private RadiatorFrame() {}

  /** The four holes as such radiators have them, to be measured. */
  public static List<BodyHole> holes(Pack pack) {
    Box r = pack.box(Assembly.RADIATOR);
    List<BodyHole> holes = new ArrayList<>();
    for (Corner corner : Corner.values()) {
      double x = corner.across() == 0 ? r.x() - BESIDE : r.right() + BESIDE;
      double y = corner.up() == 0 ? r.y() + FROM_EDGE : r.top() - FROM_EDGE;
      holes.add(
          new BodyHole(
              Name.of("radiator-frame-" + holes.size(), Name.Noun.RADIATOR_FRAME, holes.size()),
              BodyHole.Sort.THREADED,
              new Vector3D(x, y, r.back()),
              Direction.BACKWARD,
              ScrewThread.M6,
              0.010,
              Optional.empty(),
              USUALLY));
    }
    return holes;
  }

  /** The holes of a fan's own frame, at the corners of its face towards the core. */
  public static Ears ears(Box fan) {
    Ears usual = Ears.usual(fan.width(), fan.height(), fan.depth());
    return new Ears(
        fan.width() - 2 * IN_FAN,
        fan.height() - 2 * IN_FAN,
        usual.thickness() / 2,
        usual.thickness(),
        usual.hole());
  }
}
