package roadbreeze.server.job;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.Job.Section;

/**
 * A saved job as the yard lists it.
 *
 * @param changedAt when any of its sections was saved last
 * @param truck what it is called
 * @param builds in their order
 */
public record JobCard(
    UUID id,
    Instant changedAt,
    Section<About> about,
    String truck,
    String trailer,
    Stretch stretch,
    List<BuildName> builds) {

  /**
   * The stretch to be held.
   *
   * @param way the road it lies on; null where the job has none
   */
  public record Stretch(
      String road, double gradePercent, double speedKmh, double ambientC, @Nullable Way way) {}

  /** A road from end to end. */
  public record Way(String name, double fromKm, double toKm, double coldestC, double hottestC) {}

  /** A build without what it is made of. */
  public record BuildName(String id, Build.Kind kind, String name) {}
}
