package roadbreeze.server.finder;

import java.util.List;
import java.util.Objects;
import roadbreeze.server.order.TaskFile;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.parts.ChargeAirPart;
import roadbreeze.server.parts.ClutchPart;
import roadbreeze.server.parts.ControllerPart;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.parts.PumpPart;
import roadbreeze.server.parts.RadiatorPart;
import roadbreeze.server.parts.SealPart;
import roadbreeze.server.parts.ThermostatPart;

/**
 * What is searched: the request, the shelves and the yard's own tasks as they were when it was
 * asked, so that an import during a search cannot shift its parts.
 */
record Snapshot(
    FinderRequest request,
    List<CoolerPart> coolers,
    List<RadiatorPart> radiators,
    List<FanPart> fans,
    List<ThermostatPart> thermostats,
    List<ClutchPart> clutches,
    List<PumpPart> pumps,
    List<ChargeAirPart> chargeAirCoolers,
    List<ControllerPart> controllers,
    List<SealPart> seals,
    TaskFile tasks) {
  Snapshot {
    tasks = Objects.requireNonNullElse(tasks, TaskFile.none()); // of before there were any
  }

  static Snapshot of(FinderRequest request, PartsService parts, TaskShelf shelf) {
    return new Snapshot(
        request,
        parts.all(PartKind.OIL_COOLERS, CoolerPart.class),
        parts.all(PartKind.RADIATORS, RadiatorPart.class),
        parts.all(PartKind.FANS, FanPart.class),
        parts.all(PartKind.THERMOSTATS, ThermostatPart.class),
        parts.all(PartKind.FAN_CLUTCHES, ClutchPart.class),
        parts.all(PartKind.COOLANT_PUMPS, PumpPart.class),
        parts.all(PartKind.CHARGE_AIR_COOLERS, ChargeAirPart.class),
        parts.all(PartKind.CONTROLLERS, ControllerPart.class),
        parts.all(PartKind.SEALS, SealPart.class),
        shelf.own().file());
  }
}
