package roadbreeze.server.trip;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.longrun.Questions;

@RestController
@RequestMapping("/api/compute")
class TripController {
  private final Questions questions;

  TripController(Questions questions) {
    this.questions = questions;
  }

  @Operation(summary = "A build on a road in time; the example is the published check of a climb")
  @PostMapping("/haul")
  TripResult haul(@Valid @RequestBody TripRequest request) {
    return questions.ask(() -> TripResult.of(request));
  }
}
