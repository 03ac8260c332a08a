package roadbreeze.server.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/** A margin map of one build: grade up, ambient to the right. */
public record MapRequest(
    @NotNull @Valid JobContent job,
    @Within(min = 0, max = 5) int build,
    @Within(min = 0, max = 20, unit = "%") double gradeFrom,
    @Within(min = 1, max = 25, unit = "%") double gradeTo,
    @Within(min = -40, max = 50, unit = "°C") double ambientFromC,
    @Within(min = -30, max = 60, unit = "°C") double ambientToC,
    @Within(min = 3, max = 81) int steps) {}
