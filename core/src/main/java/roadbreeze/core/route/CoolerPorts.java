package roadbreeze.core.route;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilCooler;

/**
 * Where a cooler's two ports are. Oil that goes through once enters at one end and leaves at the
 * other; with an even number of passes both ports are on the right end, one over the other.
 *
 * @param look the way that hoses leave them
 * @param other the oil goes through from the other port
 */
public record CoolerPorts(Look look, boolean other) {
  /** The way that hoses leave, of a cooler as its sheet draws it. */
  public enum Look {
    /** Out of the ends. */
    ASIDE,
    UP,
    FORWARD
  }

  /** Which of the two. */
  public enum Side {
    IN,
    OUT
  }

  /** From an edge of the core to the middle of a port; own default. */
  private static final double INSET = 0.020;

  /** Between two ports that stand beside each other; own default. */
  private static final double BESIDE = 0.045;

  /**
   * A port of a cooler that stands in a box.
   *
   * @param box the room that it takes, turned as it is
   */
  public Port port(CoolerFit cooler, Box box, Side side) {
    // As its sheet draws it, the lower or the left port is the first.
    boolean first = (side == Side.IN) != other;
    OilCooler part = cooler.part();
    boolean oneEnd = part.passes() % 2 == 0;
    double halfWidth = part.width() / 2;
    double halfHeight = part.height() / 2;
    double inset = Math.min(INSET, halfHeight / 2);
    double across = first && !oneEnd ? -halfWidth : halfWidth;
    double up = !oneEnd ? 0 : first ? inset - halfHeight : halfHeight - inset;
    double lookAcross = Math.signum(across);
    double lookUp = 0;
    double z = box.z() + box.depth() / 2;
    if (look == Look.UP) {
      across -= Math.signum(across) * (oneEnd && first ? INSET + BESIDE : INSET);
      up = halfHeight;
      lookAcross = 0;
      lookUp = 1;
    } else if (look == Look.FORWARD) {
      across -= Math.signum(across) * INSET;
      z = box.z();
    }
    Vector3D at =
        new Vector3D(
            box.x() + box.width() / 2 + cooler.turn().across(across, up),
            box.y() + box.height() / 2 + cooler.turn().up(across, up),
            z);
    Direction looks =
        look == Look.FORWARD
            ? Direction.FORWARD
            : direction(
                cooler.turn().across(lookAcross, lookUp), cooler.turn().up(lookAcross, lookUp));
    return new Port(portName(cooler.name(), side), at, looks, false);
  }

  private static Name portName(Name cooler, Side side) {
    Name.Noun noun = side == Side.IN ? Name.Noun.COOLER_INLET : Name.Noun.COOLER_OUTLET;
    return new Name(cooler.id(), noun, cooler.number(), cooler.given());
  }

  private static Direction direction(double across, double up) {
    if (up != 0) {
      return up > 0 ? Direction.UP : Direction.DOWN;
    }
    return across > 0 ? Direction.RIGHT : Direction.LEFT;
  }
}
