package roadbreeze.core.workorder;

import static roadbreeze.core.workorder.WorkScope.Part.COOLER;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_REPAIR;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_SWAP;
import static roadbreeze.core.workorder.WorkScope.Part.FAN_SWITCH;
import static roadbreeze.core.workorder.WorkScope.Part.FINS;
import static roadbreeze.core.workorder.WorkScope.Part.RADIATOR;
import static roadbreeze.core.workorder.WorkScope.Part.SEALS;
import static roadbreeze.core.workorder.WorkScope.Part.STRIPS;
import static roadbreeze.core.workorder.WorkScope.Part.TANK_BYPASS;
import static roadbreeze.core.workorder.WorkScope.Part.THERMOSTAT;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * One step of the work. The declared order is the order a person would take where nothing else
 * decides; {@link #after()} is what must come first.
 */
public enum Task {
  PARK(
      "Park level, chock, let it cool",
      "Engine off at least two hours, or until hoses are hand-warm.",
      15,
      Set.of(),
      List.of(Caution.STANDS, Caution.MANUAL, Caution.RATINGS)),
  DISCONNECT(
      "Battery lead off, fan fuse out",
      "Tag the fuse so it is not refitted early.",
      10,
      Set.of(),
      List.of(Caution.SELF_STARTING_FAN, Caution.BATTERY_OFF)),
  OPEN_FRONT(
      "Grille and front trim off",
      "Bag and label screws; note bolts that also hold a clamp or latch.",
      30,
      Set.of(COOLER, FINS, SEALS, STRIPS, RADIATOR),
      List.of(Caution.SHARP_EDGES)),
  DRAIN(
      "Drain coolant into a clean, covered pan",
      "Measure what comes out and write it down.",
      25,
      Set.of(THERMOSTAT, RADIATOR),
      List.of(Caution.HOT_CAP, Caution.POISON)),
  CLEAN_FINS(
      "Clean the fins, also between the stacked cores",
      "Low-pressure water from the engine side; straighten bent fins with a comb.",
      45,
      Set.of(FINS),
      List.of(Caution.SHARP_EDGES, Caution.REFRIGERANT)),
  REPAIR_FAN(
      "Bring the fan back to full speed",
      "Feed it directly, measure current and speed; renew relay, earth or motor as found.",
      60,
      Set.of(FAN_REPAIR),
      List.of(Caution.SELF_STARTING_FAN, Caution.TURNING_FAN)),
  SWAP_RADIATOR(
      "Radiator out, new one in",
      "Carry rubber mounts, spacers, clips and seals over; hose clamps on before the hoses; plug the oil"
          + " ports at once.",
      150,
      Set.of(RADIATOR),
      List.of(Caution.SECOND_PERSON, Caution.POISON, Caution.REFRIGERANT)),
  FIT_FAN(
      "Fit the fan and its shroud",
      "Blades clear of core and shroud all round; the connector before the shroud; direction checked by"
          + " a short feed before it is closed up.",
      120,
      Set.of(FAN_SWAP),
      List.of(Caution.SELF_STARTING_FAN, Caution.TURNING_FAN)),
  FIT_THERMOSTAT(
      "Fit the thermostat, jiggle pin up",
      "Clean both faces; new gasket; torque by the manual.",
      40,
      Set.of(THERMOSTAT),
      List.of(Caution.POISON, Caution.EMISSIONS)),
  BEND_STRIPS(
      "Cut and bend the mounting strips",
      "Card template first, then metal. Deburr; relieve corners so a socket gets on.",
      60,
      Set.of(STRIPS),
      List.of(Caution.SHARP_EDGES, Caution.ZINC_FUMES)),
  HANG_COOLER(
      "Hang the cooler on its strips with isolators",
      "Ports where trapped air can leave: bottom in, top out. No metal touches a core.",
      45,
      Set.of(COOLER),
      List.of(Caution.REFRIGERANT, Caution.SHARP_EDGES)),
  FIND_LINES(
      "Find which oil line is hot (feed)",
      "Before opening: thermometer on both lines after a minute in gear, wheels chocked.",
      10,
      Set.of(COOLER),
      List.of(Caution.BURNS, Caution.TURNING_FAN)),
  RUN_LINES(
      "Cut and run the hoses",
      "Leave long, offer up, then cut. Sleeve every metal edge; support all along; clamp screws where"
          + " they can be reached, clamps on before the hose.",
      75,
      Set.of(COOLER),
      List.of(Caution.STANDS, Caution.BURNS)),
  JOIN_TANK(
      "Take the in-tank cooler out of the oil's way",
      "Join or cap its ports so a leak in the tank reaches neither oil nor coolant.",
      20,
      Set.of(TANK_BYPASS),
      List.of(Caution.BURNS)),
  FIT_SWITCH(
      "Fit the fan switch and set its temperatures",
      "Sealing plugs on the wires before the terminals; adjuster where a hand reaches it.",
      40,
      Set.of(FAN_SWITCH),
      List.of(Caution.BATTERY_OFF)),
  RENEW_SEALS(
      "Renew air seals and flaps round the pack",
      "No gap wider than a finger between pack and body.",
      30,
      Set.of(SEALS),
      List.of(Caution.SHARP_EDGES)),
  FILL_COOLANT(
      "Fill and bleed the coolant",
      "Heater open; fill slowly; squeeze hoses; run until the thermostat opens and the level drops.",
      45,
      Set.of(THERMOSTAT, RADIATOR),
      List.of(Caution.HOT_CAP, Caution.TURNING_FAN)),
  FILL_OIL(
      "Prefill the cooler, top up the gearbox fluid",
      "Put back what came out plus the added volume on this sheet.",
      20,
      Set.of(COOLER, TANK_BYPASS),
      List.of(Caution.BURNS)),
  RECONNECT(
      "Battery lead on, fan fuse in",
      "Hands clear: the fan may run at once.",
      5,
      Set.of(),
      List.of(Caution.SELF_STARTING_FAN)),
  LEAK_CHECK(
      "Leak check before closing up",
      "Idle until warm, every joint dry to a paper towel.",
      25,
      Set.of(COOLER, THERMOSTAT, TANK_BYPASS, RADIATOR),
      List.of(Caution.BURNS, Caution.TURNING_FAN)),
  CHECK_FAN(
      "Check fan direction and switch points",
      "Air goes from grille to engine. Note on and off temperatures read on a gauge.",
      20,
      Set.of(FAN_REPAIR, FAN_SWITCH, FAN_SWAP),
      List.of(Caution.TURNING_FAN)),
  CLOSE_FRONT(
      "Clearances with the engine running, then grille and trim on",
      "The engine rocks: look at fan, hoses and strips under load, brakes on.",
      35,
      Set.of(COOLER, FINS, SEALS, STRIPS, RADIATOR),
      List.of(Caution.TURNING_FAN)),
  SET_LEVEL(
      "Set the gearbox level hot, as this gearbox asks",
      "Idling in neutral or park, or by the overflow plug inside its temperature window.",
      20,
      Set.of(COOLER, TANK_BYPASS),
      List.of(Caution.BURNS, Caution.MANUAL)),
  PROVE(
      "Prove it on the same road",
      "Same climb, note ambient, speed, coolant, feed and pan; recheck levels and clamps cold.",
      90,
      Set.of(),
      List.of(Caution.RATINGS, Caution.HOT_CAP));

  static {
    // Enum constants cannot name later ones, so the order is laid down here.
    DISCONNECT.follows(PARK, FIND_LINES);
    FIND_LINES.follows(PARK);
    OPEN_FRONT.follows(DISCONNECT);
    DRAIN.follows(DISCONNECT);
    CLEAN_FINS.follows(OPEN_FRONT);
    REPAIR_FAN.follows(DISCONNECT);
    SWAP_RADIATOR.follows(DRAIN, OPEN_FRONT);
    FIT_FAN.follows(DISCONNECT, SWAP_RADIATOR);
    FIT_THERMOSTAT.follows(DRAIN);
    BEND_STRIPS.follows(OPEN_FRONT);
    HANG_COOLER.follows(SWAP_RADIATOR, BEND_STRIPS, CLEAN_FINS, OPEN_FRONT);
    RUN_LINES.follows(HANG_COOLER, FIND_LINES);
    JOIN_TANK.follows(DISCONNECT);
    FIT_SWITCH.follows(DISCONNECT, DRAIN);
    RENEW_SEALS.follows(HANG_COOLER, CLEAN_FINS, OPEN_FRONT);
    FILL_COOLANT.follows(SWAP_RADIATOR, FIT_THERMOSTAT, FIT_SWITCH, RECONNECT);
    FILL_OIL.follows(RUN_LINES, JOIN_TANK);
    RECONNECT.follows(FIT_FAN, REPAIR_FAN, FIT_SWITCH, FILL_OIL, RENEW_SEALS);
    LEAK_CHECK.follows(RECONNECT, FILL_OIL, FILL_COOLANT);
    CHECK_FAN.follows(RECONNECT, FILL_COOLANT);
    CLOSE_FRONT.follows(LEAK_CHECK, CHECK_FAN, RENEW_SEALS, RECONNECT);
    SET_LEVEL.follows(LEAK_CHECK);
    PROVE.follows(CLOSE_FRONT, SET_LEVEL, LEAK_CHECK, RECONNECT);
  }

  private final String title;
  private final String how;
  private final int minutes;
  private final Set<WorkScope.Part> neededFor;
  private final List<Caution> cautions;
  private final Set<String> after = new LinkedHashSet<>();

  Task(
      String title,
      String how,
      int minutes,
      Set<WorkScope.Part> neededFor,
      List<Caution> cautions) {
    this.title = title;
    this.how = how;
    this.minutes = minutes;
    this.neededFor = neededFor;
    this.cautions = cautions;
  }

  private void follows(Task... tasks) {
    for (Task task : tasks) {
      after.add(task.name());
    }
  }

  public String title() {
    return title;
  }

  public String how() {
    return how;
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
