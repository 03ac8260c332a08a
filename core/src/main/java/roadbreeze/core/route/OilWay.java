package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.rig.OilOrder;

/** Which ports hoses must join so that the oil goes through its coolers in the order chosen. */
public final class OilWay {
  private OilWay() {}

  /** A port by what it is. */
  public sealed interface Stop {
    /** Of the truck's own lines. */
    record Own(LinePort.What what) implements Stop {}

    /** Of a cooler. */
    record OfCooler(String id, CoolerPorts.Side side) implements Stop {}
  }

  /** A hose that is needed, in the way that the oil goes. */
  public record Run(Stop from, Stop to) {
    Run back() {
      return new Run(to, from);
    }
  }

  /**
   * @param tank the truck has an oil cooler in its coolant
   * @param coolers ids of those fitted, in the order that the oil reaches them
   * @param parallel they share the oil instead of passing it on
   * @return none where no cooler is fitted
   */
  public static List<Run> of(OilOrder order, boolean tank, List<String> coolers, boolean parallel) {
    boolean after = tank && order == OilOrder.AFTER_TANK;
    boolean before = tank && order == OilOrder.BEFORE_TANK;
    Stop start = new Stop.Own(after ? LinePort.What.TANK_OUT : LinePort.What.FEED_LINE);
    Stop end = new Stop.Own(before ? LinePort.What.TANK_IN : LinePort.What.RETURN_LINE);
    List<Run> runs = new ArrayList<>();
    Stop at = start;
    for (String id : coolers) {
      runs.add(new Run(parallel ? start : at, new Stop.OfCooler(id, CoolerPorts.Side.IN)));
      at = new Stop.OfCooler(id, CoolerPorts.Side.OUT);
      if (parallel) {
        runs.add(new Run(at, end));
      }
    }
    if (!coolers.isEmpty() && !parallel) {
      runs.add(new Run(at, end));
    }
    return runs;
  }

  /** Whether a hose leads the oil backwards through one of these. */
  public static boolean backwards(Run hose, List<Run> runs) {
    return runs.contains(hose.back());
  }
}
