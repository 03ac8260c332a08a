package roadbreeze.server.map;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.longrun.Questions;

@RestController
@RequestMapping("/api/compute")
class MapController {
  private final Questions questions;

  MapController(Questions questions) {
    this.questions = questions;
  }

  @Operation(summary = "Margin map of one build, or its difference to another")
  @PostMapping("/map")
  MapResult map(@Valid @RequestBody MapRequest request) {
    return questions.ask(() -> MapCalculator.map(request));
  }
}
