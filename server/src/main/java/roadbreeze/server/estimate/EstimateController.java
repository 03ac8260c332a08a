package roadbreeze.server.estimate;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.account.Who;
import roadbreeze.server.build.Build;
import roadbreeze.server.document.Paper;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.message.Units;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.signed.SignedPapers;
import roadbreeze.server.yard.Yard;
import roadbreeze.server.yard.YardService;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api")
class EstimateController {
  private final Questions questions;
  private final TaskShelf shelf;
  private final YardService yard;
  private final JobService jobs;
  private final SignedPapers papers;
  private final Who who;
  private final PartsService parts;

  EstimateController(
      Questions questions,
      TaskShelf shelf,
      YardService yard,
      JobService jobs,
      SignedPapers papers,
      Who who,
      PartsService parts) {
    this.parts = parts;
    this.who = who;
    this.jobs = jobs;
    this.papers = papers;
    this.questions = questions;
    this.shelf = shelf;
    this.yard = yard;
  }

  /**
   * An estimate on paper.
   *
   * @param build its id
   * @param day that stands on it
   */
  record EstimateAsked(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull LocalDate day,
      @NotNull Units.World world,
      Paper.@NotNull Size size) {}

  @Operation(summary = "What each build of a job costs: repair alone beside the plans")
  @PostMapping("/compute/estimate")
  EstimateResult estimate(@Valid @RequestBody JobContent job) {
    Estimate.Rates rates = rates();
    return questions.ask(() -> EstimateResult.of(job, rates));
  }

  @Operation(summary = "An estimate for the customer, as PDF")
  @PostMapping("/papers/estimate-pdf")
  ResponseEntity<byte[]> paper(@Valid @RequestBody EstimateAsked asked) {
    Build chosen = asked.job().build(asked.build());
    byte[] pdf =
        EstimatePaper.of(
            asked.job(), chosen, rates(), asked.day(), asked.world(), asked.size(), null);
    String name = asked.job().about().name() + " " + chosen.name() + " estimate";
    return Attachment.of(MediaType.APPLICATION_PDF_VALUE, name, "pdf", pdf);
  }

  /**
   * An estimate that is accepted.
   *
   * @param build its id
   * @param by name as it is typed
   * @param on device
   */
  record EstimateAccepted(
      @NotNull String build,
      @NotBlank @Size(max = 80) String by,
      @NotBlank @Size(max = 80) String on,
      @NotNull LocalDate day,
      @NotNull Units.World world,
      Paper.@NotNull Size size) {}

  /** All that a signed estimate was made of. */
  record EstimateSnapshot(
      String format,
      EstimateAccepted accepted,
      JobContent job,
      EstimateResult estimate,
      Yard yard) {}

  @Operation(summary = "Signs the estimate of a job as it is saved, and keeps it")
  @PostMapping("/jobs/{id}/papers/estimate")
  SignedPaper accept(@PathVariable UUID id, @Valid @RequestBody EstimateAccepted accepted) {
    JobContent job = jobs.get(id).content();
    Build chosen = job.build(accepted.build());
    Estimate.Rates rates = rates();
    String snapshot =
        JSON.writeValueAsString(
            new EstimateSnapshot(
                "road-breeze-signed-estimate",
                accepted,
                job,
                EstimateResult.of(job, rates),
                rates.yard()));
    SignedPaper paper =
        papers.sign(
            new SignedPapers.Signing(
                SignedPaper.Kind.ESTIMATE,
                chosen.id(),
                job.about().name() + ": " + chosen.name(),
                accepted.by(),
                who.on(accepted.on())),
            snapshot);
    // Laid out before the database is asked for anything: bands of a long road take seconds.
    byte[] pages =
        EstimatePaper.of(
            job, chosen, rates, accepted.day(), accepted.world(), accepted.size(), paper);
    papers.keep(id, paper, snapshot, pages);
    return paper;
  }

  private Estimate.Rates rates() {
    return new Estimate.Rates(shelf.tasks(), yard.yard(), parts.prices());
  }

  private static final JsonMapper JSON = JsonMapper.shared();
}
