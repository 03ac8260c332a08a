package roadbreeze.server.finder;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;

/**
 * What to search.
 *
 * @param build the search starts from: usually the truck restored
 * @param budget most that may be spent, in the yard's money
 * @param amps most current that an electric fan may draw
 * @param fixes whether small fixes are tried: clutch, pump, charge-air cooler, seals, a cooler's
 *     own fan, what can be moved
 * @param hours most work that may be done, beyond restoring
 */
public record FinderRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double budget,
    @Within(min = 0, max = 200, kind = Kind.TIME) double hours,
    @Within(min = 0, max = 400, kind = Kind.CURRENT) double amps,
    boolean fans,
    boolean radiators,
    boolean thermostats,
    boolean fixes) {}
