package roadbreeze.server.sheet;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.document.Paper;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.row.Id;
import roadbreeze.server.yard.YardService;

@RestController
@RequestMapping("/api/papers")
class LabelsController {
  private final YardService yard;

  LabelsController(YardService yard) {
    this.yard = yard;
  }

  /**
   * Labels of a build.
   *
   * @param build its id
   * @param day that stands on them
   */
  record LabelsAsked(
      @NotNull @Valid JobContent job,
      @Id String build,
      @NotNull LocalDate day,
      @NotNull Units.World world,
      Paper.@NotNull Size size) {}

  @Operation(summary = "Labels that stay on the truck, as PDF")
  @PostMapping("/labels-pdf")
  ResponseEntity<byte[]> labels(@Valid @RequestBody LabelsAsked asked) {
    byte[] pdf =
        LabelsPaper.of(
            asked.job(),
            asked.job().build(asked.build()),
            yard.yard().name(),
            asked.day(),
            asked.world(),
            asked.size());
    return Attachment.of(
        MediaType.APPLICATION_PDF_VALUE, asked.job().about().name() + " labels", "pdf", pdf);
  }
}
