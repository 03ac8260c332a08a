package roadbreeze.server.line;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;

/** Hoses of a build. */
@RestController
@RequestMapping("/api/compute")
class LineController {
  @PostMapping("/lines")
  LineResult lines(@Valid @RequestBody BuildRequest request) {
    return LineResult.of(request.job(), request.chosen());
  }
}
