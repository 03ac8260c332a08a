package roadbreeze.core.check;

import java.util.EnumMap;
import java.util.Map;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * How often each fault is met among trucks that come in hot, and how often there is none. Only
 * their proportions count.
 */
public record Priors(Map<Fault, Double> faults, double none) {
  private static final Range WEIGHT = new Range(Quantity.FAULT_WEIGHT, 0, 1000);

  public Priors {
    faults = new EnumMap<>(faults);
    faults.values().forEach(WEIGHT::require);
    WEIGHT.require(none);
  }

  /** How often a fault is met, 0 where nothing is said of it. */
  double of(Fault fault) {
    return faults.getOrDefault(fault, 0.0);
  }
}
