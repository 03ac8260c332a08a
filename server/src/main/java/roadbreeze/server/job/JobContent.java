package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.line.Hose;
import roadbreeze.server.line.LinePlan;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/** All of a job that people enter. Results are computed from it and never stored. */
public record JobContent(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(max = 2000) String complaint,
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @NotNull @Valid Haul haul,
    @NotNull @Size(min = 1, max = 6) List<@NotNull @Valid Build> builds,
    @NotNull @Valid LinePlan linePlan,
    @NotNull @Size(max = 12) List<@NotNull @Valid Hose> hoses,
    @NotNull @Size(max = 12) List<@NotNull @Valid MountingStrip> strips) {

  /** The same job with other builds. */
  public JobContent withBuilds(List<Build> newBuilds) {
    return new JobContent(
        name, complaint, vehicle, trailer, haul, newBuilds, linePlan, hoses, strips);
  }
}
