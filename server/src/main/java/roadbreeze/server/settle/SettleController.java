package roadbreeze.server.settle;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.sizing.BuildRequest;

@RestController
class SettleController {
  private final SettleService settle;

  SettleController(SettleService settle) {
    this.settle = settle;
  }

  @Operation(summary = "Every dispute that sizing can answer, run on one build")
  @PostMapping("/api/compute/settle")
  List<Dispute> settle(@Valid @RequestBody BuildRequest request) {
    return settle.all(request);
  }
}
