package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A core of the pack: its place seen from the front, from the radiator's lower left, and its fins.
 *
 * @param tubes inside of a radiator's tubes, null takes what is usual for its metal
 */
public record CoreSize(
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double leftMm,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double bottomMm,
    @Within(min = 50, max = 2000, kind = Kind.SIZE) double widthMm,
    @Within(min = 50, max = 1500, kind = Kind.SIZE) double heightMm,
    @Within(min = 8, max = 150, kind = Kind.SIZE) double depthMm,
    @Within(min = 5, max = 30, kind = Kind.FINS) double finsPerInch,
    @NotNull FinMetal metal,
    @Nullable RadiatorTubes.Surface tubes) {}
