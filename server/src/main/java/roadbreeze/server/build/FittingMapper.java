package roadbreeze.server.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Filter;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseRemotePlace;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.rig.RigSection;
import roadbreeze.server.rig.TruckMapper;

/** A build as people enter it, made the core's. */
public final class FittingMapper {
  private FittingMapper() {}

  /**
   * Without hoses: how long those are hangs on where everything stands.
   *
   * @param rig with what was measured of the fans
   * @param nose with the places away from the pack
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Fitting fitting(Build b, RigSection rig, NoseSection nose) {
    return new Fitting(
        b.condition().toCore(),
        new Fitting.Nose(b.inFront().ramShare(), Set.copyOf(b.moved()), across(b, rig, nose)),
        new Fitting.Swaps(
            new Thermostat(b.thermostat().startC(), b.thermostat().fullC()),
            Optional.ofNullable(b.radiator()).map(PartMapper::radiator),
            Optional.ofNullable(b.chargeAirCooler()).map(PartMapper::chargeAirCooler),
            b.pump() == null ? OptionalDouble.empty() : OptionalDouble.of(b.pump().kgsAt4000())),
        new Fitting.OilRun(
            b.oilOrder(),
            b.tankPlace() == null ? OilElement.InTank.Place.OUTLET_TANK : b.tankPlace(),
            b.parallel(),
            b.bypassPinned(),
            coolers(b, nose),
            List.of(),
            filters(b),
            block(b)),
        fans(b, rig),
        others(b));
  }

  /** Channels with tabs that stand before the pack. */
  private static List<Rectangle> across(Build b, RigSection rig, NoseSection nose) {
    if (b.mounting().channels().isEmpty()) {
      return List.of();
    }
    List<BodyHole> holes = NoseMapper.nose(nose).holes();
    double pack = Units.mm(rig.vehicle().cooling().openingDepthMm());
    MountPlan hung = b.mounting();
    return hung
        .withChannels(hung.channels().stream().filter(hung::tabbed).toList())
        .across(holes)
        .stream()
        .filter(c -> c.before(pack))
        .map(CrossChannel::face)
        .toList();
  }

  private static List<OtherCooler> others(Build b) {
    Map<OtherCooler.Kind, Integer> count = new EnumMap<>(OtherCooler.Kind.class);
    List<OtherCooler> others = new ArrayList<>();
    for (FittedOther o : b.otherCoolers()) {
      int index = count.merge(o.kind(), 1, Integer::sum) - 1;
      others.add(
          new OtherCooler(
              Name.of(o.id(), o.kind().noun(), index),
              o.kind(),
              TruckMapper.core(o.core()),
              o.place(),
              o.order() == FittedOther.Order.BEHIND_OIL,
              o.heatKw() == null
                  ? o.kind().usual()
                  : new LayerRole.OtherCooler(Units.si(o.heatKw(), Kind.POWER), 0)));
    }
    return others;
  }

  private static List<CoolerFit> coolers(Build b, NoseSection nose) {
    List<CoolerFit> fits = new ArrayList<>();
    for (FittedCooler c : b.coolers()) {
      fits.add(
          new CoolerFit(
              Name.of(c.id(), Name.Noun.OIL_COOLER, fits.size()),
              bypassed(PartMapper.cooler(c.part()), b),
              c.place(),
              c.turn(),
              Units.mm(c.leftMm()),
              Units.mm(c.bottomMm()),
              Units.mm(c.gapMm()),
              c.sealed(),
              ownFan(c, nose),
              c.ratingFactor()));
    }
    return fits;
  }

  /** Blocks in hoses that are there, as far as they are set. */
  private static List<Inline> blocks(Build b) {
    return b.lines().hoses().stream()
        .flatMap(hose -> b.lines().in(hose).stream())
        .filter(in -> in.what() == Inline.What.BYPASS)
        .filter(in -> in.opensC() != null || in.opensKpa() != null)
        .toList();
  }

  /** The block lets oil across all of the coolers. */
  private static Optional<Bypass> block(Build b) {
    return blocks(b).stream()
        .map(
            in ->
                in.opensC() == null
                    ? Bypass.byPressure(in.opensKpa() * 1000)
                    : Bypass.waxed(in.opensC()))
        .findFirst();
  }

  /** In the balance it does for every cooler what a valve of its own would. */
  private static OilCooler bypassed(OilCooler cooler, Build b) {
    OilCooler with = cooler;
    for (Inline in : blocks(b)) {
      with =
          in.opensC() == null
              ? with.givingWayAt(in.opensKpa() * 1000)
              : with.openingAt(in.opensC());
    }
    return with;
  }

  /** Those that are chosen, each in a hose that is there. */
  private static List<Filter> filters(Build b) {
    List<Filter> filters = new ArrayList<>();
    for (int hose = 0; hose < b.lines().hoses().size(); hose++) {
      for (Inline in : b.lines().in(b.lines().hoses().get(hose))) {
        if (in.what() == Inline.What.FILTER && in.filter() != null) {
          OptionalDouble opens =
              in.opensKpa() == null
                  ? OptionalDouble.empty()
                  : OptionalDouble.of(in.opensKpa() * 1000);
          // Sheets give their drop with oil of the usual kind.
          filters.add(
              Filter.of(hose, in.filter().dropKpa() * 1000, TransmissionFluid.LEGACY, opens));
        }
      }
    }
    return filters;
  }

  private static Optional<OwnFan> ownFan(FittedCooler c, NoseSection nose) {
    return Optional.ofNullable(c.ownFanM3s())
        .map(
            flow ->
                new OwnFan(
                    flow,
                    c.remote(nose).map(NoseRemotePlace::warmerK).orElse(0.0),
                    Optional.ofNullable(c.ownFanSwitch()).map(SwitchPoints::toCore)));
  }

  /** The first of a build is its main fan. */
  static Name fanName(FittedFan fan, int index) {
    return Name.of(fan.id(), index == 0 ? Name.Noun.MAIN_FAN : Name.Noun.FAN, index);
  }

  private static List<FanFit> fans(Build b, RigSection rig) {
    List<FanFit> fits = new ArrayList<>();
    for (FittedFan f : b.fans()) {
      fits.add(
          new FanFit(
              fanName(f, fits.size()),
              PartMapper.fan(f.part()),
              f.mount() == FittedFan.Mount.PUSHER,
              f.shrouded(),
              TruckMapper.rectangle(f.leftMm(), f.bottomMm(), f.widthMm(), f.heightMm()),
              f.speedPercent() / 100,
              f.held(),
              Optional.ofNullable(f.switchPoints()).map(s -> s.toCore()),
              rig.measuredFactor(f.part()),
              f.seat().toCore(),
              blows(b, f)));
    }
    return fits;
  }

  /** As its circuit has it; a fan on the engine has none. */
  private static Blows blows(Build b, FittedFan f) {
    if (f.part().kind().onEngine()) {
      return Blows.AS_MADE;
    }
    return b.wiring()
        .of(f.id())
        .map(w -> Blows.of(w.otherSide(), w.swapped(), w.bladesTurned()))
        .orElse(Blows.AS_MADE);
  }
}
