package roadbreeze.server.fill;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;

@RestController
@RequestMapping("/api/compute")
class FillController {
  @Operation(summary = "What goes into a build's loop and gearbox, how, and how that is looked at")
  @PostMapping("/fill")
  FillResult fill(@Valid @RequestBody BuildRequest request) {
    return FillResult.of(request.job(), request.chosen());
  }
}
