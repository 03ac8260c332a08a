package roadbreeze.server.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Obstacle;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/** One build of one truck at one point of a road. */
public record BalanceRequest(
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @NotNull @Size(max = 20) List<@NotNull @Valid Obstacle> obstacles,
    @NotNull @Valid Build build,
    @NotNull @Valid Haul haul) {}
