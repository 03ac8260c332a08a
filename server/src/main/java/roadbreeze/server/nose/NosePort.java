package roadbreeze.server.nose;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.LinePort;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * An end of the truck's own oil lines that a hose can be joined to.
 *
 * @param looks the way that a hose leaves it
 * @param rocks it stands on the engine or gearbox, which rock in their mounts
 * @param plusMinusMm how well its place is known
 */
public record NosePort(
    @Id String id,
    @NotBlank @Size(max = 40) String name,
    @NotNull LinePort.What what,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double acrossMm,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double upMm,
    @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm,
    @NotNull Direction looks,
    @NotNull LinePort.Fitting fitting,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    boolean rocks,
    @Within(min = 0, max = 100, kind = Kind.SIZE) double plusMinusMm)
    implements Row {}
