package roadbreeze.server.map;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.sizing.MarginMap;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * A margin map of one build.
 *
 * @param acrossFrom first axis: °C of ambient, or km/h asked
 * @param upFrom second axis: per cent of grade, or kg of trailer
 * @param build id of it
 * @param against id of another build to take the difference to, null for none
 */
public record MapRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @NotNull MarginMap.Axes axes,
    @Within(min = -40, max = 130) double acrossFrom,
    @Within(min = -40, max = 130) double acrossTo,
    @Within(min = 0, max = 20000) double upFrom,
    @Within(min = 0, max = 20000) double upTo,
    @Within(min = 3, max = 81) int steps,
    @Nullable String against) {}
