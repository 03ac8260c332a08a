package roadbreeze.server.switching;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;

@RestController
@RequestMapping("/api/compute")
class SwitchController {
  @PostMapping("/switching")
  SwitchResult switching(@Valid @RequestBody BuildRequest request) {
    return SwitchResult.of(request.job(), request.chosen());
  }
}
