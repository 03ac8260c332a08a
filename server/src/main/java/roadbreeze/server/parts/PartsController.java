package roadbreeze.server.parts;

import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.RadiatorPart;

@RestController
@RequestMapping("/api/parts")
class PartsController {
  private final PartsService parts;

  PartsController(PartsService parts) {
    this.parts = parts;
  }

  /** The whole catalogue, by shelf. */
  record Catalogue(
      List<CoolerPart> oilCoolers,
      List<RadiatorPart> radiators,
      List<FanPart> fans,
      List<ThermostatPart> thermostats,
      List<CapPart> caps,
      List<ControllerPart> controllers) {}

  @GetMapping
  Catalogue all() {
    return new Catalogue(
        parts.oilCoolers(),
        parts.radiators(),
        parts.fans(),
        parts.thermostats(),
        parts.all(PartKind.CAPS).stream().map(CapPart.class::cast).toList(),
        parts.all(PartKind.CONTROLLERS).stream().map(ControllerPart.class::cast).toList());
  }

  @GetMapping("/{shelf}/csv")
  ResponseEntity<String> csv(@PathVariable String shelf) {
    PartKind kind = PartKind.of(shelf);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(kind.slug() + ".csv").build().toString())
        .body(parts.csv(kind));
  }

  @PostMapping(
      value = "/{shelf}/csv",
      consumes = {"text/csv", "application/octet-stream"})
  PartsService.Import take(@PathVariable String shelf, @RequestBody(required = false) byte[] file) {
    return parts.take(PartKind.of(shelf), file == null ? new byte[0] : file);
  }
}
