package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;

/**
 * What joins an end of a hose to its port.
 *
 * @param port what it is joined to
 * @param there what the port ends in; plain tube where a line is cut
 * @param portBore m
 * @param hoseBore m
 * @param adapter between them; empty where the hose is pushed on
 */
public record Joint(
    Name port, Coupling there, double portBore, double hoseBore, Optional<Adapter> adapter) {

  /**
   * A fitting with two ends.
   *
   * @param one family of an end, empty where its sheet names none
   * @param bore of the barb, m
   */
  public record Adapter(
      String name, Optional<Coupling> one, Optional<Coupling> other, double bore) {
    /** Joins a hose to this, whichever way round it is. */
    private boolean mates(Coupling port) {
      return is(one, Coupling.BARB) && is(other, port) || is(other, Coupling.BARB) && is(one, port);
    }

    private static boolean is(Optional<Coupling> end, Coupling what) {
      return end.isPresent() && end.get() == what;
    }
  }

  /** Why it does not join. */
  public enum Fault implements Code {
    ADAPTER_WANTED("port NAME", "there WORD"),
    ADAPTER_OTHER("adapter TEXT", "port NAME", "there WORD"),
    FAMILY_UNKNOWN("adapter TEXT"),
    BARB_SIZE("port NAME", "barb SIZE", "hose SIZE");

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** A hose goes on a barb of so much more or less than its own bore, m. */
  private static final double SAME_BORE = 0.8e-3;

  /** Barbs are bored narrower than the hose that they are for, m. */
  private static final double BARB_WALL = 2.2e-3;

  public List<Finding> faults() {
    List<Finding> found = new ArrayList<>();
    if (adapter.isEmpty()) {
      if (there != Coupling.BARB) {
        found.add(Fault.ADAPTER_WANTED.with(port, there));
      } else if (Math.abs(portBore - hoseBore) > SAME_BORE) {
        found.add(Fault.BARB_SIZE.with(port, portBore, hoseBore));
      }
      return found;
    }
    Adapter a = adapter.get();
    if (a.one().isEmpty() || a.other().isEmpty()) {
      found.add(Fault.FAMILY_UNKNOWN.with(a.name()));
    } else if (!a.mates(there)) {
      found.add(Fault.ADAPTER_OTHER.with(a.name(), port, there));
    } else if (a.bore() > hoseBore + SAME_BORE || a.bore() < hoseBore - BARB_WALL) {
      found.add(Fault.BARB_SIZE.with(port, a.bore(), hoseBore));
    }
    return found;
  }
}
