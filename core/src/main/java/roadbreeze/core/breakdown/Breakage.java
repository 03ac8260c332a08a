package roadbreeze.core.breakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import roadbreeze.core.explain.Code;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;

/** A part that fails out there; added by a build, or worn before it. */
public enum Breakage implements Code {
  /** Nothing: what the build does of itself, to hold the others against. */
  NOTHING(Set.of()),
  /** The fan on the oil cooler itself. */
  COOLER_FAN(Set.of(Spare.FUSED_LEAD)),
  /** The motor of the main fan: nothing at the roadside mends that. */
  FAN_MOTOR(Set.of()),
  FAN_RELAY(Set.of(Spare.RELAY, Spare.FUSED_LEAD)),
  /** Whatever switches fans, or lets a controlled clutch grip. */
  CONTROLLER(Set.of(Spare.FUSED_LEAD, Spare.CLUTCH_BOLTS)),
  CLUTCH(Set.of(Spare.CLUTCH_BOLTS)),
  /** Of an auxiliary cooler: joined past it, the oil goes the way it went before. */
  OIL_HOSE(Set.of(Spare.HOSE_JOINER)),
  /** Pump and alternator stand. */
  BELT(Set.of(Spare.BELT)),
  /** The condenser is rubbed through: no air conditioning any more, and no heat of it. */
  CONDENSER(Set.of()),
  CAP(Set.of(Spare.CAP));

  /** A clutch that never grips, °C. */
  private static final double NEVER = 1000;

  private final Set<Spare> mendedBy;

  Breakage(Set<Spare> mendedBy) {
    this.mendedBy = mendedBy;
  }

  /** Any one of these gets it going again; none at all where nothing does. */
  public Set<Spare> mendedBy(Setup setup) {
    if (this == CONTROLLER) {
      return kind(setup) == FanUnit.Type.CONTROLLED
          ? Set.of(Spare.CLUTCH_BOLTS)
          : Set.of(Spare.FUSED_LEAD);
    }
    return mendedBy;
  }

  /** The engine must not run with it: nothing is driven. */
  boolean stopsAtOnce() {
    return this == BELT;
  }

  /** There is no air conditioning with it, whatever the driver wants. */
  boolean endsAirConditioning() {
    return this == CONDENSER;
  }

  /** Whether a build has what breaks. */
  public boolean canBeOf(Setup setup) {
    FanUnit.Type fan = kind(setup);
    return switch (this) {
      case COOLER_FAN -> setup.fitting().coolers().stream().anyMatch(c -> c.ownFan().isPresent());
      case FAN_MOTOR, FAN_RELAY -> fan == FanUnit.Type.ELECTRIC;
      case CONTROLLER ->
          fan == FanUnit.Type.CONTROLLED
              || setup.fitting().fans().size() > 1
                  && setup.fitting().fans().stream().anyMatch(f -> f.switched().isPresent());
      case CLUTCH -> fan == FanUnit.Type.VISCOUS;
      case OIL_HOSE -> !setup.fitting().coolers().isEmpty();
      case CONDENSER -> setup.truck().cores().condenser().isPresent();
      case NOTHING, BELT, CAP -> true;
    };
  }

  /** The build with it. */
  public Setup on(Setup setup) {
    Fitting f = setup.fitting();
    return switch (this) {
      case COOLER_FAN ->
          setup.with(f.withCoolers(f.coolers().stream().map(CoolerFit::withoutOwnFan).toList()));
      case FAN_MOTOR, FAN_RELAY -> setup.with(fans(f, 0, fan -> fan.withSpeedShare(0)));
      case CONTROLLER ->
          kind(setup) == FanUnit.Type.CONTROLLED ? letGo(setup) : setup.with(switchedDead(f));
      case CLUTCH -> letGo(setup);
      case OIL_HOSE ->
          setup.with(
              (f.oil().order() == OilOrder.TANK_BYPASSED ? f.with(OilOrder.AFTER_TANK) : f)
                  .withCoolers(List.of()));
      case CAP -> setup.with(f.with(f.condition().withCapShare(0)));
      case NOTHING, BELT, CONDENSER -> setup;
    };
  }

  private static Fitting switchedDead(Fitting f) {
    List<FanFit> fans =
        f.fans().stream()
            .map(fan -> fan.switched().isPresent() ? fan.withSpeedShare(0) : fan)
            .toList();
    return f.withFans(fans);
  }

  private static Setup letGo(Setup setup) {
    FanUnit part = setup.fitting().fans().get(0).part();
    FanUnit loose =
        part.withKind(FanUnit.Type.VISCOUS)
            .withGripsFrom(OptionalDouble.of(NEVER))
            .withGripsFully(OptionalDouble.of(NEVER + 1));
    return setup.with(fans(setup.fitting(), 0, fan -> fan.withPart(loose)));
  }

  private static Fitting fans(Fitting f, int which, UnaryOperator<FanFit> change) {
    List<FanFit> fans = new ArrayList<>(f.fans());
    fans.set(which, change.apply(fans.get(which)));
    return f.withFans(fans);
  }

  private static FanUnit.Type kind(Setup setup) {
    return setup.fitting().fans().get(0).part().kind();
  }
}
