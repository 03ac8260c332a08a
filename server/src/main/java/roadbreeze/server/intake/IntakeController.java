package roadbreeze.server.intake;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class IntakeController {
  @GetMapping("/api/intake/kinds")
  List<Intake.Start> kinds() {
    return Intake.starts();
  }
}
