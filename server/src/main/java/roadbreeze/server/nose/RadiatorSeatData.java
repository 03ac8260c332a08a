package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.radiator.RadiatorSeat;
import roadbreeze.core.radiator.Shell;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.RadiatorShell;
import roadbreeze.server.problem.Within;

/**
 * What the truck has round its radiator; null where nobody has measured it.
 *
 * @param own what the radiator that came with it has
 * @param leftMm inner edge of the core support, across in the nose
 * @param topMm underside of the upper crossmember, up in the nose
 * @param bushingMm bore of the bushings that its pins stand in
 * @param screwInMm how far the screws of what it carries go in
 * @param reach where a hand gets to a drain
 */
public record RadiatorSeatData(
    @NotNull @Valid RadiatorShell own,
    @Nullable @Within(min = -1000, max = 500, kind = Kind.SIZE) Double leftMm,
    @Nullable @Within(min = 100, max = 2500, kind = Kind.SIZE) Double rightMm,
    @Nullable @Within(min = 100, max = 2000, kind = Kind.SIZE) Double topMm,
    @Nullable @Within(min = 4, max = 80, kind = Kind.SIZE) Double bushingMm,
    @Nullable @Within(min = 2, max = 60, kind = Kind.SIZE) Double screwInMm,
    @NotNull @Valid CoolantHose upperHose,
    @NotNull @Valid CoolantHose lowerHose,
    @NotNull @Size(max = 3) List<Shell.@NotNull Drain> reach) {
  public static final RadiatorSeatData UNKNOWN =
      new RadiatorSeatData(
          RadiatorShell.UNKNOWN,
          null,
          null,
          null,
          null,
          null,
          CoolantHose.UNKNOWN,
          CoolantHose.UNKNOWN,
          List.of());

  /**
   * A coolant hose as it is on the truck.
   *
   * @param lengthMm along its middle
   * @param straightMm end at the radiator that can be cut shorter, to the first bend
   * @param spring it has one inside, or walls that suction does not draw flat
   */
  public record CoolantHose(
      @Nullable @Within(min = 50, max = 3000, kind = Kind.SIZE) Double lengthMm,
      @Nullable @Within(min = 0, max = 1000, kind = Kind.SIZE) Double straightMm,
      boolean spring) {
    static final CoolantHose UNKNOWN = new CoolantHose(null, null, false);

    /** Both measures, or none. */
    Optional<RadiatorSeat.FoundHose> toCore() {
      return lengthMm == null || straightMm == null
          ? Optional.empty()
          : Optional.of(
              new RadiatorSeat.FoundHose(Units.mm(lengthMm), Units.mm(straightMm), spring));
    }
  }

  /**
   * @param depthMm of the radiator that came with the truck
   * @param capMm room over its cap, as it is measured with the fan's
   */
  public RadiatorSeat toCore(double depthMm, @Nullable Double capMm) {
    return new RadiatorSeat(
        own.toCore(depthMm),
        mm(leftMm),
        mm(rightMm),
        mm(topMm),
        mm(bushingMm),
        mm(screwInMm),
        upperHose.toCore(),
        lowerHose.toCore(),
        mm(capMm),
        reach);
  }

  private static OptionalDouble mm(@Nullable Double mm) {
    return mm == null ? OptionalDouble.empty() : OptionalDouble.of(Units.mm(mm));
  }
}
