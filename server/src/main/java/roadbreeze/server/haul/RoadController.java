package roadbreeze.server.haul;

import jakarta.validation.Valid;
import jakarta.validation.Validator;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.problem.Refusal;

/** The yard's roads, and roads out of and into files. */
@RestController
@RequestMapping("/api/roads")
class RoadController {
  private static final String GPX = "application/gpx+xml";

  private final Validator validator;

  RoadController(Validator validator) {
    this.validator = validator;
  }

  @GetMapping
  List<Road> roads() {
    return Road.all();
  }

  @PostMapping(value = "/csv", consumes = "text/csv")
  RoadReading csv(@RequestBody(required = false) byte[] file) {
    return RoadReading.csv(file == null ? new byte[0] : file, validator);
  }

  @PostMapping(value = "/gpx", consumes = GPX)
  RoadReading gpx(@RequestBody(required = false) byte[] file) {
    return RoadReading.gpx(file == null ? new byte[0] : file);
  }

  @PostMapping("/as-csv")
  ResponseEntity<String> asCsv(@Valid @RequestBody Haul haul) {
    String text =
        new RecordCsv(RoadRow.class, validator, null).write(RoadRow.of(journey(haul).points()));
    return Attachment.of(Attachment.CSV, "road", "csv", text);
  }

  @PostMapping("/as-gpx")
  ResponseEntity<String> asGpx(@Valid @RequestBody Haul haul) {
    return Attachment.of(
        GPX, "road", "gpx", RoadGpx.write(journey(haul).name(), journey(haul).points()));
  }

  private static Journey journey(Haul haul) {
    if (haul.journey() == null) {
      throw Refusal.NO_ROAD.refuse();
    }
    return haul.journey();
  }
}
