package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.DoubleFunction;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/** How much less of a haul a build would hold: less mass, less speed, cooler air, a lower gear. */
public enum WayOut implements Code {
  LIGHTER("trailer MASS", "now MASS"),
  SLOWER("speed SPEED", "now SPEED"),
  COOLER("ambient TEMPERATURE", "now TEMPERATURE"),
  LOWER_GEAR("gear COUNT", "now COUNT"),
  LIGHTER_IN_GEAR("trailer MASS", "now MASS", "gear COUNT"),
  SLOWER_IN_GEAR("speed SPEED", "now SPEED", "gear COUNT"),
  COOLER_IN_GEAR("ambient TEMPERATURE", "now TEMPERATURE", "gear COUNT"),
  ANOTHER_TRUCK;

  private static final double MASS_STEP = 1;
  private static final double SPEED_STEP = 0.1 / 3.6;
  private static final double TEMPERATURE_STEP = 0.1;

  /** How much cooler a night may be, K. */
  private static final double NIGHT = 20;

  private final List<Parameter> parameters;

  WayOut(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /**
   * @param coolantLimit as it stands at this boiling point, °C
   * @return ways that each alone are enough; empty where none is
   */
  public static List<Finding> of(
      Setup setup, OperatingPoint point, Limits limits, double coolantLimit) {
    Rig rig = Assembly.rig(setup);
    Haul haul = new Haul(setup, point, limits, coolantLimit);
    List<Finding> ways = haul.less(rig, OptionalInt.empty());
    int gear = gear(rig, point);
    for (int held = gear - 1; held >= 1; held--) {
      if (haul.holds(rig, point.heldIn(held))) {
        ways.add(LOWER_GEAR.with(held, gear));
        break;
      }
    }
    // Cooler, lighter or slower may let the gearbox shift up and slip more: with the gear held as
    // well.
    for (int held = gear; held >= 1 && ways.isEmpty(); held--) {
      Haul inGear = new Haul(setup, point.heldIn(held), limits, coolantLimit);
      ways.addAll(inGear.less(rig, OptionalInt.of(held)));
    }
    return ways;
  }

  /** The gear taken, or the highest where no steady state tells. */
  private static int gear(Rig rig, OperatingPoint point) {
    try {
      return new SteadyBalance(rig).quiet().solve(point).driveline().gear();
    } catch (NotConvergedException e) {
      return rig.powertrain().driveline().gears();
    }
  }

  private record Haul(Setup setup, OperatingPoint point, Limits limits, double coolantLimit) {
    boolean holds(Rig rig, OperatingPoint there) {
      return Reach.holds(rig, there, limits, coolantLimit);
    }

    List<Finding> less(Rig rig, OptionalInt held) {
      List<Finding> ways = new ArrayList<>();
      double trailer = setup.truck().load().trailerMass();
      double truck = setup.truck().load().vehicleMass();
      double heaviest =
          Reach.most(trailer / 2, trailer, MASS_STEP, kg -> holds(rig.withMass(truck + kg), point));
      add(ways, heaviest, v -> say(LIGHTER, LIGHTER_IN_GEAR, held, v, trailer));
      double speed = point.speed();
      double fastest =
          Reach.most(speed / 2, speed, SPEED_STEP, v -> holds(rig, point.withSpeed(v)));
      add(ways, fastest, v -> say(SLOWER, SLOWER_IN_GEAR, held, v, speed));
      double ambient = point.ambient();
      double hottest =
          Reach.most(
              ambient - NIGHT, ambient, TEMPERATURE_STEP, t -> holds(rig, point.withAmbient(t)));
      add(ways, hottest, v -> say(COOLER, COOLER_IN_GEAR, held, v, ambient));
      return ways;
    }

    private static void add(List<Finding> ways, double found, DoubleFunction<Finding> way) {
      if (!Double.isNaN(found)) {
        ways.add(way.apply(found));
      }
    }

    private static Finding say(
        WayOut free, WayOut inGear, OptionalInt held, double there, double now) {
      return held.isEmpty() ? free.with(there, now) : inGear.with(there, now, held.getAsInt());
    }
  }
}
