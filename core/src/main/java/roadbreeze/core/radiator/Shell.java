package roadbreeze.core.radiator;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.stack.Rectangle;

/**
 * What a radiator has beside its core, of its sheet or measured, m. Places are its own: across from
 * the core's middle line to the right as seen from the front, up from the core's lower edge, back
 * from its front face. Empty where nobody knows.
 *
 * @param width over its tanks
 * @param height over its tanks
 * @param pins that it stands on
 * @param tops holes that it is held by above
 * @param insert thread that what it carries is screwed into
 * @param upper neck that hot coolant comes in by
 * @param lower neck that it leaves by
 * @param capUp top of its cap, 0 where its cap is elsewhere
 * @param oilPorts fittings of its oil cooler, as its sheet writes them
 * @param fan holes that a fan's frame or a shroud is screwed to
 * @param connector of what is plugged in, as its sheet writes it
 */
public record Shell(
    OptionalDouble width,
    OptionalDouble height,
    Optional<Pins> pins,
    Optional<Tops> tops,
    Optional<Insert> insert,
    Optional<Neck> upper,
    Optional<Neck> lower,
    OptionalDouble capUp,
    Optional<Drain> drain,
    Optional<String> oilPorts,
    Optional<FanHoles> fan,
    Optional<String> connector) {

  /** Which of its two necks. */
  public enum End implements Code {
    UPPER,
    LOWER
  }

  /** The neck at an end. */
  public Optional<Neck> neck(End end) {
    return end == End.UPPER ? upper : lower;
  }

  /** Two pins under the lower tank or edge, so far apart. */
  public record Pins(double apart, double diameter) {}

  /** Two holes over the upper edge. */
  public record Tops(double apart, double up, double back) {}

  /**
   * @param depth that a screw finds
   */
  public record Insert(ScrewThread thread, double depth) {}

  /** Four holes, so far apart. */
  public record FanHoles(double apart, double up) {}

  /**
   * What a hose goes on.
   *
   * @param diameter outside, under the bead
   * @param looks the way a hose leaves it
   */
  public record Neck(double across, double up, double back, double diameter, Direction looks) {
    /**
     * Where it is in the nose.
     *
     * @param core outline of the radiator's core
     * @param front of the core, m behind the grille line
     */
    public Vector3D at(Rectangle core, double front) {
      return new Vector3D(core.x() + core.width() / 2 + across, core.y() + up, front + back);
    }
  }

  /** Where coolant can be let out, as seen from the front. */
  public enum Drain implements Code {
    LEFT,
    MIDDLE,
    RIGHT,
    NONE
  }
}
