package roadbreeze.core.workorder;

import java.util.Set;
import java.util.TreeSet;
import roadbreeze.core.explain.Code;

/**
 * What the engine does during a step, and what that asks of the truck whatever the step itself
 * says: nobody runs an engine that is open, dry, raised or unventilated.
 */
public enum EngineState implements Code {
  STOPPED(Set.of(), Set.of()),
  RUNNING(Set.of(States.VENTILATED), States.OPEN),
  DRIVEN(Set.of(States.VENTILATED), States.OPEN_TO_THE_ROAD);

  /** States that the engine's running hangs on; a nest, since constants come before fields. */
  public static final class States {
    private States() {}

    /** It stands outdoors, or its exhaust is drawn off. */
    public static final String VENTILATED = "ventilated";

    public static final String ENGINE_COLD = "engine-cold";
    public static final String FRONT_OPEN = "front-open";
    public static final String COOLANT_OUT = "coolant-out";

    /** The gearbox's. */
    public static final String OIL_OPEN = "oil-open";

    /** None of them may hold while it runs. */
    public static final Set<String> OPEN =
        Set.of(
            COOLANT_OUT,
            OIL_OPEN,
            "belt-off",
            "raised",
            "battery-off",
            "things-off",
            "radiator-out");

    static final Set<String> OPEN_TO_THE_ROAD = with(OPEN, FRONT_OPEN);

    private static Set<String> with(Set<String> states, String more) {
      Set<String> all = new TreeSet<>(states);
      all.add(more);
      return Set.copyOf(all);
    }
  }

  private final Set<String> needs;
  private final Set<String> without;

  EngineState(Set<String> needs, Set<String> without) {
    this.needs = needs;
    this.without = without;
  }

  /** States that must hold. */
  public Set<String> needs() {
    return needs;
  }

  /** States that must not hold. */
  public Set<String> without() {
    return without;
  }

  public boolean runs() {
    return this != STOPPED;
  }
}
