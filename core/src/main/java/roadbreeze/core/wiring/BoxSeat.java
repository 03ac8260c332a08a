package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Solid;

/**
 * Where a relay box is.
 *
 * @param at its middle, m in the frame of the nose
 * @param opensUp its lid or its wires look upwards, so that water stands in it
 */
public record BoxSeat(Vector3D at, boolean opensUp, boolean sealed) {
  /** Lower than this share of the radiator's height it is in the spray; own default. */
  private static final double HIGH = 0.5;

  /**
   * High and dry, open downwards, away from the heat.
   *
   * @param radiator in the same frame
   */
  public List<Finding> faults(Box radiator, List<Solid> standing) {
    List<Finding> faults = new ArrayList<>();
    double wanted = radiator.y() + HIGH * radiator.height();
    double up = Axis.UP.of(at);
    if (up < wanted) {
      faults.add(WiringFault.BOX_LOW.with(up, wanted));
    }
    if (opensUp) {
      faults.add(WiringFault.BOX_OPENS_UP.with());
    }
    if (!sealed) {
      faults.add(WiringFault.BOX_UNSEALED.with());
    }
    standing.stream()
        .filter(s -> s.nature() == Nature.HOT)
        .min(Comparator.comparingDouble(this::from))
        .filter(s -> from(s) < Nature.HOT.fromHose())
        .ifPresent(
            s -> faults.add(WiringFault.BOX_HOT.with(s.name(), from(s), Nature.HOT.fromHose())));
    return faults;
  }

  /** From the upright box round a thing, m. */
  private double from(Solid s) {
    return s.shape().bounds().nearest(at).distance(at);
  }
}
