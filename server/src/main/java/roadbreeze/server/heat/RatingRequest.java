package roadbreeze.server.heat;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
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
    @NotNull String build,
    @Within(min = 0.1, max = 200, kind = Kind.POWER) Double heatKw,
    @Within(min = 5, max = 150, kind = Kind.DIFFERENCE) Double differenceK,
    @Within(min = 300, max = 60000, kind = Kind.MASS) Double massKg) {}
