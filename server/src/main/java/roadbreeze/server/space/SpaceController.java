package roadbreeze.server.space;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.nose.NoseSection;
import tools.jackson.databind.JsonNode;

/** The truck's nose in space. */
@RestController
@RequestMapping("/api")
class SpaceController {
  private final NoseLayouts layouts;

  SpaceController(NoseLayouts layouts) {
    this.layouts = layouts;
  }

  /** Where everything of a build stands, and what is near it. */
  @PostMapping("/compute/space")
  SpaceResult space(@Valid @RequestBody BuildRequest request) {
    return SpaceResult.of(request.job(), request.chosen());
  }

  /** What usually stands in the nose of such a truck, round what is known of this one. */
  @PostMapping("/compute/nose-start")
  NoseSection start(@Valid @RequestBody JobContent job) {
    return layouts.start(job);
  }

  /** A job's nose as a file. */
  @PostMapping("/nose-layouts/file")
  ResponseEntity<NoseLayout> file(@Valid @RequestBody JobContent job) {
    return Attachment.of(
        MediaType.APPLICATION_JSON_VALUE, job.about().name() + " nose", "json", layouts.file(job));
  }

  /** The nose that a file holds. */
  @PostMapping("/nose-layouts/read")
  NoseSection read(@RequestBody JsonNode file) {
    return layouts.read(file);
  }

  /** What such a file may hold. */
  @GetMapping("/nose-layouts/schema")
  JsonNode schema() {
    return NoseLayouts.schema();
  }
}
