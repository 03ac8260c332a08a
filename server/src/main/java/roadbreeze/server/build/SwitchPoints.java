package roadbreeze.server.build;

import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** When a fan is switched on, and off again. */
public record SwitchPoints(
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double onC,
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double offC) {}
