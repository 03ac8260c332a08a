package roadbreeze.server.job;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.line.Hose;
import roadbreeze.server.line.LinePlan;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Obstacle;
import roadbreeze.server.rig.Origin;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/**
 * All of a job that people enter. Results are computed from it and never stored.
 *
 * @param obstacles in the front opening
 * @param origins of numbers that were measured or only assumed
 * @param traverse anemometer readings, null where none were taken
 */
public record JobContent(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(max = 2000) String complaint,
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @NotNull @Valid Haul haul,
    @NotNull @Size(max = 20) List<@NotNull @Valid Obstacle> obstacles,
    @NotNull @Size(max = 200) List<@NotNull @Valid Origin> origins,
    @Nullable @Valid AirTraverse traverse,
    @NotNull @Size(min = 1, max = 6) List<@NotNull @Valid Build> builds,
    @NotNull @Valid LinePlan linePlan,
    @NotNull @Size(max = 12) List<@NotNull @Valid Hose> hoses,
    @NotNull @Size(max = 12) List<@NotNull @Valid MountingStrip> strips) {

  /** The same job with other builds. */
  public JobContent withBuilds(List<Build> newBuilds) {
    return new JobContent(
        name, complaint, vehicle, trailer, haul, obstacles, origins, traverse, newBuilds, linePlan,
        hoses, strips);
  }

  /** The same job on another road. */
  public JobContent withHaul(Haul newHaul) {
    return new JobContent(
        name, complaint, vehicle, trailer, newHaul, obstacles, origins, traverse, builds, linePlan,
        hoses, strips);
  }
}
