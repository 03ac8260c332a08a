package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Surround;
import roadbreeze.server.nose.NoseSolid.NosePoint;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Row;

/**
 * How a build is wired, as far as somebody has chosen it: all else is proposed from its devices.
 *
 * @param guard of the feeds of motors
 * @param box where relays and fuses sit, null beside the battery
 * @param devices how each thing is switched, by its id
 * @param extras things that are there for their wiring alone
 * @param wires that are not as proposed
 * @param guards that are not as proposed
 * @param ways of bundles through the front end that somebody has laid
 */
@RecordBuilder
public record WiringPlan(
    @NotNull Part.Feed feed,
    @NotNull Part.Guard.Kind guard,
    @Nullable @Valid BoxPlace box,
    @NotNull @Size(max = 20) @DistinctIds List<@NotNull @Valid DeviceWiring> devices,
    @NotNull @Size(max = 6) @DistinctIds List<@NotNull @Valid ExtraDevice> extras,
    @NotNull @Size(max = 200) @DistinctIds List<@NotNull @Valid WireChoice> wires,
    @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid GuardChoice> guards,
    @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid LaidWay> ways)
    implements WiringPlanBuilder.With {

  /** Nothing chosen yet. */
  public static final WiringPlan PROPOSED =
      new WiringPlan(
          Part.Feed.BATTERY,
          Part.Guard.Kind.FUSE,
          null,
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of());

  /**
   * Where the box is, in the frame of the nose.
   *
   * @param opening which way its lid and its wires look
   */
  public record BoxPlace(
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double acrossMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double upMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm,
      @NotNull Opening opening,
      boolean sealed) {}

  /** Which way a box opens. */
  public enum Opening implements Code {
    DOWN,
    SIDE,
    UP
  }

  /**
   * A wire that is not as proposed; null is as proposed.
   *
   * @param id its two terminals
   * @param lengthM as it was measured
   */
  public record WireChoice(
      @NotNull @Size(max = 120) String id,
      @Nullable @Within(min = 0.2, max = 100, kind = Kind.CROSS_SECTION) Double areaMm2,
      @Nullable @Within(min = 0.05, max = 30, kind = Kind.LENGTH) Double lengthM,
      @Nullable Surround surround,
      @Nullable Run.Colour colour)
      implements Row {}

  /**
   * The way of a bundle from one place to another.
   *
   * @param id its two places
   * @param bends corners in between
   */
  public record LaidWay(
      @NotNull @Size(max = 120) String id,
      @NotNull @Size(max = 30) @DistinctIds List<@NotNull @Valid NosePoint> bends)
      implements Row {}

  /** A fuse or breaker that is not as proposed. */
  public record GuardChoice(
      @NotNull @Size(max = 120) String id,
      @Within(min = 1, max = 200, kind = Kind.CURRENT) double amps)
      implements Row {}

  /** What was chosen of one thing. */
  public Optional<DeviceWiring> of(String device) {
    return devices.stream().filter(d -> d.id().equals(device)).findFirst();
  }

  /** Of a wire, as chosen or as usual. */
  public Run.Colour colour(Run run) {
    return wires.stream()
        .filter(w -> w.id().equals(run.id()) && w.colour() != null)
        .map(WireChoice::colour)
        .findFirst()
        .orElse(run.role().colour());
  }
}
