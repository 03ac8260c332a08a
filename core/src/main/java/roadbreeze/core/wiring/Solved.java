package roadbreeze.core.wiring;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * A circuit at rest in a situation.
 *
 * @param pulled ids of relays that pull, and of controllers that are awake
 * @param drawn from battery and alternator by what is wired here, A
 * @param restless ids of relays that never come to rest
 */
public record Solved(
    Situation situation,
    Circuit.Solution solution,
    Set<String> pulled,
    double drawn,
    Set<String> restless) {
  public Solved {
    pulled = Set.copyOf(pulled);
    restless = Set.copyOf(restless);
  }

  /** V over earth; none at a terminal that nothing leads to. */
  public double volts(String node) {
    return solution.volts().getOrDefault(node, 0.0);
  }

  /** Through a wire or part, in its own direction, A; none through what is open. */
  public double amperes(String id) {
    return solution.amperes().getOrDefault(id, 0.0);
  }

  /** Share of its proper speed at which a motor turns (-); less than none backwards. */
  public double speed(Part.Motor m) {
    double across = Math.abs(volts(m.at("+")) - volts(m.at("-")));
    return Math.signum(amperes(m.id())) * across / m.volts();
  }

  /**
   * How each thing works, by its id: the share of its motor's speed, the fastest of several; of
   * what has no motor the share of the truck's volts that it gets.
   */
  public Map<String, Double> speeds(Scheme scheme, double system) {
    Map<String, Double> speeds = new TreeMap<>();
    for (Scheme.Placed p : scheme.parts()) {
      if (p.part() instanceof Part.Motor m) {
        speeds.merge(p.device(), speed(m), (a, b) -> Math.abs(a) > Math.abs(b) ? a : b);
      }
    }
    for (Scheme.Placed p : scheme.parts()) {
      if (p.part() instanceof Part.Load l && l.kind().shows()) {
        double share = Math.abs(volts(l.at("1")) - volts(l.at("2"))) / system;
        speeds.putIfAbsent(p.device(), share);
      }
    }
    return speeds;
  }
}
