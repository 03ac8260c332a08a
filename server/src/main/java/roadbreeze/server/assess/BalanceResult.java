package roadbreeze.server.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.stack.AirPath;
import roadbreeze.core.stack.Cell;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.server.message.Said;

/** The steady state of one build: states, heat flows, cells, warnings. Temperatures in °C. */
public record BalanceResult(
    double coolantC,
    double coolantReturnC,
    double sumpC,
    double feedC,
    double oilFlowLpm,
    int gear,
    boolean locked,
    double speedRatio,
    double engineRpm,
    double speedKmh,
    double thermostatOpening,
    double radiatorFlowKgs,
    double fanEngagement,
    Heat heat,
    Air air,
    List<CellState> cells,
    List<Said> warnings) {

  /** Heat flows, kW. The tank's is from oil to coolant, negative where it heats the oil. */
  public record Heat(
      double fuel,
      double brake,
      double engineToCoolant,
      double converter,
      double gearbox,
      double radiator,
      double heater,
      double tank,
      double cooler,
      List<CoolerHeat> coolers,
      double gearboxCase,
      double condenser,
      double chargeAir,
      List<CoolerHeat> others) {}

  /** What one cooler gives the air, kW. */
  public record CoolerHeat(String id, double heatKw) {}

  /** Air, flows in m³/s. */
  public record Air(double densityKgM3, double totalFlow, double inletRiseK, List<FanWork> fans) {}

  /**
   * One fan at work, flows in m³/s.
   *
   * @param pressurePa negative where it only resists
   * @param estimated only its free-air figure is known
   */
  public record FanWork(
      Said.PartName name, double flow, double freeFlow, double pressurePa, boolean estimated) {}

  /**
   * One cell of the face, mm.
   *
   * @param reachesRadiatorC air temperature in front of the radiator, null where none is behind
   */
  public record CellState(
      double leftMm,
      double bottomMm,
      double widthMm,
      double heightMm,
      double velocity,
      double inletC,
      Double reachesRadiatorC,
      double outletC,
      double heatKw,
      boolean behindCooler) {}

  public static BalanceResult of(Rig rig, Balance b) {
    Balance.HeatFlows h = b.heat();
    return new BalanceResult(
        b.coolant(),
        b.coolantReturn(),
        b.sump(),
        b.feed(),
        b.oilFlow() * 60e3,
        b.driveline().gear(),
        b.driveline().locked(),
        b.driveline().speedRatio(),
        b.driveline().engineRpm(),
        b.driveline().speed() * 3.6,
        b.thermostatOpening(),
        b.radiatorFlow(),
        b.fanEngagement(),
        new Heat(
            h.fuel() / 1000,
            h.brake() / 1000,
            h.engineToCoolant() / 1000,
            h.converter() / 1000,
            h.gearbox() / 1000,
            h.radiator() / 1000,
            h.heater() / 1000,
            h.tank() / 1000,
            h.throughCoolers() / 1000,
            heats(h.coolers()),
            h.gearboxCase() / 1000,
            h.condenser() / 1000,
            h.chargeAir() / 1000,
            heats(h.others())),
        new Air(
            b.air().density(),
            b.airFlow().totalFlow(rig.stack()),
            b.inletRise(),
            IntStream.range(0, rig.stack().fans().size())
                .mapToObj(
                    f ->
                        new FanWork(
                            Said.PartName.of(rig.stack().fans().get(f).name()),
                            b.airFlow().fanFlow()[f],
                            rig.stack().fans().get(f).curve().freeFlow(),
                            b.airFlow().fanPressure()[f],
                            rig.stack().fans().get(f).curve().estimated()))
                .toList()),
        cells(rig, b),
        Said.of(b.warnings()));
  }

  private static List<CoolerHeat> heats(Map<String, Double> byId) {
    return byId.entrySet().stream()
        .map(e -> new CoolerHeat(e.getKey(), e.getValue() / 1000))
        .toList();
  }

  private static List<CellState> cells(Rig rig, Balance b) {
    List<CellState> cells = new ArrayList<>();
    for (Cell cell : rig.stack().cells()) {
      if (rig.stack().apart(cell.path())) {
        continue; // elsewhere on the truck, not on the face that is drawn
      }
      AirPath path = rig.stack().paths().get(cell.path());
      double[] temperature = b.airTemperature()[cell.path()];
      int radiator = path.layers().indexOf(rig.stack().radiator());
      double heat = 0;
      for (double q : b.cellHeat()[cell.path()]) {
        heat += q;
      }
      cells.add(
          new CellState(
              cell.x() * 1000,
              cell.y() * 1000,
              cell.width() * 1000,
              cell.height() * 1000,
              b.airFlow().velocity()[cell.path()],
              temperature[0],
              radiator >= 0 ? temperature[radiator] : null,
              temperature[temperature.length - 1],
              heat / 1000 * cell.width() * cell.height() / path.area(),
              path.layers().stream()
                  .anyMatch(
                      k -> rig.stack().layers().get(k).role() instanceof LayerRole.OilCooler)));
    }
    return cells;
  }
}
