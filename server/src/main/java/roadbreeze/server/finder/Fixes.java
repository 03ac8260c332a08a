package roadbreeze.server.finder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.finder.Room;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.parts.ChargeAirPart;
import roadbreeze.server.parts.ClutchPart;
import roadbreeze.server.parts.ControllerPart;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.parts.PumpPart;
import roadbreeze.server.parts.SealPart;

/**
 * What may be bettered for little money: one part or one seal, with radiator and fan as they are.
 */
final class Fixes {
  /** Span of a controlled clutch's ramp, K, and how far past the thermostat it starts. */
  private static final double RAMP = 6;

  private static final double PAST_THERMOSTAT = 1;

  /** Fans tried for one cooler: the strongest that fit. */
  private static final int COOLER_FANS = 3;

  private final Snapshot snapshot;
  private final Build base;
  private final Setup setup;
  private final double pumpNow;
  private final Map<Room.Refusal, Long> refused = new EnumMap<>(Room.Refusal.class);

  private Fixes(Snapshot snapshot, Build base) {
    this.snapshot = snapshot;
    this.base = base;
    setup = snapshot.request().job().setup(base);
    pumpNow =
        setup.fitting().swaps().pumpFlowAt4000().orElse(setup.truck().coolant().pumpFlowAt4000());
  }

  /**
   * @param refused counts what does not fit
   */
  static List<Fix> of(Snapshot snapshot, Build base, Map<Room.Refusal, Long> refused) {
    Fixes fixes = new Fixes(snapshot, base);
    List<Fix> all = new ArrayList<>();
    all.addAll(fixes.clutches());
    all.addAll(fixes.controls());
    all.addAll(fixes.pumps());
    all.addAll(fixes.chargeAirCoolers());
    all.addAll(fixes.seals());
    all.addAll(fixes.moves());
    all.addAll(fixes.coolerFans());
    fixes.refused.forEach((why, n) -> refused.merge(why, n, Long::sum));
    return all;
  }

  /** The fan on the engine with another clutch. */
  private List<Fix> clutches() {
    List<Fix> fixes = new ArrayList<>();
    FittedFan main = base.fans().get(0);
    boolean clutched =
        main.part().kind() == FanUnit.Type.VISCOUS || main.part().kind() == FanUnit.Type.CONTROLLED;
    for (ClutchPart part : clutched ? snapshot.clutches() : List.<ClutchPart>of()) {
      FanPart on =
          main.part()
              .on(FanUnit.Type.valueOf(part.kind().name()), part.gripsFromC(), part.gripsFullyC());
      // How a controlled clutch grips is its controller's, whatever clutch it is.
      boolean another =
          main.part().kind() != FanUnit.Type.CONTROLLED || on.kind() != FanUnit.Type.CONTROLLED;
      if (another && !on.sameClutch(main.part())) {
        fixes.add(
            fix(
                "clutch",
                part.code(),
                b -> withMain(b, main.with(on, false)),
                Bought.PART.with(part.name()),
                part.price()));
      }
    }
    return fixes;
  }

  /** A controlled clutch told earlier, by a controller or by its driver. */
  private List<Fix> controls() {
    List<Fix> fixes = new ArrayList<>();
    FittedFan main = base.fans().get(0);
    if (main.part().kind() != FanUnit.Type.CONTROLLED) {
      return fixes;
    }
    double earliest = base.thermostat().fullC() + PAST_THERMOSTAT;
    for (ControllerPart part : snapshot.controllers()) {
      boolean held = part.kind() == ControllerPart.Type.OVERRIDE;
      double from = Math.max(part.onFromC(), earliest);
      if (held && !main.held()) {
        fixes.add(control(part, main.with(main.part(), true)));
      } else if (part.kind() == ControllerPart.Type.DUTY && from <= part.onToC()) {
        FanPart told = main.part().on(FanUnit.Type.CONTROLLED, from, from + RAMP);
        fixes.add(control(part, main.with(told, main.held())));
      }
    }
    return fixes;
  }

  private Fix control(ControllerPart part, FittedFan fan) {
    return fix(
        "clutch", part.code(), b -> withMain(b, fan), Bought.PART.with(part.name()), part.price());
  }

  private static Map<String, Object> withMain(Build build, FittedFan main) {
    List<FittedFan> fans = new ArrayList<>(build.fans());
    fans.set(0, main);
    return Map.of("fans", fans);
  }

  private static Map<String, Object> withCoolers(Build build, UnaryOperator<FittedCooler> change) {
    return Map.of("coolers", build.coolers().stream().map(change).toList());
  }

  private List<Fix> pumps() {
    List<Fix> fixes = new ArrayList<>();
    for (PumpPart part : snapshot.pumps()) {
      if (part.kgsAt4000() > pumpNow) {
        fixes.add(
            fix(
                "pump",
                part.code(),
                b -> Map.of("pump", part),
                Bought.PART.with(part.name()),
                part.price()));
      }
    }
    return fixes;
  }

  private List<Fix> chargeAirCoolers() {
    List<Fix> fixes = new ArrayList<>();
    if (setup.chargeAirCooler().isEmpty()) {
      return fixes;
    }
    for (ChargeAirPart part : snapshot.chargeAirCoolers()) {
      if (Room.takes(setup, PartMapper.chargeAirCooler(part))) {
        fixes.add(
            fix(
                "charge-air",
                part.code(),
                b -> Map.of("chargeAirCooler", part),
                Bought.PART.with(part.name()),
                part.price()));
      } else {
        refused.merge(Room.Refusal.CHARGE_AIR_DOES_NOT_FIT, 1L, Long::sum);
      }
    }
    return fixes;
  }

  /** The cheapest that goes round the radiator, where anything leaks. */
  private List<Fix> seals() {
    boolean open =
        base.coolers().stream()
            .anyMatch(c -> !c.sealed() && c.place() == CoolerFit.Place.FRONT && c.gapMm() > 0);
    if (base.condition().recirculation() <= Condition.SEALED && !open) {
      return List.of();
    }
    Rectangle core = setup.radiator().outline();
    Optional<SealPart> enough =
        snapshot.seals().stream()
            .filter(s -> s.lengthM() >= 2 * (core.width() + core.height()))
            .min(Comparator.comparingDouble(SealPart::price));
    return enough
        .map(
            part ->
                fix(
                    "seals",
                    part.code(),
                    Fixes::sealed,
                    Bought.PART.with(part.name()),
                    part.price()))
        .stream()
        .toList();
  }

  private static Map<String, Object> sealed(Build build) {
    Map<String, Object> changes = new HashMap<>(withCoolers(build, c -> c.withSealed(true)));
    changes.put("condition", build.condition().sealed());
    return changes;
  }

  private List<Fix> moves() {
    List<Fix> fixes = new ArrayList<>();
    for (Solid solid : setup.inOpening()) {
      if (solid.movable()) {
        String id = solid.name().id();
        fixes.add(
            fix(
                id,
                id,
                b -> Map.of("moved", Stream.concat(b.moved().stream(), Stream.of(id)).toList()),
                Bought.MOVED.with(solid.name().given()),
                0));
      }
    }
    return fixes;
  }

  /** A fan of its own on a cooler that is there. */
  private List<Fix> coolerFans() {
    List<Fix> fixes = new ArrayList<>();
    for (FittedCooler cooler : base.coolers()) {
      snapshot.fans().stream()
          .filter(f -> f.kind() == FanUnit.Type.ELECTRIC && f.count() == 1)
          .filter(f -> f.amps() == null || f.amps() <= snapshot.request().amps())
          .filter(
              f -> f.diameterMm() <= Math.min(cooler.part().widthMm(), cooler.part().heightMm()))
          .filter(f -> cooler.ownFanM3s() == null || f.freeFlowM3s() > cooler.ownFanM3s())
          .sorted(Comparator.comparingDouble(f -> -f.freeFlowM3s()))
          .limit(COOLER_FANS)
          .forEach(f -> fixes.add(coolerFan(cooler, f)));
    }
    return fixes;
  }

  private Fix coolerFan(FittedCooler cooler, FanPart part) {
    return new Fix(
        cooler.id() + "-" + part.code(),
        cooler.id(),
        true,
        b -> withCoolers(b, c -> c.id().equals(cooler.id()) ? c.withOwnFan(part.freeFlowM3s()) : c),
        Bought.OWN_FAN.with(part.name()),
        part.price());
  }

  private static Fix fix(
      String group,
      String id,
      Function<Build, Map<String, Object>> changes,
      Finding said,
      double price) {
    return new Fix(id, group, false, changes, said, price);
  }
}
