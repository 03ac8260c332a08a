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

  /** It keeps so far from what is hot, m; as hoses do. */
  private static final double FROM_HOT = 0.1;

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
        .filter(s -> from(s) < FROM_HOT)
        .ifPresent(s -> faults.add(WiringFault.BOX_HOT.with(s.name(), from(s), FROM_HOT)));
    return faults;
  }

  /** From the upright box round a thing, m. */
  private double from(Solid s) {
    Box b = s.shape().bounds();
    double square = 0;
    for (Axis axis : Axis.values()) {
      double out = Math.max(b.low(axis) - axis.of(at), axis.of(at) - b.low(axis) - b.size(axis));
      square += Math.max(0, out) * Math.max(0, out);
    }
    return Math.sqrt(square);
  }
}
