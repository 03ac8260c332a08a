package roadbreeze.server.rig;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Something in the front opening, seen from the front.
 *
 * @param takesAir true if no ram air reaches what stands right behind it
 * @param movable true if it can be moved, like a horn
 */
public record Obstacle(
    @Id String id,
    @NotBlank @Size(max = 40) String name,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double leftMm,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double bottomMm,
    @Within(min = 20, max = 2000, kind = Kind.SIZE) double widthMm,
    @Within(min = 20, max = 1500, kind = Kind.SIZE) double heightMm,
    boolean takesAir,
    boolean movable)
    implements Row {}
