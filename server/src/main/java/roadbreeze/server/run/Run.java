package roadbreeze.server.run;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * A drive of a job's truck.
 *
 * @param beganAt as its log says; null where that does not say
 */
public record Run(
    UUID id,
    UUID job,
    long version,
    Instant madeAt,
    @Nullable Instant beganAt,
    RunData data,
    List<Track> tracks) {

  /**
   * What is known of a drive beside what was recorded.
   *
   * @param build id of what was on the truck; null where that is not said
   * @param ambientC where no column has it
   * @param trailerKg that was towed; null as the job has it
   * @param airConditioning it was on; null where nobody knows
   * @param moments that were read off a gauge and written down
   * @param roadFromKm where on the job's road it began; null where it was driven elsewhere, or
   *     nobody said
   */
  public record RunData(
      @NotBlank @Size(max = 80) String name,
      @NotNull Sort sort,
      @Nullable @Size(max = 24) String build,
      @Nullable @Within(min = -50, max = 60, kind = Kind.TEMPERATURE) Double ambientC,
      @Nullable @Within(min = 0, max = 60000, kind = Kind.MASS) Double trailerKg,
      @Nullable Boolean airConditioning,
      @Nullable @Within(min = 0, max = 1000, kind = Kind.DISTANCE) Double roadFromKm,
      @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid RunMoment> moments,
      @NotNull @Size(max = 1000) String note) {
    /** Of before anybody could write moments down. */
    public RunData {
      moments = moments == null ? List.of() : moments;
    }
  }

  /** What it is compared as. */
  public enum Sort implements Code {
    BEFORE,
    AFTER,
    OTHER
  }

  /** A run as it is edited. */
  public record RunEdit(long version, @NotNull @Valid RunData data) {}
}
