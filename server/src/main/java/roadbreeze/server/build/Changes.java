package roadbreeze.server.build;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.School;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;

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
    lines(scope);
    fans(scope);
    wiring(scope);
    add(scope, Part.COOLER_OFF, !goneCoolers().isEmpty());
    add(scope, Part.COOLER_AWAY, newCoolers().stream().anyMatch(c -> c.remotePlace() != null));
    add(scope, Part.CHANNEL, !newChannels().isEmpty());
    add(scope, Part.WELDING, newChannels().stream().anyMatch(Channel::welded));
    movedOthers().forEach(o -> scope.add(CIRCUITS.get(o.kind())));
    scope.addAll(build.work().circumstances());
    return new WorkScope(scope, things());
  }

  private static final Map<OtherCooler.Kind, Part> CIRCUITS =
      Map.of(
          OtherCooler.Kind.STEERING, Part.STEERING,
          OtherCooler.Kind.HYDRAULIC, Part.HYDRAULIC,
          OtherCooler.Kind.ENGINE_OIL, Part.ENGINE_OIL,
          OtherCooler.Kind.FUEL, Part.FUEL);

  private void lines(Set<Part> scope) {
    boolean stock = build.lines().joining() == LinePlan.Joining.BACK_TO_STOCK;
    scope.add(stock ? Part.ADAPTERS : Part.CUT_LINES);
    for (Inline in : newInline()) {
      scope.add(
          switch (in.what()) {
            case FILTER -> Part.FILTER;
            case SENSOR_TEE -> Part.SENSOR_TEE;
            case BYPASS -> Part.OIL_BYPASS;
          });
    }
  }

  private void fans(Set<Part> scope) {
    add(scope, Part.BELT_FAN, onEngine(found));
    add(scope, Part.BELT_FAN_OFF, onEngine(found) && !onEngine(build));
    add(
        scope,
        Part.ELECTRIC_FAN,
        newFans().stream().anyMatch(f -> f.part().kind() == FanUnit.Type.ELECTRIC));
    add(scope, Part.PUSHER, newFans().stream().anyMatch(f -> f.mount() == FittedFan.Mount.PUSHER));
  }

  private static boolean onEngine(Build build) {
    return build.fans().stream().anyMatch(f -> f.part().kind().onEngine());
  }

  private void wiring(Set<Part> scope) {
    for (WiringMapper.Fed f : newlyWired()) {
      Consumer c = f.consumer();
      scope.add(Part.WIRED);
      add(scope, Part.GAUGE, c.kind() == Consumer.Kind.GAUGE);
      add(scope, Part.LAMP, c.kind() == Consumer.Kind.WARNING_LAMP);
      add(scope, Part.ELECTRIC_PUMP, c.kind() == Consumer.Kind.PUMP);
      if (SHOW.contains(c.kind())) {
        continue; // nothing is switched
      }
      add(scope, Part.CONTROLLER, CONTROLLERS.contains(c.school()));
      add(scope, Part.THERMAL_SWITCH, c.school() == School.THERMAL_SWITCH);
      add(scope, Part.TWO_SPEED, c.school().twoSpeeds());
      add(scope, Part.ENGINE_COMPUTER, c.school().computed());
      add(scope, Part.DRIVER_SWITCH, c.byDriver());
      add(scope, Part.AIR_TRIGGER, c.air() != Consumer.Air.NONE);
    }
  }

  private static final Set<Consumer.Kind> SHOW =
      EnumSet.of(Consumer.Kind.GAUGE, Consumer.Kind.WARNING_LAMP);

  private static final Set<School> CONTROLLERS =
      EnumSet.of(School.CONTROLLER, School.PULSE_WIDTH, School.TWO_RELAYS, School.SERIES_PARALLEL);

  /** What is made or fitted one by one. */
  private Map<Sort, List<Name>> things() {
    Map<Sort, List<Name>> things = new EnumMap<>(Sort.class);
    things.put(
        Sort.COOLER,
        named(newCoolers(), c -> Name.given(c.id(), Name.Noun.OIL_COOLER, c.part().name())));
    things.put(
        Sort.BRACKET,
        named(
            only(build.mounting().brackets(), found.mounting().brackets()),
            b -> Name.given(b.id(), Name.Noun.BRACKET, b.name())));
    things.put(
        Sort.CHANNEL,
        named(newChannels(), c -> Name.given(c.id(), Name.Noun.CROSS_CHANNEL, c.name())));
    things.put(
        Sort.HOSE,
        named(
            only(build.lines().hoses(), found.lines().hoses()),
            h -> Name.given(h.id(), Name.Noun.HOSE, h.name())));
    things.put(
        Sort.FILTER,
        newInline().stream()
            .filter(in -> in.what() == Inline.What.FILTER)
            .map(in -> Name.of(in.id(), Name.Noun.FILTER, 0))
            .toList());
    things.put(Sort.FAN, named(newFans(), f -> Name.given(f.id(), Name.Noun.FAN, f.part().name())));
    things.put(Sort.OTHER_COOLER, named(movedOthers(), o -> Name.of(o.id(), o.kind().noun(), 0)));
    things.put(Sort.DEVICE, newlyWired().stream().map(f -> f.consumer().name()).toList());
    return things;
  }

  private static <T> List<Name> named(List<T> rows, Function<T, Name> name) {
    return rows.stream().map(name).toList();
  }

  private static <T> List<T> only(List<T> here, List<T> there) {
    return here.stream().filter(row -> !there.contains(row)).toList();
  }

  private List<Channel> newChannels() {
    return only(build.mounting().channels(), found.mounting().channels());
  }

  private List<Inline> newInline() {
    return only(build.lines().inline(), found.lines().inline());
  }

  private List<FittedOther> movedOthers() {
    return only(build.otherCoolers(), found.otherCoolers());
  }

  /** Devices whose circuit is new or another; which voltage the truck has makes no difference. */
  private List<WiringMapper.Fed> newlyWired() {
    List<WiringMapper.Fed> before = WiringMapper.fed(found, ANY_SYSTEM);
    return WiringMapper.fed(build, ANY_SYSTEM).stream().filter(f -> !before.contains(f)).toList();
  }

  private static final double ANY_SYSTEM = 12;

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
