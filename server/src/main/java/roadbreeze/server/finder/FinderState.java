package roadbreeze.server.finder;

import java.util.List;
import java.util.UUID;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.rig.Build;
import roadbreeze.server.sizing.Assessment;

/**
 * A search as it stands.
 *
 * @param share of the work done, 0 to 1
 * @param tried candidates worked out so far
 * @param enough some candidate keeps every limit; null while running
 * @param picks the small set worth considering, once done
 * @param instead what would be enough where no part is, empty where one is
 */
public record FinderState(
    UUID id,
    Status status,
    double share,
    long tried,
    double seconds,
    Boolean enough,
    List<Pick> picks,
    List<Fallen> fallen,
    List<String> instead) {

  /** Where a search stands. */
  public enum Status {
    RUNNING,
    DONE,
    CANCELLED,
    FAILED
  }

  /**
   * A candidate.
   *
   * @param build ready to stand among the job's builds
   * @param parts bought, in words
   */
  public record Pick(
      String merit,
      Build build,
      List<String> parts,
      Standing standing,
      Assessment.Gauge coolant,
      Assessment.Gauge feed,
      Assessment.Gauge pan,
      double headroomK,
      double cost,
      double minutes) {}

  /** Why combinations are not on the list, and how many. */
  public record Fallen(String reason, long count, String text) {}
}
