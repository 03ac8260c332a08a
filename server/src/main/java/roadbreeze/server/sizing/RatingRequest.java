package roadbreeze.server.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * What a box claims, to be read on this truck.
 *
 * @param heatKw claimed heat, null where the box names a mass
 * @param differenceK oil entering over air entering at which the heat is claimed, null if not said
 * @param massKg "for up to" this combined mass, null where the box names a heat
 */
public record RatingRequest(
    @NotNull @Valid JobContent job,
    @Within(min = 0, max = 5) int build,
    @Within(min = 0.1, max = 200, unit = "kW") Double heatKw,
    @Within(min = 5, max = 150, unit = "K") Double differenceK,
    @Within(min = 300, max = 60000, unit = "kg") Double massKg) {}
