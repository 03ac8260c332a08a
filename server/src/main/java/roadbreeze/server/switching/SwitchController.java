package roadbreeze.server.switching;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.longrun.Questions;

@RestController
@RequestMapping("/api/compute")
class SwitchController {
  private final Questions questions;

  SwitchController(Questions questions) {
    this.questions = questions;
  }

  @PostMapping("/switching")
  SwitchResult switching(@Valid @RequestBody BuildRequest request) {
    return SwitchResult.of(request.job(), request.chosen());
  }

  @PostMapping("/switch-proposal")
  SwitchResult.Proposed proposal(@Valid @RequestBody BuildRequest request) {
    return questions.ask(() -> SwitchResult.Proposed.of(request.job(), request.chosen()));
  }
}
