package roadbreeze.core.radiator;

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
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.Ears;
import roadbreeze.core.space.Pack;

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

  /** How well a usual hole is known, and one that was measured, m; own defaults. */
  private static final double USUALLY = 0.010;

  private static final double MEASURED = 0.002;

  /** What a screw finds in a usual one. */
  private static final Shell.Insert USUAL = new Shell.Insert(ScrewThread.M6, 0.010);

  private RadiatorFrame() {}

  /**
   * The four holes: where its sheet or a rule says, round the core's middle; as such radiators have
   * them where neither does; none where those lie over its tubes.
   */
  public static List<BodyHole> holes(Pack pack, Shell shell) {
    Box r = pack.box(Assembly.RADIATOR);
    Shell.FanHoles apart =
        shell.fan().orElse(new Shell.FanHoles(r.width() + 2 * BESIDE, r.height() - 2 * FROM_EDGE));
    // What lies over tubes and fins is for a shroud's edge at most, never for a strap.
    if (apart.apart() < r.width() && apart.up() < r.height()) {
      return List.of();
    }
    Shell.Insert insert = shell.insert().orElse(USUAL);
    List<BodyHole> holes = new ArrayList<>();
    for (Corner corner : Corner.values()) {
      double x = r.x() + r.width() / 2 + (corner.across() - 0.5) * apart.apart();
      double y = r.y() + r.height() / 2 + (corner.up() - 0.5) * apart.up();
      holes.add(
          new BodyHole(
              Name.of("radiator-frame-" + holes.size(), Name.Noun.RADIATOR_FRAME, holes.size()),
              BodyHole.Sort.THREADED,
              new Vector3D(x, y, r.back()),
              Direction.BACKWARD,
              insert.thread(),
              insert.depth(),
              Optional.empty(),
              shell.fan().isPresent() ? MEASURED : USUALLY));
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
