package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.server.problem.Within;

/**
 * A core of the pack: its place seen from the front, from the radiator's lower left, and its fins.
 */
@Embeddable
public record CoreSize(
    @Within(min = -1000, max = 2000, unit = "mm") double leftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double bottomMm,
    @Within(min = 50, max = 2000, unit = "mm") double widthMm,
    @Within(min = 50, max = 1500, unit = "mm") double heightMm,
    @Within(min = 8, max = 150, unit = "mm") double depthMm,
    @Within(min = 5, max = 30, unit = "fins/in") double finsPerInch,
    @NotNull @Enumerated(EnumType.STRING) FinMetal metal) {}
