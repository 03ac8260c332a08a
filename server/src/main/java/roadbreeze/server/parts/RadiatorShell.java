package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.radiator.Shell;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;

/**
 * What a radiator has beside its core; null where nobody knows. Places are across from the core's
 * middle line to the right as seen from the front, up from its lower edge, back from its front
 * face.
 *
 * @param overWidthMm over its tanks
 * @param insert thread that what it carries is screwed into
 * @param upperNeckMm outside of the neck that hot coolant comes in by
 * @param upperLooks the way a hose leaves it, null is backward
 * @param capUpMm top of its cap, 0 where its cap is elsewhere
 * @param oilPorts fittings of its oil cooler, as its sheet writes them
 * @param fanApartMm between the holes that a fan or a shroud is screwed to
 */
public record RadiatorShell(
    @Nullable @Within(min = 200, max = 2000, kind = Kind.SIZE) Double overWidthMm,
    @Nullable @Within(min = 150, max = 1500, kind = Kind.SIZE) Double overHeightMm,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double pinsApartMm,
    @Nullable @Within(min = 4, max = 60, kind = Kind.SIZE) Double pinMm,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double topsApartMm,
    @Nullable @Within(min = 0, max = 1500, kind = Kind.SIZE) Double topsUpMm,
    @Nullable @Within(min = -100, max = 300, kind = Kind.SIZE) Double topsBackMm,
    @Nullable ScrewThread insert,
    @Nullable @Within(min = 3, max = 60, kind = Kind.SIZE) Double insertDepthMm,
    @Nullable @Within(min = -1000, max = 1000, kind = Kind.SIZE) Double upperAcrossMm,
    @Nullable @Within(min = -300, max = 1500, kind = Kind.SIZE) Double upperUpMm,
    @Nullable @Within(min = -300, max = 300, kind = Kind.SIZE) Double upperBackMm,
    @Nullable @Within(min = 10, max = 80, kind = Kind.SIZE) Double upperNeckMm,
    @Nullable Direction upperLooks,
    @Nullable @Within(min = -1000, max = 1000, kind = Kind.SIZE) Double lowerAcrossMm,
    @Nullable @Within(min = -300, max = 1500, kind = Kind.SIZE) Double lowerUpMm,
    @Nullable @Within(min = -300, max = 300, kind = Kind.SIZE) Double lowerBackMm,
    @Nullable @Within(min = 10, max = 80, kind = Kind.SIZE) Double lowerNeckMm,
    @Nullable Direction lowerLooks,
    @Nullable @Within(min = 0, max = 1500, kind = Kind.SIZE) Double capUpMm,
    @Nullable Shell.Drain drain,
    @Nullable @Size(max = 40) String oilPorts,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double fanApartMm,
    @Nullable @Within(min = 50, max = 1500, kind = Kind.SIZE) Double fanUpMm,
    @Nullable @Size(max = 40) String connector) {
  public static final RadiatorShell UNKNOWN =
      new RadiatorShell(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null, null, null, null, null, null, null, null, null, null);

  /**
   * @param depthMm of the core: where nobody says, necks come out of its back
   */
  public Shell toCore(double depthMm) {
    return new Shell(
        mm(overWidthMm),
        mm(overHeightMm),
        all(pinsApartMm, pinMm).map(p -> new Shell.Pins(p[0], p[1])),
        all(topsApartMm, topsUpMm, topsBackMm).map(t -> new Shell.Tops(t[0], t[1], t[2])),
        insert == null
            ? Optional.empty()
            : all(insertDepthMm).map(d -> new Shell.Insert(insert, d[0])),
        neck(upperAcrossMm, upperUpMm, upperBackMm, upperNeckMm, upperLooks, depthMm),
        neck(lowerAcrossMm, lowerUpMm, lowerBackMm, lowerNeckMm, lowerLooks, depthMm),
        mm(capUpMm),
        Optional.ofNullable(drain),
        text(oilPorts),
        all(fanApartMm, fanUpMm).map(f -> new Shell.FanHoles(f[0], f[1])),
        text(connector));
  }

  private static Optional<Shell.Neck> neck(
      @Nullable Double across,
      @Nullable Double up,
      @Nullable Double back,
      @Nullable Double outside,
      @Nullable Direction looks,
      double depth) {
    return all(across, up, back == null ? Double.valueOf(depth) : back, outside)
        .map(
            n ->
                new Shell.Neck(n[0], n[1], n[2], n[3], looks == null ? Direction.BACKWARD : looks));
  }

  /** All of them, m, or none. */
  private static Optional<double[]> all(@Nullable Double... mm) {
    double[] values = new double[mm.length];
    for (int i = 0; i < mm.length; i++) {
      if (mm[i] == null) {
        return Optional.empty();
      }
      values[i] = Units.mm(mm[i]);
    }
    return Optional.of(values);
  }

  private static OptionalDouble mm(@Nullable Double mm) {
    return mm == null ? OptionalDouble.empty() : OptionalDouble.of(Units.mm(mm));
  }

  private static Optional<String> text(@Nullable String text) {
    return Optional.ofNullable(text).filter(t -> !t.isBlank());
  }
}
