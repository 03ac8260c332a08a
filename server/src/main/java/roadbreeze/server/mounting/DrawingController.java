package roadbreeze.server.mounting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.DxfDrawing;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** Brackets as drawings to scale. */
@RestController
@RequestMapping("/api/drawings")
class DrawingController {
  /** One bracket. */
  record BracketDrawing(@NotNull @Valid Bracket bracket, @NotNull Units.World world) {}

  /** Several on one paper. */
  record BracketSheets(
      @NotNull @Size(min = 1, max = 12) List<@NotNull @Valid Bracket> brackets,
      @NotNull Units.World world,
      @NotNull PdfDrawing.Paper paper) {}

  @PostMapping("/bracket-svg")
  ResponseEntity<String> svg(@Valid @RequestBody BracketDrawing asked) {
    return Attachment.of(
        "image/svg+xml",
        asked.bracket().name(),
        "svg",
        SvgDrawing.of(FlatDrawing.of(asked.bracket(), asked.world())));
  }

  @PostMapping("/bracket-dxf")
  ResponseEntity<String> dxf(@Valid @RequestBody BracketDrawing asked) {
    return Attachment.of(
        "image/vnd.dxf",
        asked.bracket().name(),
        "dxf",
        DxfDrawing.of(FlatDrawing.of(asked.bracket(), asked.world())));
  }

  @PostMapping("/brackets-pdf")
  ResponseEntity<byte[]> pdf(@Valid @RequestBody BracketSheets asked) {
    return Attachment.of(
        MediaType.APPLICATION_PDF_VALUE,
        "brackets",
        "pdf",
        PdfDrawing.of(
            asked.brackets().stream().map(b -> FlatDrawing.of(b, asked.world())).toList(),
            asked.paper(),
            Words.of(Written.BAR.with(), asked.world())));
  }

  /**
   * Plates for a build's radiator.
   *
   * @param build its id
   */
  record PlateSheets(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull Units.World world,
      @NotNull PdfDrawing.Paper paper) {
    List<Drawing> drawings() {
      Build chosen = job.build(build);
      return chosen.radiator() == null
          ? List.of()
          : RadiatorResult.fit(job, chosen, job.setup(chosen)).plates().stream()
              .map(p -> PlateDrawing.of(p, world))
              .toList();
    }
  }

  @PostMapping("/plates-pdf")
  ResponseEntity<byte[]> platesPdf(@Valid @RequestBody PlateSheets asked) {
    return Attachment.of(
        MediaType.APPLICATION_PDF_VALUE,
        "plates",
        "pdf",
        PdfDrawing.of(
            asked.drawings(), asked.paper(), Words.of(Written.BAR.with(), asked.world())));
  }

  @PostMapping("/plates-dxf")
  ResponseEntity<String> platesDxf(@Valid @RequestBody PlateSheets asked) {
    return Attachment.of(
        "image/vnd.dxf", "plates", "dxf", DxfDrawing.of(Drawing.beside(asked.drawings())));
  }

  @PostMapping("/plates-svg")
  ResponseEntity<String> platesSvg(@Valid @RequestBody PlateSheets asked) {
    return Attachment.of(
        "image/svg+xml", "plates", "svg", SvgDrawing.of(Drawing.beside(asked.drawings())));
  }
}
