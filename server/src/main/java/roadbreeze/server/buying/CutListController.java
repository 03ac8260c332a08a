package roadbreeze.server.buying;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;

/** What is bought and cut for a build. */
@RestController
@RequestMapping("/api/compute")
class CutListController {
  @PostMapping("/cut-list")
  CutList cutList(@Valid @RequestBody BuildRequest request) {
    return CutList.of(request.job(), request.chosen());
  }
}
