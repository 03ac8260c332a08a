package roadbreeze.server.wiring;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A build's circuit, loom and labels as files. */
@RestController
@RequestMapping("/api/drawings")
class WiringDrawings {
  /**
   * A build's circuit, drawn.
   *
   * @param build its id
   */
  record CircuitDrawn(
      @NotNull @Valid JobContent job, @NotNull String build, @NotNull Units.World world) {
    Drawing circuit() {
      return CircuitSheet.circuit(wired(), plan(), world, title());
    }

    Drawing loom() {
      return CircuitSheet.loom(wired(), plan(), world, title());
    }

    private WiredBuild wired() {
      return WiredBuild.of(job, job.build(build));
    }

    private WiringPlan plan() {
      return job.build(build).wiring();
    }

    private String title() {
      return CircuitSheet.title(job, job.build(build));
    }
  }

  /** The same on a paper. */
  record CircuitPaper(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull Units.World world,
      @NotNull PdfDrawing.Paper paper) {
    private CircuitDrawn drawn() {
      return new CircuitDrawn(job, build, world);
    }

    /** On one sheet each, as large as that takes. */
    byte[] circuit() {
      return pdf(List.of(drawn().circuit(), drawn().loom()));
    }

    byte[] labels() {
      CircuitDrawn d = drawn();
      return pdf(List.of(CircuitSheet.labels(d.wired(), d.plan(), world, d.title())));
    }

    private byte[] pdf(List<Drawing> drawings) {
      return PdfDrawing.of(
          drawings.stream().map(d -> d.within(paper.drawnWidth(), paper.drawnHeight())).toList(),
          paper,
          Words.of(Written.BAR.with(), world));
    }
  }

  @PostMapping("/circuit-svg")
  ResponseEntity<String> circuitSvg(@Valid @RequestBody CircuitDrawn asked) {
    return Attachment.of("image/svg+xml", "circuit", "svg", SvgDrawing.of(asked.circuit()));
  }

  @PostMapping("/loom-svg")
  ResponseEntity<String> loomSvg(@Valid @RequestBody CircuitDrawn asked) {
    return Attachment.of("image/svg+xml", "loom", "svg", SvgDrawing.of(asked.loom()));
  }

  @PostMapping("/circuit-pdf")
  ResponseEntity<byte[]> circuitPdf(@Valid @RequestBody CircuitPaper asked) {
    return Attachment.of(MediaType.APPLICATION_PDF_VALUE, "circuit", "pdf", asked.circuit());
  }

  @PostMapping("/wire-labels-pdf")
  ResponseEntity<byte[]> labelsPdf(@Valid @RequestBody CircuitPaper asked) {
    return Attachment.of(MediaType.APPLICATION_PDF_VALUE, "labels", "pdf", asked.labels());
  }
}
