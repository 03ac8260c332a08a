package roadbreeze.core.radiator;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the truck has round its radiator, m; empty where nobody has measured it.
 *
 * @param own what the radiator that came with it has
 * @param left inner edge of the core support on the left, seen from the front, across in the nose
 * @param right the same on the right
 * @param top underside of the upper crossmember, up in the nose
 * @param bushing bore of the bushings that its pins stand in
 * @param screwIn how far the screws of what it carries go in
 * @param upper hose from the engine
 * @param lower hose to the pump
 * @param cap its cap to the bonnet's underside
 * @param reach where a hand gets to a drain
 */
public record RadiatorSeat(
    Shell own,
    OptionalDouble left,
    OptionalDouble right,
    OptionalDouble top,
    OptionalDouble bushing,
    OptionalDouble screwIn,
    Optional<FoundHose> upper,
    Optional<FoundHose> lower,
    OptionalDouble cap,
    List<Shell.Drain> reach) {
  public RadiatorSeat {
    reach = List.copyOf(reach);
  }

  /** The hose at an end of the radiator. */
  public Optional<FoundHose> hose(Shell.End end) {
    return end == Shell.End.UPPER ? upper : lower;
  }

  /**
   * A coolant hose as it is on the truck.
   *
   * @param length along its middle
   * @param straight end at the radiator that can be cut shorter, to the first bend
   * @param spring it has one inside, or walls that suction does not draw flat
   */
  public record FoundHose(double length, double straight, boolean spring) {}
}
