package roadbreeze.server.rig;

import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Oil lines as found, and what the pump can push.
 *
 * @param lengthM to the in-tank cooler and back
 * @param loss of their fittings, velocity heads
 * @param pumpMaxKpa pressure at which the cooler circuit stops flowing
 * @param coldC oil of a cold morning
 */
public record FoundLines(
    @Within(min = 0.2, max = 15, kind = Kind.LENGTH) double lengthM,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 30) double loss,
    @Within(min = 50, max = 2000, kind = Kind.PRESSURE) double pumpMaxKpa,
    @Within(min = -40, max = 40, kind = Kind.TEMPERATURE) double coldC) {}
