package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * Hoses of a build.
 *
 * @param spareMm left on each hose end to be cut when offered up
 * @param joining whether the truck's lines can go back to stock
 * @param clamps that hold oil hoses on barbs
 * @param tankCapped ports of an in-tank cooler that the oil goes past are capped
 * @param inline what sits in the hoses
 */
@RecordBuilder
public record LinePlan(
    @Within(min = 0, max = 500, kind = Kind.SIZE) double spareMm,
    @NotNull Joining joining,
    @NotNull Clamps clamps,
    boolean tankCapped,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid Hose> hoses,
    @NotNull @Size(max = 8) @DistinctIds List<@NotNull @Valid Inline> inline)
    implements LinePlanBuilder.With {

  /** How hoses are joined to the truck's own lines. */
  public enum Joining {
    /** By adapters that come off again. */
    BACK_TO_STOCK,
    /** The line is cut, and a barb put on it. */
    CUT
  }

  /** The schools of clamping a hose. */
  public enum Clamps implements Code {
    CONSTANT_TENSION,
    LINED_WORM,
    /** Its slots cut the hose, and it slackens. */
    PLAIN_WORM
  }

  /** What sits in a hose, none where that is not there. */
  public List<Inline> in(Hose hose) {
    return inline.stream().filter(i -> i.hose().equals(hose.id())).toList();
  }

  /** What sits in a hose, by its own id. */
  public Optional<Inline> sitting(String id) {
    return inline.stream().filter(i -> i.id().equals(id)).findFirst();
  }

  /** What is cut for a hose of so much from port to port, mm. */
  public double cutMm(double fittedMm) {
    return fittedMm + 2 * spareMm;
  }
}
