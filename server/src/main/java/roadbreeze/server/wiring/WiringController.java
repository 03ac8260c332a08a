package roadbreeze.server.wiring;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The circuit of a build. */
@RestController
@RequestMapping("/api/compute")
class WiringController {
  @PostMapping("/wiring")
  WiringResult wiring(@Valid @RequestBody WiringRequest request) {
    return WiringResult.of(request);
  }
}
