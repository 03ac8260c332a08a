package roadbreeze.server.haul;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RoadController {
  @GetMapping("/api/roads")
  List<Road> roads() {
    return Road.ALL;
  }
}
