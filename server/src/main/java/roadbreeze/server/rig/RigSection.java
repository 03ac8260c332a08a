package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.row.DistinctIds;

/**
 * Truck and trailer as they are before anything is built on: a section of a job.
 *
 * @param ratings as the plates give them, null where none was read
 * @param obstacles in the front opening
 * @param traverse anemometer readings, null where none were taken
 * @param marks of numbers that were measured or only assumed, by path from here
 */
public record RigSection(
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @Nullable @Valid RatingsData ratings,
    @NotNull @Size(max = 20) @DistinctIds List<@NotNull @Valid Obstacle> obstacles,
    @Nullable @Valid AirTraverse traverse,
    @NotNull @Valid FoundLines foundLines,
    @NotNull @Size(max = 200) Map<String, Mark> marks) {

  /** Ratings of truck, hitch and trailer that are passed; no cooling clears them. */
  public List<Finding> overRatings() {
    return ratings == null ? List.of() : ratings.passed(vehicle.massKg(), trailer.massKg());
  }
}
