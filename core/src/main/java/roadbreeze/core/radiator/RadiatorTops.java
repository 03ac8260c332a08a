package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.space.Ears;

/** What another radiator is held by above: its own two holes, and where the old ones were. */
public final class RadiatorTops {
  /** Thickness of what holds a radiator above, m; own default. */
  private static final double EAR = 0.003;

  /** Of the screws there; own default. */
  private static final ScrewThread THREAD = ScrewThread.M8;

  /** A strip between takes its own thickness, m; the bushings below let the top come forward. */
  private static final double STRIP = 3.2e-3;

  /** Thread of the body that is left, m; own default. */
  private static final double FREE = 0.014;

  private RadiatorTops() {}

  /** The two holes of the body that the old radiator was held to; none where nobody knows. */
  public static List<BodyHole> holes(RadiatorFit fit) {
    List<BodyHole> holes = new ArrayList<>();
    Shell.Tops tops = fit.seat().own().tops().orElse(null);
    if (tops != null) {
      double middle = fit.ownCore().outline().x() + fit.ownCore().outline().width() / 2;
      for (int side = -1; side <= 1; side += 2) {
        holes.add(
            new BodyHole(
                Name.of("radiator-top-" + holes.size(), Name.Noun.RADIATOR_TOP, holes.size()),
                BodyHole.Sort.THREADED,
                new Vector3D(
                    middle + side * tops.apart() / 2,
                    fit.ownCore().outline().y() + tops.up(),
                    fit.front() + tops.back() + EAR / 2 + STRIP),
                Direction.FORWARD,
                THREAD,
                FREE,
                Optional.empty(),
                0));
      }
    }
    return holes;
  }

  /** The holes of the radiator that goes in: the upper two count. */
  public static Optional<Ears> ears(RadiatorFit fit) {
    double half = fit.core().outline().height() / 2;
    return fit.other()
        .tops()
        .map(t -> new Ears(t.apart(), 2 * (t.up() - half), t.back(), EAR, THREAD.clearanceHole()));
  }
}
