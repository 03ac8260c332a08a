package roadbreeze.server.proof;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.roadlog.EqualTerms;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.problem.Within;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunRecordings;

/** Recorded drives of a job, read. */
@RestController
@RequestMapping("/api/jobs/{job}")
class ProofController {
  private final RunRecordings recordings;
  private final ReadDrives drives;
  private final JobService jobs;
  private final Questions questions;

  ProofController(
      RunRecordings recordings, ReadDrives drives, JobService jobs, Questions questions) {
    this.drives = drives;
    this.recordings = recordings;
    this.jobs = jobs;
    this.questions = questions;
  }

  @Operation(summary = "A run as it was driven, with what the model makes of the same drive")
  @GetMapping("/runs/{run}/reading")
  ReadingResult reading(@PathVariable UUID job, @PathVariable UUID run) {
    Run chosen = recordings.run(job, run);
    JobContent content = jobs.get(job).content();
    return questions.ask(
        () -> ReadingResult.of(drives.read(content, chosen), drives.moments(content, chosen)));
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
          EqualTerms.Side first = drives.side(content, before);
          EqualTerms.Side second = drives.side(content, after);
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
    return questions.ask(() -> drives.calibrate(content, from, checks));
  }
}
