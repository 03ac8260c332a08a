package roadbreeze.server.trip;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.Validator;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;

/** The road of a job from end to end: at once, and how sure it is a little later. */
@RestController
@RequestMapping("/api/compute")
class TripController {
  private final Questions questions;
  private final Validator validator;

  TripController(Questions questions, Validator validator) {
    this.questions = questions;
    this.validator = validator;
  }

  @Operation(
      summary = "A build on its job's road in time; the example is the published check of a climb")
  @PostMapping("/haul")
  TripResult haul(@Valid @RequestBody BuildRequest request) {
    return TripResult.of(request.job(), request.chosen());
  }

  @Operation(summary = "Every build of a job on its road in time")
  @PostMapping("/hauls")
  List<TripResult> hauls(@Valid @RequestBody JobContent job) {
    return TripResult.all(job);
  }

  @Operation(summary = "What the driver of a build can do, and from which place on at the latest")
  @PostMapping("/haul-choices")
  List<DriverOption> choices(@Valid @RequestBody BuildRequest request) {
    return questions.ask(() -> DriverOption.all(request.job(), request.chosen()));
  }

  @Operation(summary = "Driveline, air and heat of a build at a moment of its road")
  @PostMapping("/haul-moment")
  MomentResult moment(@Valid @RequestBody MomentRequest request) {
    return MomentResult.of(request);
  }

  @Operation(summary = "How soon a build that stood overnight is warm, by each way of its oil")
  @PostMapping("/cold-morning")
  List<ColdRow> cold(@Valid @RequestBody ColdRequest request) {
    return questions.ask(() -> ColdRow.all(request));
  }

  @Operation(summary = "What the road comes to with every build, as CSV")
  @PostMapping("/hauls/csv")
  ResponseEntity<String> csv(@Valid @RequestBody JobContent job) {
    String text = new RecordCsv(TotalsRow.class, validator, null).write(TotalsRow.all(job));
    return Attachment.of(Attachment.CSV, "haul", "csv", text);
  }

  @Operation(summary = "How sure the worst moments of every build are")
  @PostMapping("/haul-bands")
  List<TripBand> bands(@Valid @RequestBody JobContent job) {
    return questions.ask(() -> TripBand.all(job));
  }
}
