package roadbreeze.core.wiring;

import java.util.OptionalDouble;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * The truck's own electrics.
 *
 * @param system 12 or 24 V
 * @param alternator what its plate gives, A; empty where nobody has read it
 * @param capacity of the battery, A·s
 * @param load what is on already at a warm idle with lamps and blower, A
 * @param box what a fuse box of the truck's still has to give, A; empty where not known
 */
public record Supply(
    double system, OptionalDouble alternator, double capacity, double load, OptionalDouble box) {
  private static final Range SYSTEM = new Range(Quantity.SYSTEM_VOLTAGE, 6, 60);
  private static final Range ALTERNATOR = new Range(Quantity.ALTERNATOR_CURRENT, 10, 500);
  private static final Range LOAD = new Range(Quantity.BASE_LOAD, 0, 400);

  /** Of a truck of 12 V: resting, and while the alternator charges. */
  private static final double RESTING = 12.6;

  private static final double CHARGING = 13.8;

  /** Inside, Ω; usual. */
  private static final double RESTING_OHMS = 8e-3;

  private static final double CHARGING_OHMS = 2e-3;

  /** Share of its plate that an alternator gives at a warm idle; usual. */
  public static final double AT_IDLE = 0.5;

  public Supply {
    SYSTEM.require(system);
    LOAD.require(load);
    if (alternator.isPresent()) {
      ALTERNATOR.require(alternator.getAsDouble());
    }
  }

  /** Of a truck of 12 V. */
  double scale() {
    return system / 12;
  }

  /** What the alternator has to spare at a warm idle, A; empty where its plate is not known. */
  public OptionalDouble spare() {
    return alternator.isEmpty()
        ? alternator
        : OptionalDouble.of(AT_IDLE * alternator.getAsDouble() - load);
  }

  /** The alternator does not keep up with so much more at a warm idle, A. */
  boolean outrunBy(double drawn) {
    return spare().isPresent() && drawn > spare().getAsDouble();
  }

  /**
   * @param empties the alternator does not keep up
   */
  Circuit.Source source(String id, String minus, String plus, Key key, boolean empties) {
    boolean charges = key.engineRuns() && !empties;
    return new Circuit.Source(
        id,
        minus,
        plus,
        scale() * (charges ? CHARGING : RESTING),
        charges ? CHARGING_OHMS : RESTING_OHMS);
  }
}
