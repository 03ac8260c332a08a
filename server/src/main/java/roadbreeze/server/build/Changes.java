package roadbreeze.server.build;

import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;

/** What a build changes on the truck as it was found. */
public record Changes(Build build, Build found) {

  /** What has to be worked on. */
  public WorkScope scope() {
    Set<Part> scope = EnumSet.noneOf(Part.class);
    add(scope, Part.COOLER, !hung(build).equals(hung(found)));
    add(scope, Part.COOLER_FAN, !newCoolerFans().isEmpty());
    add(scope, Part.OTHER_COOLER, !build.otherCoolers().equals(found.otherCoolers()));
    add(scope, Part.OBSTACLE, !found.moved().containsAll(build.moved()));
    add(scope, Part.CHARGE_AIR, !Objects.equals(build.chargeAirCooler(), found.chargeAirCooler()));
    add(scope, Part.CLUTCH, !newClutches().isEmpty());
    boolean toldAnew =
        Stream.concat(newlyControlled().stream(), newClutches().stream())
            .anyMatch(fan -> fan.part().kind() == FanUnit.Type.CONTROLLED);
    add(scope, Part.CLUTCH_CONTROL, toldAnew || overridden());
    add(
        scope,
        Part.GEARBOX_BYPASS,
        build.bypassPinned() && !found.bypassPinned()
            || build.condition().gearboxBypass() != found.condition().gearboxBypass());
    add(scope, Part.TANK_BYPASS, tankBypassed());
    add(scope, Part.RADIATOR, !Objects.equals(build.radiator(), found.radiator()));
    add(scope, Part.FAN_SWAP, otherFans());
    add(scope, Part.THERMOSTAT, newThermostat());
    add(scope, Part.FAN_REPAIR, fanRepaired());
    add(scope, Part.FAN_SWITCH, !switches(build).equals(switches(found)));
    Condition now = build.condition();
    Condition then = found.condition();
    add(
        scope,
        Part.FINS,
        now.radiatorBlockedPercent() < then.radiatorBlockedPercent()
            || now.condenserBlockedPercent() < then.condenserBlockedPercent()
            || now.chargeAirBlockedPercent() < then.chargeAirBlockedPercent());
    add(scope, Part.PUMP, newPump() || now.pumpPercent() > then.pumpPercent());
    add(scope, Part.SUCTION_HOSE, now.suctionPercent() > then.suctionPercent());
    add(scope, Part.CAP, now.capPercent() > then.capPercent());
    add(scope, Part.AIR_IN_LOOP, now.airPercent() < then.airPercent());
    add(scope, Part.SENSOR, now.sensorLowK() != then.sensorLowK());
    add(scope, Part.OIL_FLOW, now.oilFlowPercent() > then.oilFlowPercent());
    add(scope, Part.SEALS, now.recirculation() < then.recirculation() || rimSealed());
    return new WorkScope(scope);
  }

  /** What its new parts cost together, those that carry a price; in the yard's money. */
  public double price() {
    double price = newCoolers().stream().mapToDouble(c -> c.part().price()).sum();
    price += newFans().stream().mapToDouble(f -> f.part().price()).sum();
    price += newRadiator() ? build.radiator().price() : 0;
    price += newChargeAirCooler() ? build.chargeAirCooler().price() : 0;
    return newPump() ? price + build.pump().price() : price;
  }

  /** Oil coolers that the truck did not come with. */
  public List<FittedCooler> newCoolers() {
    return coolersOnly(build, found);
  }

  /** Oil coolers that come off for good. */
  public List<FittedCooler> goneCoolers() {
    return coolersOnly(found, build);
  }

  private static List<FittedCooler> coolersOnly(Build here, Build there) {
    return here.coolers().stream()
        .filter(c -> there.coolers().stream().noneMatch(o -> o.part().equals(c.part())))
        .toList();
  }

  /** Fans that the truck did not come with; another clutch makes no other fan. */
  public List<FittedFan> newFans() {
    return fansOnly(build, found);
  }

  /** Fans that come off for good. */
  public List<FittedFan> goneFans() {
    return fansOnly(found, build);
  }

  private static List<FittedFan> fansOnly(Build here, Build there) {
    List<String> codes = fanParts(there);
    return here.fans().stream().filter(f -> !codes.contains(f.part().code())).toList();
  }

  private static void add(Set<Part> scope, Part part, boolean wanted) {
    if (wanted) {
      scope.add(part);
    }
  }

  /** Coolers as they hang, whatever blows them and whatever closes the gap round them. */
  private static List<FittedCooler> hung(Build build) {
    return build.coolers().stream().map(c -> c.withOwnFan(null).withSealed(true)).toList();
  }

  /** A cooler that is there gets foam round its rim. */
  private boolean rimSealed() {
    return build.coolers().stream()
        .anyMatch(
            c ->
                c.sealed()
                    && found.coolers().stream()
                        .anyMatch(old -> old.id().equals(c.id()) && !old.sealed()));
  }

  /** Coolers with a fan of their own that the truck did not come with. */
  public List<FittedCooler> newCoolerFans() {
    return build.coolers().stream()
        .filter(c -> c.ownFanM3s() != null)
        .filter(
            c ->
                found.coolers().stream()
                    .noneMatch(
                        old -> old.id().equals(c.id()) && c.ownFanM3s().equals(old.ownFanM3s())))
        .toList();
  }

  public boolean otherFans() {
    return !fanParts(build).equals(fanParts(found));
  }

  private static List<String> fanParts(Build build) {
    return build.fans().stream().map(f -> f.part().code()).toList();
  }

  /** The fans that are there turn faster again. */
  public boolean fanRepaired() {
    return !otherFans() && fanPercent(build) > fanPercent(found);
  }

  /** Speed of the slowest fan, % of what it should turn. */
  public static double fanPercent(Build build) {
    return build.fans().stream().mapToDouble(FittedFan::speedPercent).min().orElse(0);
  }

  /** Fans that stay and are turned by a clutch of another kind or another grip. */
  public List<FittedFan> newClutches() {
    return turnedOtherwise(false);
  }

  /** Fans that stay and whose controlled clutch is told by another controller. */
  public List<FittedFan> newlyControlled() {
    return turnedOtherwise(true);
  }

  private List<FittedFan> turnedOtherwise(boolean told) {
    return build.fans().stream()
        .filter(
            fan ->
                found.fans().stream()
                    .anyMatch(
                        old ->
                            old.part().code().equals(fan.part().code())
                                && !old.part().sameClutch(fan.part())
                                && told == onlyTold(old, fan)))
        .toList();
  }

  private static boolean onlyTold(FittedFan old, FittedFan fan) {
    return old.part().kind() == FanUnit.Type.CONTROLLED
        && fan.part().kind() == FanUnit.Type.CONTROLLED;
  }

  /** The driver gets a switch for the clutch. */
  public boolean overridden() {
    return held(build) && !held(found);
  }

  private static boolean held(Build build) {
    return build.fans().stream().anyMatch(FittedFan::held);
  }

  public boolean newRadiator() {
    return build.radiator() != null && !build.radiator().equals(found.radiator());
  }

  public boolean newChargeAirCooler() {
    return build.chargeAirCooler() != null
        && !build.chargeAirCooler().equals(found.chargeAirCooler());
  }

  public boolean newPump() {
    return build.pump() != null && !build.pump().equals(found.pump());
  }

  private static List<SwitchPoints> switches(Build build) {
    return build.fans().stream().map(FittedFan::switchPoints).filter(Objects::nonNull).toList();
  }

  public boolean newThermostat() {
    return !build.thermostat().equals(found.thermostat())
        || build.condition().thermostat() != found.condition().thermostat()
        || build.condition().thermostatLateK() < found.condition().thermostatLateK();
  }

  private boolean tankBypassed() {
    return build.oilOrder() == OilOrder.TANK_BYPASSED && found.oilOrder() != OilOrder.TANK_BYPASSED;
  }
}
