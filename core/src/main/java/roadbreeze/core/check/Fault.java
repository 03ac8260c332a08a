package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.condition.Condition.BypassFault;
import roadbreeze.core.condition.Condition.ThermostatFault;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;

/**
 * One thing that can be wrong, and what it does to a truck. Those of a fan are the main fan's. How
 * bad it is goes from mild, where it begins to be felt, to severe; our own judgement.
 */
public enum Fault implements Code {
  THERMOSTAT_SHUT(
      (s, a) -> worn(s, s.fitting().condition().withThermostat(ThermostatFault.STUCK_SHUT))),
  THERMOSTAT_OPEN(
      (s, a) -> worn(s, s.fitting().condition().withThermostat(ThermostatFault.STUCK_OPEN))),
  /** So many kelvin over its stamp. */
  THERMOSTAT_LATE(
      Kind.DIFFERENCE, 6, 20, (s, a) -> worn(s, s.fitting().condition().withThermostatLate(a))),
  /** Holds so much of its stamped pressure. */
  CAP_WEAK(Kind.PERCENT, 0.6, 0.1, (s, a) -> worn(s, s.fitting().condition().withCapShare(a))),
  /** Moves so much of its flow. */
  PUMP_WORN(Kind.PERCENT, 0.7, 0.3, (s, a) -> worn(s, s.fitting().condition().withPumpShare(a))),
  /** Lets through so much of the flow. */
  SUCTION_COLLAPSES(
      Kind.PERCENT, 0.7, 0.3, (s, a) -> worn(s, s.fitting().condition().withSuctionShare(a))),
  /** So much of the loop is air, though nothing leaks. */
  AIR_IN_LOOP(Kind.PERCENT, 0.04, 0.15, (s, a) -> worn(s, s.fitting().condition().withAirShare(a))),
  /** The same, by what has leaked out. */
  LEAK(Kind.PERCENT, 0.03, 0.15, (s, a) -> worn(s, s.fitting().condition().withAirShare(a))),
  /** Gas of combustion in the coolant: so much of the loop. */
  COMBUSTION_GAS(
      Kind.PERCENT, 0.04, 0.15, (s, a) -> worn(s, s.fitting().condition().withAirShare(a))),
  /** Share of the fins. */
  RADIATOR_FINS(
      Kind.PERCENT, 0.25, 0.6, (s, a) -> worn(s, s.fitting().condition().withRadiatorBlocked(a))),
  CONDENSER_FINS(
      Kind.PERCENT,
      0.25,
      0.6,
      s -> s.truck().cores().condenser().isPresent(),
      (s, a) -> worn(s, s.fitting().condition().withCondenserBlocked(a))),
  CHARGE_AIR_FINS(
      Kind.PERCENT,
      0.25,
      0.6,
      s -> s.chargeAirCooler().isPresent(),
      (s, a) -> worn(s, s.fitting().condition().withChargeAirBlocked(a))),
  /** So much of the exit air's rise comes back at a standstill. */
  SEALS_MISSING(
      Kind.SHARE, 0.07, 0.15, (s, a) -> worn(s, s.fitting().condition().withRecirculation(a))),
  FAN_MOTOR_DEAD(Fault::isElectric, (s, a) -> turning(s, 0)),
  /** Relay, fuse, controller or a wire. */
  FAN_NOT_FED(Fault::isElectric, (s, a) -> turning(s, 0)),
  /** Reaches so much of its speed. */
  FAN_WEAK(Kind.PERCENT, 0.75, 0.4, Fault::isElectric, Fault::turning),
  /** Its wires are swapped: it blows against the air of driving. */
  FAN_BACKWARDS(Fault::isElectric, (s, a) -> withMain(s, main(s).withBlows(Blows.WRONG_WAY))),
  SHROUD_GONE(
      s -> main(s).shrouded() && !main(s).pusher(),
      (s, a) -> withMain(s, main(s).withShrouded(false))),
  /** Reaches so much of the speed a sound clutch gives it. */
  CLUTCH_SLIPS(Kind.PERCENT, 0.65, 0.25, Fault::isClutched, Fault::turning),
  CLUTCH_LOCKED(
      Fault::isClutched, (s, a) -> withMain(s, main(s).withPart(main(s).part().lockedUp()))),
  /** Reads so many kelvin too low, so that what it switches comes late. */
  SENSOR_LOW(
      Kind.DIFFERENCE,
      8,
      20,
      s ->
          main(s).switched().isPresent() && isElectric(s)
              || main(s).part().kind() == FanUnit.Type.CONTROLLED,
      (s, a) -> worn(s, s.fitting().condition().withSensorOffset(a))),
  /** So much of the oil comes through the cooler's circuit. */
  OIL_FLOW_LOW(
      Kind.PERCENT, 0.6, 0.2, (s, a) -> worn(s, s.fitting().condition().withOilFlowShare(a))),
  GEARBOX_BYPASS_SHUT(
      s -> s.truck().oil().bypass().works() && !s.fitting().oil().bypassPinned(),
      (s, a) -> worn(s, s.fitting().condition().withGearboxBypass(BypassFault.STUCK_SHUT))),
  GEARBOX_BYPASS_OPEN(
      s -> s.truck().oil().bypass().works() && !s.fitting().oil().bypassPinned(),
      (s, a) -> worn(s, s.fitting().condition().withGearboxBypass(BypassFault.STUCK_OPEN))),
  /**
   * The gauge on the dash shows so many kelvin too much; the truck itself is as sound as before.
   */
  GAUGE_HIGH(Kind.DIFFERENCE, 8, 20, (s, a) -> s);

  private final Kind kind;
  private final double mild;
  private final double severe;
  private final Predicate<Setup> possible;
  private final BiFunction<Setup, Double, Setup> effect;

  Fault(BiFunction<Setup, Double, Setup> effect) {
    this(null, 0, 0, s -> true, effect);
  }

  Fault(Predicate<Setup> possible, BiFunction<Setup, Double, Setup> effect) {
    this(null, 0, 0, possible, effect);
  }

  Fault(Kind kind, double mild, double severe, BiFunction<Setup, Double, Setup> effect) {
    this(kind, mild, severe, s -> true, effect);
  }

  Fault(
      Kind kind,
      double mild,
      double severe,
      Predicate<Setup> possible,
      BiFunction<Setup, Double, Setup> effect) {
    this.kind = kind;
    this.mild = mild;
    this.severe = severe;
    this.possible = possible;
    this.effect = effect;
  }

  /** How bad it can be has an amount. */
  public boolean hasAmount() {
    return kind != null;
  }

  /** What its amount is; null where it has none. */
  public Kind kind() {
    return kind;
  }

  /**
   * An amount between mild and severe.
   *
   * @param howBad 0 mild to 1 severe
   */
  public double amount(double howBad) {
    return mild + howBad * (severe - mild);
  }

  /** Whether a truck has what it is a fault of. */
  public boolean canBeOf(Setup setup) {
    return !setup.fitting().fans().isEmpty() && possible.test(setup);
  }

  /** A setup with it. */
  public Setup on(Setup setup, double amount) {
    return effect.apply(setup, amount);
  }

  /** Several at once. */
  public static Setup on(Setup setup, List<At> faults) {
    Setup with = setup;
    for (At at : faults) {
      with = at.fault.on(with, at.amount);
    }
    return with;
  }

  /** One of so much. */
  public record At(Fault fault, double amount) {}

  /** A setup in good order: nothing worn, every fan at its speed. */
  public static Setup healed(Setup setup) {
    List<FanFit> fans = setup.fitting().fans().stream().map(f -> f.withSpeedShare(1)).toList();
    return setup.with(setup.fitting().with(Condition.SOUND).withFans(fans));
  }

  private static Setup worn(Setup setup, Condition condition) {
    return setup.with(setup.fitting().with(condition));
  }

  private static FanFit main(Setup setup) {
    return setup.fitting().fans().get(0);
  }

  private static Setup withMain(Setup setup, FanFit fan) {
    List<FanFit> fans = new ArrayList<>(setup.fitting().fans());
    fans.set(0, fan);
    return setup.with(setup.fitting().withFans(fans));
  }

  private static Setup turning(Setup setup, double share) {
    return withMain(setup, main(setup).withSpeedShare(share));
  }

  private static boolean isElectric(Setup setup) {
    return main(setup).part().kind() == FanUnit.Type.ELECTRIC;
  }

  private static boolean isClutched(Setup setup) {
    FanUnit.Type kind = main(setup).part().kind();
    return kind == FanUnit.Type.VISCOUS || kind == FanUnit.Type.CONTROLLED;
  }
}
