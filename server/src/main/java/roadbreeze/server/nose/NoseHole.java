package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Direction;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A hole or a stud of the body that something can be hung on.
 *
 * @param looks where a screw would come from
 * @param freeMm depth of thread that is left, or length of stud that stands free
 * @param holds what it already holds, null for nothing
 * @param plusMinusMm how well its place is known
 */
public record NoseHole(
    @Id String id,
    @NotBlank @Size(max = 40) String name,
    @NotNull BodyHole.Sort sort,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double acrossMm,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double upMm,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm,
    @NotNull Direction looks,
    @NotNull ScrewThread thread,
    @Within(min = 0, max = 200, kind = Kind.SIZE) double freeMm,
    @Nullable @Size(max = 40) String holds,
    @Within(min = 0, max = 100, kind = Kind.SIZE) double plusMinusMm)
    implements Row {}
