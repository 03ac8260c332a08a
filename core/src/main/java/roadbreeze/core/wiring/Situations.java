package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Every situation that makes a difference to a circuit. */
public final class Situations {
  /** Colder than any switch, °C. */
  private static final double COLD = 20;

  private Situations() {}

  /** By key, temperatures just past each point of a switch, air conditioning and driver. */
  public static List<Situation> of(List<Consumer> consumers) {
    boolean air = consumers.stream().anyMatch(c -> c.air() != Consumer.Air.NONE);
    boolean driver = consumers.stream().anyMatch(Consumer::byDriver);
    List<Situation> all = new ArrayList<>();
    for (Key key : Key.values()) {
      for (double coolant : points(consumers, Felt.COOLANT)) {
        for (double oil : points(consumers, Felt.OIL)) {
          for (boolean asked : either(air)) {
            for (boolean by : either(driver)) {
              all.add(new Situation(key, coolant, oil, asked, by));
            }
          }
        }
      }
    }
    return all;
  }

  private static Set<Double> points(List<Consumer> consumers, Felt felt) {
    Set<Double> points = new TreeSet<>(Set.of(COLD));
    for (Consumer c : consumers) {
      if (c.felt() == felt && c.feels() && c.kind() != Consumer.Kind.GAUGE) {
        points.add(c.on());
        if (c.school().twoSpeeds() || c.school().pulsed()) {
          points.add(c.full());
        }
      }
    }
    return new LinkedHashSet<>(points);
  }

  private static boolean[] either(boolean makesADifference) {
    return makesADifference ? new boolean[] {false, true} : new boolean[] {false};
  }
}
