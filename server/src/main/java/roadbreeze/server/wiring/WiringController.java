package roadbreeze.server.wiring;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.parts.SensorAdapterPart;
import roadbreeze.server.parts.SensorPart;

/** The circuit of a build. */
@RestController
@RequestMapping("/api/compute")
class WiringController {
  private final Questions questions;
  private final PartsService parts;

  WiringController(Questions questions, PartsService parts) {
    this.questions = questions;
    this.parts = parts;
  }

  @PostMapping("/wiring")
  WiringResult wiring(@Valid @RequestBody WiringRequest request) {
    return WiringResult.of(request);
  }

  @PostMapping("/wiring-bench")
  BenchResult bench(@Valid @RequestBody BenchRequest request) {
    return questions.ask(() -> BenchResult.of(request));
  }

  @PostMapping("/wiring-drill")
  BenchResult.DrillResult drill(@Valid @RequestBody BenchRequest.Drill request) {
    return questions.ask(() -> BenchResult.of(request));
  }

  @PostMapping("/wiring-loom")
  LoomResult loom(@Valid @RequestBody BuildRequest request) {
    return LoomResult.of(request.job(), request.chosen(), parts.prices());
  }

  /**
   * Probes and their adapters for what has none chosen, from the shelves; what fits nothing is left
   * out.
   */
  @PostMapping("/wiring-probes")
  List<DeviceWiring> probes(@Valid @RequestBody BuildRequest request) {
    return new ProbeSeats(request.job(), request.chosen())
        .chosen(
            parts.all(PartKind.SENSORS, SensorPart.class),
            parts.all(PartKind.SENSOR_ADAPTERS, SensorAdapterPart.class));
  }

  /** Bundles as they run. */
  @PostMapping("/wiring-ways")
  List<LoomWay.WaySaid> ways(@Valid @RequestBody BuildRequest request) {
    return LoomWay.all(request.job(), request.chosen());
  }

  /** Ways of all bundles through the front end, proposed. */
  @PostMapping("/wiring-laid")
  LoomWay.LaidLoom laid(@Valid @RequestBody BuildRequest request) {
    return questions.ask(() -> LoomWay.laid(request.job(), request.chosen()));
  }
}
