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
import static roadbreeze.core.workorder.WorkScope.Part.SUCTION_HOSE;
import static roadbreeze.core.workorder.WorkScope.Part.TANK_BYPASS;
import static roadbreeze.core.workorder.WorkScope.Part.THERMOSTAT;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;

/**
 * One step of the work. The declared order is the order a person would take where nothing else
 * decides; {@link #after()} is what must come first.
 */
public enum Task implements Code {
  PARK(10, Set.of(), List.of()),
  FIND_LINES(10, 10, Engine.RUNNING, Set.of(COOLER), List.of(Caution.HOT_PARTS)),
  COOL_DOWN(0, 120, Engine.STOPPED, Set.of(), List.of(Caution.HOT_CAP)),
  DISCONNECT(10, Set.of(), List.of(Caution.SELF_STARTING_FAN)),
  RAISE(15, Needs.UNDER, List.of(Caution.STANDS)),
  OPEN_FRONT(30, Needs.FRONT, List.of(Caution.SHARP_EDGES)),
  DRAIN(25, Needs.COOLANT, List.of(Caution.HOT_CAP, Caution.POISON)),
  CLEAN_FINS(45, Set.of(FINS), List.of(Caution.SHARP_EDGES, Caution.REFRIGERANT)),
  REPAIR_FAN(60, Set.of(FAN_REPAIR), List.of(Caution.FED_FAN)),
  SWAP_RADIATOR(
      150, Set.of(RADIATOR), List.of(Caution.SECOND_PERSON, Caution.POISON, Caution.REFRIGERANT)),
  SWAP_CHARGE_AIR(90, Set.of(CHARGE_AIR), List.of(Caution.SECOND_PERSON, Caution.REFRIGERANT)),
  MOVE_OBSTACLE(30, Set.of(OBSTACLE), List.of(Caution.SHARP_EDGES)),
  MOVE_OTHER_COOLER(45, Set.of(OTHER_COOLER), List.of(Caution.BURNS, Caution.SHARP_EDGES)),
  FIT_CLUTCH(60, Set.of(CLUTCH), List.of(Caution.SHARP_EDGES)),
  FIT_FAN(120, Set.of(FAN_SWAP), List.of(Caution.FED_FAN)),
  FIT_THERMOSTAT(40, Set.of(THERMOSTAT), List.of(Caution.POISON, Caution.EMISSIONS)),
  REPLACE_PUMP(120, Set.of(PUMP), List.of(Caution.POISON)),
  REPLACE_SUCTION_HOSE(20, Set.of(SUCTION_HOSE), List.of(Caution.POISON)),
  FIT_SENSOR(20, Set.of(SENSOR), List.of(Caution.POISON)),
  FREE_OIL(45, Set.of(OIL_FLOW), List.of(Caution.BURNS)),
  BEND_STRIPS(60, Set.of(COOLER), List.of(Caution.SHARP_EDGES, Caution.ZINC_FUMES)),
  HANG_COOLER(45, Set.of(COOLER), List.of(Caution.REFRIGERANT, Caution.SHARP_EDGES)),
  FIT_COOLER_FAN(45, Set.of(COOLER_FAN), List.of(Caution.FED_FAN)),
  MEND_BYPASS(45, Set.of(GEARBOX_BYPASS), List.of(Caution.BURNS)),
  RUN_LINES(75, Set.of(COOLER), List.of(Caution.BURNS)),
  JOIN_TANK(20, Set.of(TANK_BYPASS), List.of(Caution.BURNS)),
  FIT_SWITCH(40, Set.of(FAN_SWITCH), List.of(Caution.BATTERY_OFF)),
  FIT_CLUTCH_CONTROL(60, Set.of(CLUTCH_CONTROL), List.of(Caution.BATTERY_OFF)),
  RENEW_SEALS(30, Set.of(SEALS), List.of(Caution.SHARP_EDGES)),
  FILL_OIL(20, Needs.OIL, List.of()),
  LOWER(10, Needs.UNDER, List.of(Caution.LOWERING)),
  RECONNECT(5, Set.of(), List.of(Caution.FAN_MAY_START)),
  FILL_COOLANT(
      30,
      80,
      Engine.RUNNING,
      Set.of(THERMOSTAT, RADIATOR, PUMP, SUCTION_HOSE, SENSOR, AIR_IN_LOOP),
      List.of(Caution.FUNNEL, Caution.HOT_CAP)),
  REPLACE_CAP(5, Set.of(CAP), List.of(Caution.HOT_CAP)),
  LEAK_CHECK(
      10,
      15,
      Engine.RUNNING,
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
      List.of(Caution.HOT_PARTS)),
  CHECK_FAN(
      10,
      10,
      Engine.RUNNING,
      Set.of(FAN_REPAIR, FAN_SWITCH, FAN_SWAP, CLUTCH, CLUTCH_CONTROL, COOLER_FAN),
      List.of()),
  CHECK_CLEARANCES(
      5,
      0,
      Engine.RUNNING,
      Set.of(
          COOLER,
          RADIATOR,
          CHARGE_AIR,
          COOLER_FAN,
          OTHER_COOLER,
          OBSTACLE,
          FAN_SWAP,
          CLUTCH,
          PUMP,
          SUCTION_HOSE),
      List.of()),
  CLOSE_FRONT(30, Needs.FRONT, List.of(Caution.SHARP_EDGES)),
  SET_LEVEL(10, 10, Engine.RUNNING, Needs.OIL, List.of(Caution.HOT_PARTS)),
  PROVE(90, 0, Engine.DRIVEN, Set.of(), List.of(Caution.LATCH, Caution.HOT_CAP));

  /** What several tasks are needed for; a nest of its own, since constants come before fields. */
  private static final class Needs {
    static final Set<WorkScope.Part> FRONT =
        Set.of(COOLER, FINS, SEALS, RADIATOR, CHARGE_AIR, COOLER_FAN, OTHER_COOLER, OBSTACLE);
    static final Set<WorkScope.Part> OIL = Set.of(COOLER, TANK_BYPASS, OIL_FLOW, GEARBOX_BYPASS);
    static final Set<WorkScope.Part> COOLANT =
        Set.of(THERMOSTAT, RADIATOR, PUMP, SUCTION_HOSE, SENSOR);
    static final Set<WorkScope.Part> UNDER =
        Stream.concat(OIL.stream(), COOLANT.stream()).collect(Collectors.toUnmodifiableSet());
  }

  static {
    // Enum constants cannot name later ones, so the order is laid down here.
    FIND_LINES.follows(PARK);
    COOL_DOWN.follows(FIND_LINES, PARK);
    DISCONNECT.follows(COOL_DOWN);
    RAISE.follows(DISCONNECT);
    OPEN_FRONT.follows(DISCONNECT);
    DRAIN.follows(RAISE);
    CLEAN_FINS.follows(OPEN_FRONT);
    REPAIR_FAN.follows(DISCONNECT);
    SWAP_RADIATOR.follows(DRAIN, OPEN_FRONT);
    SWAP_CHARGE_AIR.follows(OPEN_FRONT);
    MOVE_OBSTACLE.follows(OPEN_FRONT);
    MOVE_OTHER_COOLER.follows(OPEN_FRONT, SWAP_CHARGE_AIR);
    FIT_CLUTCH.follows(DISCONNECT);
    FIT_FAN.follows(DISCONNECT, SWAP_RADIATOR);
    FIT_THERMOSTAT.follows(DRAIN);
    REPLACE_PUMP.follows(DRAIN, SWAP_RADIATOR);
    REPLACE_SUCTION_HOSE.follows(DRAIN, SWAP_RADIATOR, REPLACE_PUMP);
    FIT_SENSOR.follows(DRAIN);
    FREE_OIL.follows(RAISE);
    BEND_STRIPS.follows(OPEN_FRONT);
    HANG_COOLER.follows(
        SWAP_RADIATOR,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        BEND_STRIPS,
        CLEAN_FINS,
        OPEN_FRONT);
    FIT_COOLER_FAN.follows(OPEN_FRONT, HANG_COOLER);
    MEND_BYPASS.follows(RAISE);
    RUN_LINES.follows(HANG_COOLER, FIND_LINES, RAISE);
    JOIN_TANK.follows(RAISE);
    FIT_SWITCH.follows(DISCONNECT, DRAIN);
    FIT_CLUTCH_CONTROL.follows(DISCONNECT, FIT_CLUTCH);
    RENEW_SEALS.follows(
        HANG_COOLER,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        FIT_COOLER_FAN,
        CLEAN_FINS,
        OPEN_FRONT);
    FILL_OIL.follows(RUN_LINES, JOIN_TANK, FREE_OIL, MEND_BYPASS);
    LOWER.follows(
        FILL_OIL,
        SWAP_RADIATOR,
        FIT_THERMOSTAT,
        REPLACE_PUMP,
        REPLACE_SUCTION_HOSE,
        FIT_SENSOR,
        FIT_SWITCH);
    RECONNECT.follows(
        LOWER,
        FIT_FAN,
        REPAIR_FAN,
        FIT_SWITCH,
        FIT_CLUTCH,
        FIT_CLUTCH_CONTROL,
        FIT_COOLER_FAN,
        SWAP_CHARGE_AIR,
        MOVE_OBSTACLE,
        MOVE_OTHER_COOLER,
        RENEW_SEALS);
    FILL_COOLANT.follows(RECONNECT);
    REPLACE_CAP.follows(FILL_COOLANT, COOL_DOWN);
    LEAK_CHECK.follows(RECONNECT, FILL_COOLANT, REPLACE_CAP);
    CHECK_FAN.follows(RECONNECT, FILL_COOLANT);
    CHECK_CLEARANCES.follows(LEAK_CHECK, CHECK_FAN);
    SET_LEVEL.follows(LEAK_CHECK);
    CLOSE_FRONT.follows(LEAK_CHECK, CHECK_FAN, CHECK_CLEARANCES, RENEW_SEALS, RECONNECT);
    PROVE.follows(CLOSE_FRONT, SET_LEVEL, LEAK_CHECK, RECONNECT, CHECK_FAN, CHECK_CLEARANCES);
  }

  /** What the engine does during a step. */
  public enum Engine implements Code {
    STOPPED,
    RUNNING,
    DRIVEN
  }

  private final int hands;
  private final int waits;
  private final Engine engine;
  private final Set<WorkScope.Part> neededFor;
  private final List<Caution> cautions;
  private final Set<String> after = new LinkedHashSet<>();

  Task(int hands, Set<WorkScope.Part> neededFor, List<Caution> cautions) {
    this(hands, 0, Engine.STOPPED, neededFor, cautions);
  }

  Task(int hands, int waits, Engine engine, Set<WorkScope.Part> neededFor, List<Caution> cautions) {
    this.hands = hands;
    this.waits = waits;
    this.engine = engine;
    this.neededFor = neededFor;
    this.cautions = cautions;
  }

  private void follows(Task... tasks) {
    for (Task task : tasks) {
      after.add(task.name());
    }
  }

  /** Usual time of one person’s hands, min. */
  public int hands() {
    return hands;
  }

  /** Time that passes by itself, min: cooling, warming up, settling. */
  public int waits() {
    return waits;
  }

  public Engine engine() {
    return engine;
  }

  /** What can hurt in this step; a running engine first. */
  public List<Caution> cautions() {
    return engine == Engine.RUNNING
        ? Stream.concat(Stream.of(Caution.ENGINE_RUNS), cautions.stream()).toList()
        : cautions;
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
