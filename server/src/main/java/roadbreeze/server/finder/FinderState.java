package roadbreeze.server.finder;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.finder.Result;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.message.Said;

/**
 * A search as it stands.
 *
 * @param share of the work done, 0 to 1
 * @param tried candidates worked out so far
 * @param enough some candidate keeps every limit; null while running
 * @param sets of parts looked at so far: as many as are unbeaten and as fell out
 * @param picks the small set worth considering, of what is worked out so far
 * @param unbeaten sets that keep every limit and that no other beats
 * @param fallen why the other sets are not worth considering
 * @param refused parts that were left out beforehand
 * @param instead what would be enough where no part is, empty where one is
 */
public record FinderState(
    UUID id,
    LongRuns.Status status,
    double share,
    long tried,
    double seconds,
    @Nullable Boolean enough,
    long sets,
    List<Pick> picks,
    long unbeaten,
    List<Fallen> fallen,
    List<Fallen> refused,
    List<Said> instead) {

  /** Of a run with nothing worked out yet. */
  static FinderState waiting(UUID id, LongRuns.RunState run) {
    return new FinderState(
        id,
        run.status(),
        run.share(),
        run.tried(),
        run.seconds(),
        null,
        0,
        List.of(),
        0,
        List.of(),
        List.of(),
        List.of());
  }

  /** The same finds, with how far the run has come by now. */
  FinderState at(LongRuns.Status now, double shareNow, long triedNow, double secondsNow) {
    return new FinderState(
        id,
        now,
        shareNow,
        triedNow,
        secondsNow,
        enough,
        sets,
        picks,
        unbeaten,
        fallen,
        refused,
        instead);
  }

  /**
   * A candidate.
   *
   * @param build ready to stand among the job's builds, once it has an id of its own
   * @param parts bought
   * @param overRatings ratings that are passed, whatever is bought
   * @param clashes what of the build to start from does not fit
   */
  public record Pick(
      Result.Merit merit,
      Build build,
      List<Said> parts,
      List<Said> overRatings,
      List<Verdict.Clash> clashes,
      @Nullable Standing standing,
      @Nullable Verdict.Gauge coolant,
      @Nullable Verdict.Gauge feed,
      @Nullable Verdict.Gauge pan,
      double headroomK,
      double cost,
      double minutes) {}

  /**
   * A reason, and how many it counts.
   *
   * @param reason code of its words
   */
  public record Fallen(String reason, long count) {}
}
