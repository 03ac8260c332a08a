package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.DoubleFunction;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

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

  /** What is asked of a haul: how it is now, and whether less of it holds. */
  public interface Haul {
    /**
     * Less of it.
     *
     * @param trailer kg
     * @param speed that is not passed, m/s
     * @param ambient °C
     * @param gear that is held, empty leaves it to the gearbox
     */
    record Less(double trailer, double speed, double ambient, OptionalInt gear) {
      Less withTrailer(double kg) {
        return new Less(kg, speed, ambient, gear);
      }

      Less withSpeed(double other) {
        return new Less(trailer, other, ambient, gear);
      }

      Less withAmbient(double other) {
        return new Less(trailer, speed, other, gear);
      }

      Less in(OptionalInt held) {
        return new Less(trailer, speed, ambient, held);
      }
    }

    /** With the gear free. */
    Less now();

    /** Taken now, the highest where several are. */
    int gear();

    /** How closely each is worth finding: kg, m/s and K. */
    Less steps();

    /** Every limit is kept, as computed. */
    boolean holds(Less less);
  }

  /**
   * @return ways that each alone are enough; empty where none is
   */
  public static List<Finding> of(Haul haul) {
    List<Finding> ways = less(haul, OptionalInt.empty());
    int gear = haul.gear();
    for (int held = gear - 1; held >= 1; held--) {
      if (haul.holds(haul.now().in(OptionalInt.of(held)))) {
        ways.add(LOWER_GEAR.with(held, gear));
        break;
      }
    }
    // Cooler, lighter or slower may let the gearbox shift up and slip more: with the gear held as
    // well.
    for (int held = gear; held >= 1 && ways.isEmpty(); held--) {
      ways.addAll(less(haul, OptionalInt.of(held)));
    }
    return ways;
  }

  private static List<Finding> less(Haul haul, OptionalInt held) {
    Haul.Less now = haul.now().in(held);
    Haul.Less steps = haul.steps();
    List<Finding> ways = new ArrayList<>();
    double heaviest =
        Reach.most(
            now.trailer() / 2,
            now.trailer(),
            steps.trailer(),
            kg -> haul.holds(now.withTrailer(kg)));
    add(ways, heaviest, v -> say(LIGHTER, LIGHTER_IN_GEAR, held, v, now.trailer()));
    double fastest =
        Reach.most(now.speed() / 2, now.speed(), steps.speed(), v -> haul.holds(now.withSpeed(v)));
    add(ways, fastest, v -> say(SLOWER, SLOWER_IN_GEAR, held, v, now.speed()));
    double hottest =
        Reach.most(
            now.ambient() - NIGHT,
            now.ambient(),
            steps.ambient(),
            t -> haul.holds(now.withAmbient(t)));
    add(ways, hottest, v -> say(COOLER, COOLER_IN_GEAR, held, v, now.ambient()));
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
