package roadbreeze.server.map;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.longrun.Bounded;

@RestController
@RequestMapping("/api/compute")
class MapController {
  private final Bounded bounded;

  MapController(Bounded bounded) {
    this.bounded = bounded;
  }

  @Operation(summary = "Margin map of one build, or its difference to another")
  @PostMapping("/map")
  MapResult map(@Valid @RequestBody MapRequest request) {
    return bounded.call(() -> MapCalculator.map(request));
  }
}
