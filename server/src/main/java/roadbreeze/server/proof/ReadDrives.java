package roadbreeze.server.proof;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.roadlog.Calibration;
import roadbreeze.core.roadlog.DriveReading;
import roadbreeze.core.roadlog.DrivenRoad;
import roadbreeze.core.roadlog.EqualTerms;
import roadbreeze.core.roadlog.ReadMoment;
import roadbreeze.core.roadlog.SteadyWindow;
import roadbreeze.core.roadlog.WindowFinder;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunRecordings;

/** Recorded drives of a job as the core reads them, with what was on the truck then. */
@Component
class ReadDrives {
  private final RunRecordings recordings;

  ReadDrives(RunRecordings recordings) {
    this.recordings = recordings;
  }

  /**
   * The truck's model tuned to drives.
   *
   * @param checks drives that are left out of it, to be held against
   * @throws roadbreeze.server.problem.RefusedRequestException if they are of several builds, or say
   *     too little
   */
  CalibrationResult calibrate(JobContent content, List<Run> from, List<Run> checks) {
    Build build = build(content, from.get(0));
    if (from.stream().anyMatch(r -> !build(content, r).id().equals(build.id()))) {
      throw Refusal.CALIBRATION_OF_TWO.refuse();
    }
    List<Calibration.Source> sources = sources(content, from);
    Calibration found =
        Calibration.of(
                sources, sources(content, checks), n -> Thread.currentThread().isInterrupted())
            .orElseThrow(Refusal.TOO_LITTLE_TO_CALIBRATE::refuse);
    Setup setup = sources.get(0).reading().setup();
    return CalibrationResult.of(
        found,
        setup,
        build,
        UUID.randomUUID().toString().substring(0, 8),
        Instant.now().truncatedTo(ChronoUnit.SECONDS),
        from.stream().map(r -> r.data().name()).toList(),
        content.rig().calibration());
  }

  private List<Calibration.Source> sources(JobContent content, List<Run> runs) {
    List<Calibration.Source> sources = new ArrayList<>();
    for (Run run : runs) {
      sources.add(
          new Calibration.Source(run.data().name(), read(content, run), moments(content, run)));
    }
    return sources;
  }

  EqualTerms.Side side(JobContent content, Run run) {
    DriveReading reading = read(content, run);
    return new EqualTerms.Side(
        reading.setup(), windows(WindowFinder.of(reading), reading.setup(), moments(content, run)));
  }

  /** Of the log, and behind them those that somebody wrote down. */
  static List<SteadyWindow> windows(
      WindowFinder.Found found, Setup setup, List<ReadMoment> moments) {
    List<SteadyWindow> windows = new ArrayList<>(found.windows());
    moments.forEach(m -> windows.add(m.window(setup)));
    return windows;
  }

  List<ReadMoment> moments(JobContent content, Run run) {
    return run.data().moments().stream().map(m -> m.toCore(content.checks().needle())).toList();
  }

  /** With the trailer that was towed then. */
  DriveReading read(JobContent content, Run run) {
    Double towed = run.data().trailerKg();
    JobContent then =
        towed == null
            ? content
            : content.pulling(new Trailer(content.rig().trailer().name(), towed));
    return DriveReading.of(recordings.of(run), then.setup(build(then, run)), stored(content, run));
  }

  /** What was on the truck; as it came where nobody said, or that is gone. */
  private static Build build(JobContent content, Run run) {
    return content.builds().stream()
        .filter(b -> b.id().equals(run.data().build()))
        .findFirst()
        .orElse(content.found());
  }

  private static Optional<DrivenRoad.Stored> stored(JobContent content, Run run) {
    Double from = run.data().roadFromKm();
    return from == null || content.haul().journey() == null
        ? Optional.empty()
        : Optional.of(new DrivenRoad.Stored(content.haul().journey().road(), from * 1000));
  }
}
