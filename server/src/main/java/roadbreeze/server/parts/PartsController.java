package roadbreeze.server.parts;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.rig.CoolerPart;

@RestController
class PartsController {
  private final PartsService parts;

  PartsController(PartsService parts) {
    this.parts = parts;
  }

  @GetMapping("/api/parts/oil-coolers")
  List<CoolerPart> oilCoolers() {
    return parts.oilCoolers();
  }
}
