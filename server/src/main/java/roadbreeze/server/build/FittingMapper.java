package roadbreeze.server.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.switching.FanSwitch;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.rig.TruckMapper;

/** A build as people enter it, made the core's. */
public final class FittingMapper {
  private FittingMapper() {}

  /**
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Fitting fitting(Build b) {
    return new Fitting(
        b.condition().toCore(),
        b.inFront().ramShare(),
        new Thermostat(b.thermostat().startC(), b.thermostat().fullC()),
        Optional.ofNullable(b.radiator()).map(PartMapper::radiator),
        b.oilOrder(),
        b.tankPlace() == null ? OilElement.InTank.Place.OUTLET_TANK : b.tankPlace(),
        b.parallel(),
        coolers(b),
        fans(b),
        b.lines().hoses().stream().map(Hose::toCore).toList());
  }

  private static List<CoolerFit> coolers(Build b) {
    List<CoolerFit> fits = new ArrayList<>();
    for (FittedCooler c : b.coolers()) {
      fits.add(
          new CoolerFit(
              Name.of(c.id(), Name.Noun.OIL_COOLER, fits.size()),
              PartMapper.cooler(c.part()),
              c.place(),
              TruckMapper.mm(c.leftMm()),
              TruckMapper.mm(c.bottomMm()),
              TruckMapper.mm(c.gapMm()),
              c.sealed(),
              TruckMapper.optional(c.ownFanM3s()),
              c.ratingFactor()));
    }
    return fits;
  }

  private static List<FanFit> fans(Build b) {
    List<FanFit> fits = new ArrayList<>();
    for (FittedFan f : b.fans()) {
      fits.add(
          new FanFit(
              Name.of(f.id(), fits.isEmpty() ? Name.Noun.MAIN_FAN : Name.Noun.FAN, fits.size()),
              PartMapper.fan(f.part()),
              f.mount() == FittedFan.Mount.PUSHER,
              f.shrouded(),
              TruckMapper.rectangle(f.leftMm(), f.bottomMm(), f.widthMm(), f.heightMm()),
              f.speedPercent() / 100,
              Optional.ofNullable(f.switchPoints()).map(s -> new FanSwitch(s.onC(), s.offC()))));
    }
    return fits;
  }
}
