package roadbreeze.core.finder;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.core.workorder.WorkScope;

/**
 * Hands' time of a candidate beyond that of the build the search starts from: the difference of two
 * whole work orders, so that what two parts share (grille off, coolant out) counts once.
 */
final class Labour {
  private final TaskLibrary library;
  private final int start;
  private final boolean tankBypassed;
  private final Map<WorkScope, Integer> known = new HashMap<>();

  /**
   * @param start work on the truck as found to come to the build the search starts from
   * @param tankBypassed the in-tank cooler is out of the oil's way already, as found
   */
  Labour(TaskLibrary library, WorkScope start, boolean tankBypassed) {
    this.library = library;
    this.start = hands(start);
    this.tankBypassed = tankBypassed;
  }

  /** Minutes of a set of parts with the coolers that are there, or with a searched one. */
  double minutes(PackChoice pack, boolean searched, OilOrder order, ThermostatChoice thermostat) {
    Set<WorkScope.Part> more = EnumSet.noneOf(WorkScope.Part.class);
    if (searched) {
      more.add(WorkScope.Part.COOLER);
      if (order == OilOrder.TANK_BYPASSED && !tankBypassed) {
        more.add(WorkScope.Part.TANK_BYPASS);
      }
    }
    if (!thermostat.kept()) {
      more.add(WorkScope.Part.THERMOSTAT);
    }
    WorkScope work = (searched ? pack.bareWork() : pack.work()).with(more);
    return Math.max(0, hands(work) - start);
  }

  private int hands(WorkScope work) {
    return known.computeIfAbsent(work, library::hands);
  }
}
