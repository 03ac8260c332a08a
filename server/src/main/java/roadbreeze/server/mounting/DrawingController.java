package roadbreeze.server.mounting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.DxfDrawing;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.problem.Refusal;

/** Brackets, channels and plates as drawings to scale. */
@RestController
@RequestMapping("/api/drawings")
class DrawingController {
  /** One bracket. */
  record BracketDrawing(@NotNull @Valid Bracket bracket, @NotNull Units.World world) {}

  /**
   * One channel of a build.
   *
   * @param build its id
   * @param channel its id
   */
  record ChannelDrawing(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull String channel,
      @NotNull Units.World world) {
    Drawing drawing() {
      return BuildDrawings.channel(job, job.build(build), channel, world)
          .orElseThrow(() -> Refusal.NO_SUCH_CHANNEL.refuse());
    }
  }

  /**
   * All that a build has of a kind, on one paper.
   *
   * @param build its id
   */
  record BuildSheets(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull Units.World world,
      @NotNull PdfDrawing.Paper paper) {
    List<Drawing> brackets() {
      return BuildDrawings.brackets(job, job.build(build), world);
    }

    List<Drawing> plates() {
      return BuildDrawings.plates(job, job.build(build), world);
    }
  }

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

  @PostMapping("/channel-svg")
  ResponseEntity<String> channelSvg(@Valid @RequestBody ChannelDrawing asked) {
    return Attachment.of("image/svg+xml", asked.channel(), "svg", SvgDrawing.of(asked.drawing()));
  }

  @PostMapping("/channel-dxf")
  ResponseEntity<String> channelDxf(@Valid @RequestBody ChannelDrawing asked) {
    return Attachment.of("image/vnd.dxf", asked.channel(), "dxf", DxfDrawing.of(asked.drawing()));
  }

  @PostMapping("/brackets-pdf")
  ResponseEntity<byte[]> pdf(@Valid @RequestBody BuildSheets asked) {
    return sheets("brackets", asked.brackets(), asked);
  }

  @PostMapping("/plates-pdf")
  ResponseEntity<byte[]> platesPdf(@Valid @RequestBody BuildSheets asked) {
    return sheets("plates", asked.plates(), asked);
  }

  private static ResponseEntity<byte[]> sheets(
      String name, List<Drawing> drawings, BuildSheets asked) {
    return Attachment.of(
        MediaType.APPLICATION_PDF_VALUE,
        name,
        "pdf",
        PdfDrawing.of(drawings, asked.paper(), Words.of(Written.BAR.with(), asked.world())));
  }

  @PostMapping("/plates-dxf")
  ResponseEntity<String> platesDxf(@Valid @RequestBody BuildSheets asked) {
    return Attachment.of(
        "image/vnd.dxf", "plates", "dxf", DxfDrawing.of(Drawing.beside(asked.plates())));
  }

  @PostMapping("/plates-svg")
  ResponseEntity<String> platesSvg(@Valid @RequestBody BuildSheets asked) {
    return Attachment.of(
        "image/svg+xml", "plates", "svg", SvgDrawing.of(Drawing.beside(asked.plates())));
  }
}
