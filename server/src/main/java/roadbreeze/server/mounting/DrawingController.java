package roadbreeze.server.mounting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
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
      Build chosen = job.build(build);
      return channels(job, chosen, world, c -> c.id().equals(channel))
          .findFirst()
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
    /** Brackets, and channels that can be. */
    List<Drawing> brackets() {
      Build chosen = job.build(build);
      return Stream.concat(
              chosen.mounting().brackets().stream().map(b -> FlatDrawing.of(b, world)),
              channels(job, chosen, world, c -> true))
          .toList();
    }

    /** For a radiator that is not the truck's own. */
    List<Drawing> plates() {
      Build chosen = job.build(build);
      return chosen.radiator() == null
          ? List.of()
          : RadiatorResult.fit(job, chosen, job.setup(chosen)).plates().stream()
              .map(p -> PlateDrawing.of(p, world))
              .toList();
    }
  }

  private static Stream<Drawing> channels(
      JobContent job, Build build, Units.World world, Predicate<Channel> which) {
    Map<String, Bracket> webs =
        MountingResult.of(job, build).channels().stream()
            .filter(f -> f.web() != null)
            .collect(Collectors.toMap(FlatChannel::id, FlatChannel::web));
    return build.mounting().channels().stream()
        .filter(which.and(c -> webs.containsKey(c.id())))
        .map(c -> FlatDrawing.of(c, webs.get(c.id()), world));
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
