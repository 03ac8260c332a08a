package roadbreeze.core.nose;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A cylinder along an axis, standing in a box; where the box is not square it is as thick as the
 * longer side, so that nothing is thought free that is not.
 */
public record Round(Box within, Axis axis) implements Shape, Convex {
  /** m. */
  public double radius() {
    double thickest = 0;
    for (Axis other : Axis.values()) {
      if (other != axis) {
        thickest = Math.max(thickest, within.size(other));
      }
    }
    return thickest / 2;
  }

  @Override
  public Box bounds() {
    Vector3D half = new Vector3D(half(Axis.ACROSS), half(Axis.UP), half(Axis.BACK));
    return Box.between(middle().subtract(half), middle().add(half));
  }

  private double half(Axis of) {
    return of == axis ? within.size(axis) / 2 : radius();
  }

  @Override
  public List<Round> parts() {
    return List.of(this);
  }

  @Override
  public Vector3D nearest(Vector3D p) {
    double end = within.size(axis) / 2;
    Vector3D from = p.subtract(middle());
    double along = axis.of(from);
    Vector3D out = from.subtract(axis.along().scalarMultiply(along));
    double far = out.getNorm();
    double kept = far > radius() ? radius() / far : 1;
    return middle()
        .add(axis.along().scalarMultiply(Math.min(Math.max(along, -end), end)))
        .add(out.scalarMultiply(kept));
  }

  @Override
  public Vector3D middle() {
    return within.middle();
  }
}
