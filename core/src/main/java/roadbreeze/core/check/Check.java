package roadbreeze.core.check;

import static roadbreeze.core.check.Fault.*;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;

/**
 * Something that is looked at or measured before anything is bought. How surely each tells a fault
 * that is there is our own judgement, as are minutes and risk.
 */
public enum Check implements Code {
  FIRST_LOOK(5, Risk.NONE, List.of(Ask.FAN_CRACKED, Ask.BRAKES_SOFT), Map.of()),
  COOLANT(
      5,
      Risk.LOW,
      List.of(Ask.COOLANT_LOOKS, Ask.STRENGTH),
      Map.of(COMBUSTION_GAS, 0.25, LEAK, 0.4, AIR_IN_LOOP, 0.4)),
  OIL(5, Risk.LOW, List.of(Ask.OIL_LOOKS, Ask.OIL_LEVEL), Map.of()),
  COMBUSTION(15, Risk.LOW, List.of(Ask.TESTER_TURNED), Map.of(COMBUSTION_GAS, 0.93)),
  SYSTEM_PRESSURE(
      15,
      Risk.LOW,
      List.of(Ask.PUMPED_TO, Ask.PRESSURE_LOST, Ask.LEAKS_AT),
      Map.of(LEAK, 0.93, COMBUSTION_GAS, 0.5)),
  CAP(5, Risk.LOW, List.of(Ask.CAP_HELD, Ask.CAP_SEAL), Map.of(CAP_WEAK, 0.96)),
  HOSES(
      5,
      Risk.NONE,
      List.of(Ask.HOSE_SOFT, Ask.HOSE_CRACKED),
      Map.of(SUCTION_COLLAPSES, 0.6, LEAK, 0.3)),
  SUCTION_AT_SPEED(10, Risk.HIGH, List.of(Ask.SUCTION_DRAWS), Map.of(SUCTION_COLLAPSES, 0.95)),
  PUMP(10, Risk.LOW, List.of(Ask.PUMP_WEEPS, Ask.PUMP_PLAY), Map.of(PUMP_WORN, 0.5, LEAK, 0.3)),
  FLOW_AT_NECK(
      15,
      Risk.HIGH,
      List.of(Ask.NECK_FLOW),
      Map.of(PUMP_WORN, 0.85, THERMOSTAT_SHUT, 0.9, AIR_IN_LOOP, 0.4, LEAK, 0.3)),
  HEATER_PIPES(
      10,
      Risk.LOW,
      List.of(Ask.PIPES_HOT, Ask.GURGLES),
      Map.of(AIR_IN_LOOP, 0.85, LEAK, 0.6, COMBUSTION_GAS, 0.6, PUMP_WORN, 0.3)),
  COOL_DAY(
      15,
      Risk.NONE,
      List.of(Ask.STEADY_COOLANT, Ask.DAY_AIR, Ask.DAY_SPEED),
      Map.of(THERMOSTAT_OPEN, 0.95, THERMOSTAT_LATE, 0.9, THERMOSTAT_SHUT, 0.95)),
  THERMOSTAT_IN_PAN(
      60,
      Risk.LOW,
      List.of(Ask.PAN_OPENS, Ask.PAN_START, Ask.PAN_FULL, Ask.PAN_CLOSES),
      Map.of(THERMOSTAT_OPEN, 0.98, THERMOSTAT_LATE, 0.95, THERMOSTAT_SHUT, 0.98)),
  RADIATOR_FACE(10, Risk.NONE, List.of(Ask.BLOCKED), Map.of(RADIATOR_FINS, 0.75)),
  CONDENSER_FACE(5, Risk.NONE, List.of(Ask.BLOCKED), Map.of(CONDENSER_FINS, 0.95)),
  CHARGE_AIR_FACE(5, Risk.NONE, List.of(Ask.BLOCKED), Map.of(CHARGE_AIR_FINS, 0.95)),
  LIGHT_THROUGH(
      10,
      Risk.NONE,
      List.of(Ask.DARK),
      Map.of(RADIATOR_FINS, 0.95, CONDENSER_FINS, 0.95, CHARGE_AIR_FINS, 0.95)),
  SEALS(5, Risk.NONE, List.of(Ask.SEALS_THERE), Map.of(SEALS_MISSING, 0.96)),
  SHROUD(5, Risk.NONE, List.of(Ask.SHROUD_STANDS, Ask.TIP_GAP), Map.of(SHROUD_GONE, 0.98)),
  FAN_WATCHED(
      20,
      Risk.HIGH,
      List.of(Ask.FAN_COMES, Ask.COMES_AT),
      Map.of(FAN_MOTOR_DEAD, 0.98, FAN_NOT_FED, 0.98, SENSOR_LOW, 0.9)),
  FAN_FED(
      20,
      Risk.HIGH,
      List.of(Ask.FED_TURNS, Ask.FED_WAY, Ask.FED_CURRENT, Ask.PLATE_CURRENT, Ask.TURNS_FREE),
      Map.of(FAN_MOTOR_DEAD, 0.98, FAN_WEAK, 0.85, FAN_BACKWARDS, 0.97)),
  RELAY_BRIDGED(
      10,
      Risk.HIGH,
      List.of(Ask.BRIDGED_TURNS, Ask.COMES_ITSELF),
      Map.of(FAN_NOT_FED, 0.95, FAN_MOTOR_DEAD, 0.95)),
  SENSOR(
      10,
      Risk.LOW,
      List.of(Ask.SENSOR_READS, Ask.AIR_READS, Ask.UNPLUGGED_RUNS),
      Map.of(SENSOR_LOW, 0.93)),
  CLUTCH(
      15,
      Risk.LOW,
      List.of(Ask.CLUTCH_COLD, Ask.CLUTCH_HOT, Ask.CLUTCH_PLAY, Ask.CLUTCH_STREAKS, Ask.PAPER),
      Map.of(CLUTCH_SLIPS, 0.9, CLUTCH_LOCKED, 0.9)),
  GAUGE(15, Risk.LOW, List.of(Ask.GAUGE_SHOWS, Ask.TRULY), Map.of(GAUGE_HIGH, 0.95)),
  GEARBOX_BYPASS(
      20,
      Risk.LOW,
      List.of(Ask.LINE_HOT, Ask.PAN_THEN),
      Map.of(GEARBOX_BYPASS_SHUT, 0.95, GEARBOX_BYPASS_OPEN, 0.9)),
  OIL_CAUGHT(20, Risk.HIGH, List.of(Ask.CAUGHT, Ask.CAUGHT_IN), Map.of(OIL_FLOW_LOW, 0.95)),
  RETURN_LINE(15, Risk.LOW, List.of(Ask.PORT_ONE, Ask.PORT_TWO, Ask.TANK_BETWEEN), Map.of()),
  /**
   * Its readings are the rig's own, where the model is corrected by them; it is listed, and tells
   * nothing here.
   */
  TRAVERSE(40, Risk.HIGH, List.of(), Map.of());

  /** How likely it is to go wrong for whoever does it: as many times its minutes. */
  public enum Risk {
    NONE(1),
    LOW(1.2),
    /** At a running engine or a fed fan. */
    HIGH(1.6);

    private final double weight;

    Risk(double weight) {
      this.weight = weight;
    }
  }

  /** What is found as surely as this is not there where nothing is found. */
  private static final double SURELY = 0.9;

  /** How often a check that tells faults apart takes one for another. */
  static final double MISTAKEN = 0.05;

  /** To fetch, open and close again, whatever is looked at; minutes. */
  private static final double ROUND = 15;

  /** How often a check finds what is not there. */
  static final double FALSE_ALARM = 0.02;

  private final double minutes;
  private final Risk risk;
  private final List<Ask> asks;
  private final Map<Fault, Double> finds;

  Check(double minutes, Risk risk, List<Ask> asks, Map<Fault, Double> finds) {
    this.minutes = minutes;
    this.risk = risk;
    this.asks = asks;
    this.finds = finds.isEmpty() ? Map.of() : new EnumMap<>(finds);
  }

  public double minutes() {
    return minutes;
  }

  public Risk risk() {
    return risk;
  }

  /** What is read, in order. */
  public List<Ask> asks() {
    return asks;
  }

  /** Faults that look the same in it as one that it names. */
  Set<Fault> alike(Fault named) {
    return switch (this) {
      case SYSTEM_PRESSURE, FLOW_AT_NECK, HEATER_PIPES, LIGHT_THROUGH, COOLANT, PUMP ->
          finds.keySet();
      case FAN_WATCHED, RELAY_BRIDGED ->
          named == SENSOR_LOW ? Set.of(named) : Set.of(FAN_MOTOR_DEAD, FAN_NOT_FED);
      default -> Set.of(named);
    };
  }

  /** How surely it finds a fault that is there. */
  double finds(Fault fault) {
    return finds.getOrDefault(fault, FALSE_ALARM);
  }

  /** Faults that are not there where it finds nothing. */
  public List<Fault> surelyFinds() {
    return finds.entrySet().stream()
        .filter(e -> e.getValue() >= SURELY)
        .map(Map.Entry::getKey)
        .toList();
  }

  /** What it costs to do: minutes, more where it can hurt. */
  double cost() {
    return (ROUND + minutes) * risk.weight;
  }

  /** Whether a truck has what it looks at. */
  public boolean isFor(Setup setup) {
    FanUnit.Type fan = setup.fitting().fans().get(0).part().kind();
    return switch (this) {
      case CONDENSER_FACE -> setup.truck().cores().condenser().isPresent();
      case CHARGE_AIR_FACE -> setup.chargeAirCooler().isPresent();
      case FAN_WATCHED, FAN_FED, RELAY_BRIDGED -> fan == FanUnit.Type.ELECTRIC;
      case SENSOR ->
          fan == FanUnit.Type.CONTROLLED || setup.fitting().fans().get(0).switched().isPresent();
      case CLUTCH -> fan == FanUnit.Type.VISCOUS || fan == FanUnit.Type.CONTROLLED;
      case RETURN_LINE -> setup.tank().isPresent();
      default -> true;
    };
  }
}
