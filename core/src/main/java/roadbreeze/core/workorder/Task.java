package roadbreeze.core.workorder;

import static roadbreeze.core.workorder.WorkScope.Part.AIR_IN_LOOP;
import static roadbreeze.core.workorder.WorkScope.Part.CAP;
import static roadbreeze.core.workorder.WorkScope.Part.CHARGE_AIR;
import static roadbreeze.core.workorder.WorkScope.Part.CLUTCH;
import static roadbreeze.core.workorder.WorkScope.Part.CLUTCH_CONTROL;
import static roadbreeze.core.workorder.WorkScope.Part.COOLER;
import static roadbreeze.core.workorder.WorkScope.Part.COOLER_FAN;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_REPAIR;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_SWAP;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_SWITCH;
import static roadbreeze.core.workorder.WorkScope.Part.FINS;
import static roadbreeze.core.workorder.WorkScope.Part.GEARBOX_BYPASS;
import static roadbreeze.core.workorder.WorkScope.Part.OBSTACLE;
import static roadbreeze.core.workorder.WorkScope.Part.OIL_FLOW;
import static roadbreeze.core.workorder.WorkScope.Part.OTHER_COOLER;
import static roadbreeze.core.workorder.WorkScope.Part.PUMP;
import static roadbreeze.core.workorder.WorkScope.Part.RADIATOR;
import static roadbreeze.core.workorder.WorkScope.Part.SEALS;
import static roadbreeze.core.workorder.WorkScope.Part.SENSOR;
import static roadbreeze.core.workorder.WorkScope.Part.STRIPS;
import static roadbreeze.core.workorder.WorkScope.Part.SUCTION_HOSE;
import static roadbreeze.core.workorder.WorkScope.Part.TANK_BYPASS;
import static roadbreeze.core.workorder.WorkScope.Part.THERMOSTAT;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import roadbreeze.core.explain.Code;

/**
 * One step of the work. The declared order is the order a person would take where nothing else
 * decides; {@link #after()} is what must come first.
 */
public enum Task implements Code {
  PARK(15, Set.of(), List.of(Caution.STANDS, Caution.MANUAL, Caution.RATINGS)),
  DISCONNECT(10, Set.of(), List.of(Caution.SELF_STARTING_FAN, Caution.BATTERY_OFF)),
  OPEN_FRONT(
      30,
      Set.of(COOLER, FINS, SEALS, STRIPS, RADIATOR, CHARGE_AIR, COOLER_FAN, OTHER_COOLER, OBSTACLE),
      List.of(Caution.SHARP_EDGES)),
  DRAIN(
      25,
      Set.of(THERMOSTAT, RADIATOR, PUMP, SUCTION_HOSE, SENSOR),
      List.of(Caution.HOT_CAP, Caution.POISON)),
  CLEAN_FINS(45, Set.of(FINS), List.of(Caution.SHARP_EDGES, Caution.REFRIGERANT)),
  REPAIR_FAN(60, Set.of(FAN_REPAIR), List.of(Caution.SELF_STARTING_FAN, Caution.TURNING_FAN)),
  SWAP_RADIATOR(
      150, Set.of(RADIATOR), List.of(Caution.SECOND_PERSON, Caution.POISON, Caution.REFRIGERANT)),
  SWAP_CHARGE_AIR(
      90, Set.of(CHARGE_AIR), List.of(Caution.SECOND_PERSON, Caution.BURNS, Caution.REFRIGERANT)),
  MOVE_OBSTACLE(30, Set.of(OBSTACLE), List.of(Caution.SHARP_EDGES, Caution.BATTERY_OFF)),
  MOVE_OTHER_COOLER(45, Set.of(OTHER_COOLER), List.of(Caution.BURNS, Caution.SHARP_EDGES)),
  FIT_CLUTCH(60, Set.of(CLUTCH), List.of(Caution.SELF_STARTING_FAN, Caution.TURNING_FAN)),
  FIT_FAN(120, Set.of(FAN_SWAP), List.of(Caution.SELF_STARTING_FAN, Caution.TURNING_FAN)),
  FIT_THERMOSTAT(40, Set.of(THERMOSTAT), List.of(Caution.POISON, Caution.EMISSIONS)),
  REPLACE_PUMP(120, Set.of(PUMP), List.of(Caution.POISON, Caution.TURNING_FAN)),
  REPLACE_SUCTION_HOSE(20, Set.of(SUCTION_HOSE), List.of(Caution.POISON)),
  FIT_SENSOR(20, Set.of(SENSOR), List.of(Caution.POISON, Caution.BATTERY_OFF)),
  FREE_OIL(45, Set.of(OIL_FLOW), List.of(Caution.BURNS, Caution.STANDS)),
  BEND_STRIPS(60, Set.of(STRIPS), List.of(Caution.SHARP_EDGES, Caution.ZINC_FUMES)),
  HANG_COOLER(45, Set.of(COOLER), List.of(Caution.REFRIGERANT, Caution.SHARP_EDGES)),
  FIND_LINES(10, Set.of(COOLER), List.of(Caution.BURNS, Caution.TURNING_FAN)),
  FIT_COOLER_FAN(45, Set.of(COOLER_FAN), List.of(Caution.SELF_STARTING_FAN, Caution.BATTERY_OFF)),
  MEND_BYPASS(45, Set.of(GEARBOX_BYPASS), List.of(Caution.BURNS, Caution.MANUAL)),
  RUN_LINES(75, Set.of(COOLER), List.of(Caution.STANDS, Caution.BURNS)),
  JOIN_TANK(20, Set.of(TANK_BYPASS), List.of(Caution.BURNS)),
  FIT_SWITCH(40, Set.of(FAN_SWITCH), List.of(Caution.BATTERY_OFF)),
  FIT_CLUTCH_CONTROL(60, Set.of(CLUTCH_CONTROL), List.of(Caution.BATTERY_OFF)),
  RENEW_SEALS(30, Set.of(SEALS), List.of(Caution.SHARP_EDGES)),
  FILL_COOLANT(
      45,
      Set.of(THERMOSTAT, RADIATOR, PUMP, SUCTION_HOSE, SENSOR, AIR_IN_LOOP),
      List.of(Caution.HOT_CAP, Caution.TURNING_FAN)),
  REPLACE_CAP(5, Set.of(CAP), List.of(Caution.HOT_CAP)),
  FILL_OIL(20, Set.of(COOLER, TANK_BYPASS, OIL_FLOW, GEARBOX_BYPASS), List.of(Caution.BURNS)),
  RECONNECT(5, Set.of(), List.of(Caution.SELF_STARTING_FAN)),
  LEAK_CHECK(
      25,
      Set.of(
          COOLER,
          THERMOSTAT,
          TANK_BYPASS,
          RADIATOR,
          PUMP,
          SUCTION_HOSE,
          SENSOR,
          CAP,
          OIL_FLOW,
          CHARGE_AIR,
          OTHER_COOLER,
          GEARBOX_BYPASS),
      List.of(Caution.BURNS, Caution.TURNING_FAN)),
  CHECK_FAN(
      20,
      Set.of(FAN_REPAIR, FAN_SWITCH, FAN_SWAP, CLUTCH, CLUTCH_CONTROL, COOLER_FAN),
      List.of(Caution.TURNING_FAN)),
  CLOSE_FRONT(
      35,
      Set.of(COOLER, FINS, SEALS, STRIPS, RADIATOR, CHARGE_AIR, COOLER_FAN, OTHER_COOLER, OBSTACLE),
      List.of(Caution.TURNING_FAN)),
  SET_LEVEL(
      20,
      Set.of(COOLER, TANK_BYPASS, OIL_FLOW, GEARBOX_BYPASS),
      List.of(Caution.BURNS, Caution.MANUAL)),
  PROVE(90, Set.of(), List.of(Caution.RATINGS, Caution.HOT_CAP));

  static {
    // Enum constants cannot name later ones, so the order is laid down here.
    DISCONNECT.follows(PARK, FIND_LINES);
    FIND_LINES.follows(PARK);
    OPEN_FRONT.follows(DISCONNECT);
    DRAIN.follows(DISCONNECT);
    CLEAN_FINS.follows(OPEN_FRONT);
    REPAIR_FAN.follows(DISCONNECT);
    SWAP_RADIATOR.follows(DRAIN, OPEN_FRONT);
    SWAP_CHARGE_AIR.follows(OPEN_FRONT);
    MOVE_OBSTACLE.follows(OPEN_FRONT);
    MOVE_OTHER_COOLER.follows(OPEN_FRONT, SWAP_CHARGE_AIR);
    FIT_CLUTCH.follows(DISCONNECT);
    FIT_COOLER_FAN.follows(OPEN_FRONT, HANG_COOLER);
    MEND_BYPASS.follows(DISCONNECT);
    FIT_CLUTCH_CONTROL.follows(DISCONNECT, FIT_CLUTCH);
    FIT_FAN.follows(DISCONNECT, SWAP_RADIATOR);
    FIT_THERMOSTAT.follows(DRAIN);
    REPLACE_PUMP.follows(DRAIN, SWAP_RADIATOR);
    REPLACE_SUCTION_HOSE.follows(DRAIN, SWAP_RADIATOR, REPLACE_PUMP);
    FIT_SENSOR.follows(DRAIN);
    FREE_OIL.follows(DISCONNECT);
    BEND_STRIPS.follows(OPEN_FRONT);
    HANG_COOLER.follows(
        SWAP_RADIATOR,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        BEND_STRIPS,
        CLEAN_FINS,
        OPEN_FRONT);
    RUN_LINES.follows(HANG_COOLER, FIND_LINES);
    JOIN_TANK.follows(DISCONNECT);
    FIT_SWITCH.follows(DISCONNECT, DRAIN);
    RENEW_SEALS.follows(
        HANG_COOLER,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        FIT_COOLER_FAN,
        CLEAN_FINS,
        OPEN_FRONT);
    FILL_COOLANT.follows(
        SWAP_RADIATOR,
        FIT_THERMOSTAT,
        REPLACE_PUMP,
        REPLACE_SUCTION_HOSE,
        FIT_SENSOR,
        FIT_SWITCH,
        RECONNECT);
    REPLACE_CAP.follows(FILL_COOLANT, PARK);
    FILL_OIL.follows(RUN_LINES, JOIN_TANK, FREE_OIL, MEND_BYPASS);
    RECONNECT.follows(
        FIT_FAN,
        REPAIR_FAN,
        FIT_SWITCH,
        FIT_SENSOR,
        FIT_CLUTCH,
        FIT_CLUTCH_CONTROL,
        FIT_COOLER_FAN,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        FILL_OIL,
        RENEW_SEALS);
    LEAK_CHECK.follows(RECONNECT, FILL_OIL, FILL_COOLANT, REPLACE_CAP);
    CHECK_FAN.follows(RECONNECT, FILL_COOLANT);
    CLOSE_FRONT.follows(LEAK_CHECK, CHECK_FAN, RENEW_SEALS, RECONNECT);
    SET_LEVEL.follows(LEAK_CHECK);
    PROVE.follows(CLOSE_FRONT, SET_LEVEL, LEAK_CHECK, RECONNECT);
  }

  private final int minutes;
  private final Set<WorkScope.Part> neededFor;
  private final List<Caution> cautions;
  private final Set<String> after = new LinkedHashSet<>();

  Task(int minutes, Set<WorkScope.Part> neededFor, List<Caution> cautions) {
    this.minutes = minutes;
    this.neededFor = neededFor;
    this.cautions = cautions;
  }

  private void follows(Task... tasks) {
    for (Task task : tasks) {
      after.add(task.name());
    }
  }

  /** Usual time for one person, min. */
  public int minutes() {
    return minutes;
  }

  public List<Caution> cautions() {
    return cautions;
  }

  /** Tasks that must be done before this one, where they are done at all. */
  public Set<Task> after() {
    EnumSet<Task> tasks = EnumSet.noneOf(Task.class);
    after.forEach(name -> tasks.add(valueOf(name)));
    return tasks;
  }

  boolean belongsTo(WorkScope scope) {
    return neededFor.isEmpty() || neededFor.stream().anyMatch(scope.parts()::contains);
  }
}
