package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/**
 * Something in the front opening, seen from the front.
 *
 * @param takesAir true if no ram air reaches what stands right behind it
 * @param movable true if it can be moved, like a horn
 */
@Embeddable
public record Obstacle(
    @NotBlank @Size(max = 40) String name,
    @Within(min = -1000, max = 2000, unit = "mm") double leftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double bottomMm,
    @Within(min = 20, max = 2000, unit = "mm") double widthMm,
    @Within(min = 20, max = 1500, unit = "mm") double heightMm,
    boolean takesAir,
    boolean movable) {}
