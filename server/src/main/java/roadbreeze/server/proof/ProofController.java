package roadbreeze.server.proof;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.roadlog.Calibration;
import roadbreeze.core.roadlog.DriveReading;
import roadbreeze.core.roadlog.DrivenRoad;
import roadbreeze.core.roadlog.EqualTerms;
import roadbreeze.core.roadlog.ReadMoment;
import roadbreeze.core.roadlog.SteadyWindow;
import roadbreeze.core.roadlog.WindowFinder;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.Within;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunRecordings;

/** Recorded drives of a job, read. */
@RestController
@RequestMapping("/api/jobs/{job}")
class ProofController {
  private final RunRecordings recordings;
  private final JobService jobs;
  private final Questions questions;

  ProofController(RunRecordings recordings, JobService jobs, Questions questions) {
    this.recordings = recordings;
    this.jobs = jobs;
    this.questions = questions;
  }

  @Operation(summary = "A run as it was driven, with what the model makes of the same drive")
  @GetMapping("/runs/{run}/reading")
  ReadingResult reading(@PathVariable UUID job, @PathVariable UUID run) {
    Run chosen = recordings.run(job, run);
    JobContent content = jobs.get(job).content();
    return questions.ask(() -> ReadingResult.of(read(content, chosen), moments(content, chosen)));
  }

  /**
   * What is compared.
   *
   * @param dayC a hot day, to which it is carried over
   */
  record CompareAsk(
      @NotNull UUID before,
      @NotNull UUID after,
      @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double dayC) {}

  /** One row a temperature. */
  record CompareResult(List<TermsRow> rows) {}

  @Operation(summary = "A run before the work against one after it, on equal terms")
  @PostMapping("/compare")
  CompareResult compare(@PathVariable UUID job, @Valid @RequestBody CompareAsk ask) {
    Run before = recordings.run(job, ask.before());
    Run after = recordings.run(job, ask.after());
    JobContent content = jobs.get(job).content();
    return questions.ask(
        () -> {
          EqualTerms.Side first = side(content, before);
          EqualTerms.Side second = side(content, after);
          return new CompareResult(
              Arrays.stream(Fluid.values())
                  .map(f -> TermsRow.of(f, first, second, ask.dayC()))
                  .toList());
        });
  }

  /**
   * Which drives a model is tuned to.
   *
   * @param from runs
   * @param checks runs that are left out of it, to be held against
   */
  record CalibrationAsk(
      @NotNull @Size(min = 1, max = 6) List<@NotNull UUID> from,
      @NotNull @Size(max = 6) List<@NotNull UUID> checks) {}

  @Operation(summary = "The truck's model tuned to recorded drives; nothing is kept of it yet")
  @PostMapping("/calibrate")
  CalibrationResult calibrate(@PathVariable UUID job, @Valid @RequestBody CalibrationAsk ask) {
    List<Run> from = ask.from().stream().map(id -> recordings.run(job, id)).toList();
    List<Run> checks = ask.checks().stream().map(id -> recordings.run(job, id)).toList();
    JobContent content = jobs.get(job).content();
    Build build = build(content, from.get(0));
    if (from.stream().anyMatch(r -> !build(content, r).id().equals(build.id()))) {
      throw Refusal.CALIBRATION_OF_TWO.refuse();
    }
    return questions.ask(
        () -> {
          List<Calibration.Source> sources = sources(content, from);
          Calibration found =
              Calibration.of(
                      sources,
                      sources(content, checks),
                      n -> Thread.currentThread().isInterrupted())
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
        });
  }

  private List<Calibration.Source> sources(JobContent content, List<Run> runs) {
    List<Calibration.Source> sources = new ArrayList<>();
    for (Run run : runs) {
      sources.add(
          new Calibration.Source(run.data().name(), read(content, run), moments(content, run)));
    }
    return sources;
  }

  private EqualTerms.Side side(JobContent content, Run run) {
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

  private static List<ReadMoment> moments(JobContent content, Run run) {
    return run.data().moments().stream().map(m -> m.toCore(content.checks().needle())).toList();
  }

  /** With the trailer that was towed then. */
  private DriveReading read(JobContent content, Run run) {
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
