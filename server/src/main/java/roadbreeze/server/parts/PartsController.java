package roadbreeze.server.parts;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.file.Attachment;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api/parts")
class PartsController {
  private final PartsService parts;
  private final JsonMapper json;

  PartsController(PartsService parts, JsonMapper json) {
    this.parts = parts;
    this.json = json;
  }

  /** The shelves that builds are made from. */
  record Catalogue(
      List<CoolerPart> oilCoolers,
      List<RadiatorPart> radiators,
      List<FanPart> fans,
      List<ThermostatPart> thermostats,
      List<CapPart> caps,
      List<ControllerPart> controllers,
      List<ChargeAirPart> chargeAirCoolers,
      List<PumpPart> pumps,
      List<ClutchPart> clutches,
      List<HydraulicCoolerPart> hydraulicCoolers) {}

  /** A shelf as it is described to whoever shows or fills it. */
  record Shelf(String slug, List<PartKind.Column> columns) {}

  @GetMapping
  Catalogue all() {
    return new Catalogue(
        parts.all(PartKind.OIL_COOLERS, CoolerPart.class),
        parts.all(PartKind.RADIATORS, RadiatorPart.class),
        parts.all(PartKind.FANS, FanPart.class),
        parts.all(PartKind.THERMOSTATS, ThermostatPart.class),
        parts.all(PartKind.CAPS, CapPart.class),
        parts.all(PartKind.CONTROLLERS, ControllerPart.class),
        parts.all(PartKind.CHARGE_AIR_COOLERS, ChargeAirPart.class),
        parts.all(PartKind.COOLANT_PUMPS, PumpPart.class),
        parts.all(PartKind.FAN_CLUTCHES, ClutchPart.class),
        parts.all(PartKind.HYDRAULIC_COOLERS, HydraulicCoolerPart.class));
  }

  @GetMapping("/shelves")
  List<Shelf> shelves() {
    return Arrays.stream(PartKind.values()).map(k -> new Shelf(k.slug(), k.columns())).toList();
  }

  /** Every part of one shelf, each with its shelf's columns. */
  @GetMapping("/{shelf}")
  List<Map<String, Object>> shelf(@PathVariable String shelf) {
    return parts.all(PartKind.of(shelf)).stream()
        .map(p -> json.convertValue(p, new TypeReference<Map<String, Object>>() {}))
        .toList();
  }

  /** One part, new or in place of the one with its code. */
  @PutMapping("/{shelf}")
  void put(@PathVariable String shelf, @RequestBody Map<String, Object> part) {
    PartKind kind = PartKind.of(shelf);
    parts.put(kind, json.convertValue(part, kind.part));
  }

  /** A code may hold any sign, so it is no step of the path. */
  @DeleteMapping("/{shelf}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String shelf, @RequestParam String code) {
    parts.remove(PartKind.of(shelf), code);
  }

  @GetMapping("/{shelf}/csv")
  ResponseEntity<String> csv(@PathVariable String shelf) {
    PartKind kind = PartKind.of(shelf);
    return Attachment.of(Attachment.CSV, kind.slug(), "csv", parts.csv(kind));
  }

  @PostMapping(value = "/{shelf}/csv", consumes = "text/csv")
  PartsService.Import take(@PathVariable String shelf, @RequestBody(required = false) byte[] file) {
    return parts.take(PartKind.of(shelf), file == null ? new byte[0] : file);
  }
}
