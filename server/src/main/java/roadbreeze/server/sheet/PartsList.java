package roadbreeze.server.sheet;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.build.Condition;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.RigSection;
import roadbreeze.server.wiring.Guards;

/**
 * What goes on the truck, what comes off it, and what its fans want at the battery.
 *
 * @param lines parts to have at hand
 * @param out parts that come off for good
 * @param fuses of fans that are wired
 */
public record PartsList(List<PartLine> lines, List<Finding> out, List<Finding> fuses) {
  /**
   * A part to have at hand.
   *
   * @param price in the yard's money; null where the catalogue has none for it
   */
  public record PartLine(Finding said, @Nullable Double price) {}

  public static PartsList of(
      Changes changes,
      Set<Part> scope,
      LineResult hoses,
      RigSection rig,
      Map<String, Guards> guards) {
    PartsList list = new PartsList(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    list.coolers(changes, hoses, rig.hasTank());
    list.cores(changes);
    list.fans(changes, guards);
    list.thermostat(changes);
    list.mended(scope, changes.found().condition(), rig.vehicle().cooling().capKpa());
    list.comesOut(changes);
    return list;
  }

  private void add(Finding said, @Nullable Double price) {
    lines.add(new PartLine(said, price));
  }

  private void coolers(Changes changes, LineResult hoses, boolean tank) {
    Build build = changes.build();
    for (FittedCooler c : build.coolers()) {
      boolean kept = !changes.newCoolers().contains(c);
      add(
          (kept ? Listed.COOLER_KEPT : Listed.COOLER)
              .with(
                  c.part().name(), c.part().code(), c.part().ports(), build.oilOrder().said(tank)),
          kept ? null : c.part().price());
    }
    for (LineResult.ToBuy hose : hoses.hoseToBuyM()) {
      add(Listed.HOSE.with(hose.boreMm() / 1000, hose.lengthM()), hose.price());
    }
    for (FittedCooler c : changes.newCoolerFans()) {
      add(Listed.COOLER_FAN.with(c.ownFanM3s()), null);
    }
  }

  private void cores(Changes changes) {
    Build build = changes.build();
    if (changes.newRadiator()) {
      add(
          Listed.RADIATOR.with(build.radiator().name(), build.radiator().code()),
          build.radiator().price());
    }
    if (changes.newChargeAirCooler()) {
      add(
          Listed.CHARGE_AIR_COOLER.with(
              build.chargeAirCooler().name(), build.chargeAirCooler().code()),
          build.chargeAirCooler().price());
    }
    if (changes.newPump()) {
      add(Listed.NEW_PUMP.with(build.pump().name(), build.pump().code()), build.pump().price());
    }
  }

  private void fans(Changes changes, Map<String, Guards> guards) {
    Build build = changes.build();
    changes.newClutches().forEach(fan -> clutch(Listed.CLUTCH, fan));
    changes.newlyControlled().forEach(fan -> clutch(Listed.CLUTCH_CONTROLLER, fan));
    if (changes.overridden()) {
      add(Listed.OVERRIDE.with(), null);
    }
    if (changes.otherFans()) {
      for (FittedFan f : build.fans()) {
        Listed side = f.mount() == FittedFan.Mount.PUSHER ? Listed.PUSHER : Listed.PULLER;
        boolean kept = !changes.newFans().contains(f);
        add(side.with(f.part().name(), f.part().code()), kept ? null : f.part().price());
        if (!kept && guards.containsKey(f.id())) {
          fuses.add(fuse(f.part().name(), guards.get(f.id())));
        }
      }
    } else if (changes.fanRepaired()) {
      add(
          Listed.FAN_REPAIRED.with(
              Changes.fanPercent(changes.found()) / 100, Changes.fanPercent(build) / 100),
          null);
    }
  }

  /** As its circuit has it. */
  private static Finding fuse(String fan, Guards guard) {
    return guard.bears()
        ? Listed.FUSE.with(fan, guard.runs(), guard.amps())
        : Listed.FUSE_TOO_LARGE.with(fan, guard.runs());
  }

  private void clutch(Listed how, FittedFan fan) {
    if (fan.part().gripsFromC() != null && fan.part().gripsFullyC() != null) {
      add(how.with(fan.part().gripsFromC(), fan.part().gripsFullyC()), null);
    }
  }

  private void thermostat(Changes changes) {
    if (changes.newThermostat()) {
      add(
          Listed.THERMOSTAT.with(
              changes.build().thermostat().startC(),
              changes.build().thermostat().fullC(),
              changes.found().thermostat().startC()),
          null);
    }
  }

  private void mended(Set<Part> scope, Condition was, double capKpa) {
    if (scope.contains(Part.SEALS)) {
      add(Listed.SEALS.with(), null);
    }
    if (scope.contains(Part.PUMP) && was.pumpPercent() < 100) {
      add(Listed.PUMP.with(was.pumpPercent() / 100), null);
    }
    if (scope.contains(Part.SUCTION_HOSE)) {
      add(Listed.SUCTION_HOSE.with(was.suctionPercent() / 100), null);
    }
    if (scope.contains(Part.CAP)) {
      add(Listed.CAP.with(capKpa * 1000, was.capPercent() / 100), null);
    }
    if (scope.contains(Part.SENSOR)) {
      add(Listed.SENSOR.with(was.sensorLowK()), null);
    }
  }

  private void comesOut(Changes changes) {
    changes.goneCoolers().forEach(c -> out.add(Listed.OUT_PART.with(c.part().name())));
    changes.goneFans().forEach(f -> out.add(Listed.OUT_PART.with(f.part().name())));
    if (changes.newRadiator()) {
      out.add(Listed.OUT_RADIATOR.with());
    }
    if (changes.newChargeAirCooler()) {
      out.add(Listed.OUT_CHARGE_AIR_COOLER.with());
    }
    if (changes.newPump()) {
      out.add(Listed.OUT_PUMP.with());
    }
    if (changes.newThermostat()) {
      out.add(Listed.OUT_THERMOSTAT.with(changes.found().thermostat().startC()));
    }
  }
}
