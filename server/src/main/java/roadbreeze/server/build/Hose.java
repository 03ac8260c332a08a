package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.Guard;
import roadbreeze.core.route.Port;
import roadbreeze.server.parts.AdapterPart;
import roadbreeze.server.parts.HosePart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * One length of hose of the plan, with the fittings at its ends and along it. Where both its ends
 * are known it is drawn through the front end, and is as long as it is drawn.
 *
 * @param lengthM as long as it is thought, where it is not drawn
 * @param boreMm where no hose is chosen for it
 * @param elbows fittings that turn the oil, beside those that are drawn at its ends
 * @param stock hose that it is cut from, null where none is chosen
 * @param from where oil comes from, null where nobody has said
 * @param to where it goes, null where nobody has said
 * @param bends corners that it is led round, in order
 * @param guards what keeps it from things it comes near
 * @param clips that hold it
 */
@RecordBuilder
public record Hose(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @Within(min = 0.05, max = 10, kind = Kind.LENGTH) double lengthM,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 20, kind = Kind.COUNT) int elbows,
    @Within(min = 0, max = 20, kind = Kind.COUNT) int adapters,
    @Nullable @Valid HosePart stock,
    @Nullable @Valid HoseEnd from,
    @Nullable @Valid HoseEnd to,
    @NotNull @Size(max = 20) @DistinctIds List<@NotNull @Valid HoseBend> bends,
    @NotNull @Size(max = 40) @DistinctIds List<@NotNull @Valid HoseGuard> guards,
    @NotNull @Size(max = 40) @DistinctIds List<@NotNull @Valid HoseClip> clips)
    implements Row, HoseBuilder.With {

  /** Not drawn: only as long as somebody thinks. */
  public static Hose thought(
      String id, String name, double lengthM, double boreMm, int elbows, int adapters) {
    return new Hose(
        id, name, lengthM, boreMm, elbows, adapters, null, null, null, List.of(), List.of(),
        List.of());
  }

  /** Bore of what it is cut from. */
  public double bore() {
    return stock == null ? boreMm : stock.boreMm();
  }

  public boolean drawn() {
    return from != null && to != null;
  }

  /**
   * A port.
   *
   * @param at id of a port of the truck's own lines, or of a cooler
   * @param side of a cooler, null of the truck's own
   * @param elbow the way that the hose leaves a quarter elbow on the port, null without one
   * @param adapter between port and hose, null where that is pushed on
   */
  @RecordBuilder
  public record HoseEnd(
      @Id String at,
      @Nullable CoolerPorts.Side side,
      @Nullable Direction elbow,
      @Nullable @Valid AdapterPart adapter)
      implements HoseHoseEndBuilder.With {
    /** A port with nothing on it. */
    public static HoseEnd bare(String at, @Nullable CoolerPorts.Side side) {
      return new HoseEnd(at, side, null, null);
    }

    public HoseEnd bare() {
      return withElbow(null);
    }

    /** The same with the elbow, if any, that turns its bare port into another. */
    public HoseEnd leaving(Port bare, Port turned) {
      return withElbow(turned.equals(bare) ? null : turned.looks());
    }
  }

  /** A corner of the hose. */
  public record HoseBend(
      @Id String id,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double acrossMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double upMm,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm,
      @Within(min = 5, max = 1000, kind = Kind.SIZE) double radiusMm)
      implements Row {}

  /** What keeps the hose from one thing. */
  public record HoseGuard(@Id String id, @NotNull Guard.Kind kind, @Id String thing)
      implements Row {}

  /** A clip, so far along the hose. */
  public record HoseClip(@Id String id, @Within(min = 0, max = 10000, kind = Kind.SIZE) double atMm)
      implements Row {}
}
