package roadbreeze.server.followup;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What became of a follow-up on a day; it is only ever added.
 *
 * @param id drawn where it happened, so that it is not added twice
 * @param until to which day it is put off; null otherwise
 * @param note what was found, or why it is put off or dropped
 * @param readings by their ids, SI, °C where it is a temperature
 * @param odometerKm as it was read then
 */
record FollowUpEvent(
    @NotNull UUID id,
    @NotNull What what,
    @NotNull LocalDate day,
    @NotBlank @Size(max = 80) String by,
    @Nullable LocalDate until,
    @NotNull @Size(max = 600) String note,
    @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull Double> readings,
    @Nullable @Within(min = 0, max = 5_000_000, kind = Kind.DISTANCE) Double odometerKm) {

  /** What can become of it. */
  enum What {
    DONE,
    SNOOZED,
    DROPPED
  }

  FollowUpEvent {
    readings = readings == null ? Map.of() : new TreeMap<>(readings);
  }
}
