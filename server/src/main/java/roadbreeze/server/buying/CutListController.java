package roadbreeze.server.buying;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.parts.PartsService;

/** What is bought and cut for a build. */
@RestController
@RequestMapping("/api/compute")
class CutListController {
  private final PartsService parts;

  CutListController(PartsService parts) {
    this.parts = parts;
  }

  @PostMapping("/cut-list")
  CutList cutList(@Valid @RequestBody BuildRequest request) {
    return CutList.of(Purchase.of(request.job(), request.chosen()), parts.prices());
  }
}
