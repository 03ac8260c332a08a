package roadbreeze.server.finder;

import java.util.List;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.parts.RadiatorPart;
import roadbreeze.server.parts.ThermostatPart;

/**
 * What is searched: the request and the shelves as they were when it was asked, so that an import
 * during a search cannot shift its parts.
 */
record Snapshot(
    FinderRequest request,
    List<CoolerPart> coolers,
    List<RadiatorPart> radiators,
    List<FanPart> fans,
    List<ThermostatPart> thermostats) {
  static Snapshot of(FinderRequest request, PartsService parts) {
    return new Snapshot(
        request,
        parts.oilCoolers(),
        request.radiators() ? parts.radiators() : List.of(),
        request.fans() ? parts.fans() : List.of(),
        request.thermostats() ? parts.thermostats() : List.of());
  }
}
