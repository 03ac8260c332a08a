package roadbreeze.bench;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.Zone;

/** How near a hose comes to each thing, by looking at every millimetre of it. */
final class PlainGaps {
  private static final double STEP = 1e-3;

  private PlainGaps() {}

  /** m, one for each zone. */
  static double[] of(Route route, List<Zone> zones) {
    double[] least = new double[zones.size()];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    List<Vector3D> line = route.line();
    for (int i = 1; i < line.size(); i++) {
      Vector3D way = line.get(i).subtract(line.get(i - 1));
      int steps = (int) Math.ceil(way.getNorm() / STEP);
      for (int k = 0; k <= steps; k++) {
        Vector3D p = line.get(i - 1).add(way.scalarMultiply(k / (double) Math.max(1, steps)));
        for (int z = 0; z < least.length; z++) {
          double gap = Gap.from(p, zones.get(z).shape()) - route.hose().outside() / 2;
          least[z] = Math.min(least[z], gap);
        }
      }
    }
    return least;
  }
}
