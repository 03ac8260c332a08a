package roadbreeze.server.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/** One build of one truck at one point of a road. */
public record BalanceRequest(
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @NotNull @Valid Build build,
    @NotNull @Valid Haul haul) {}
