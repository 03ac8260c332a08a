package roadbreeze.core.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.TransmissionFluid;

/**
 * What the gearbox pump still moves through lines as found, new hoses and coolers, hot and cold.
 *
 * @param volume oil that hoses, filters and coolers add, m³
 */
public record OilLines(State hot, State cold, double volume) {
  /** What the lines starve the gearbox of. */
  public enum Starved implements Code {
    HOT("left PERCENT", "wanted PERCENT"),
    COLD("oil TEMPERATURE", "left PERCENT", "wanted PERCENT");

    private final List<Parameter> parameters;

    Starved(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * The circuit at one oil temperature; flows m³/s, drops Pa.
   *
   * @param fitted what flows in what is fitted
   * @param reynolds in the narrowest hose
   */
  public record State(
      double oil,
      double foundFlow,
      double plannedFlow,
      double foundDrop,
      OilNetwork.Flow fitted,
      double reynolds) {

    /**
     * What pieces of a kind take of the pump's pressure: each as far as the oil goes through it.
     */
    public double drop(OilNetwork.What what) {
      return fitted.pieces().stream()
          .filter(p -> p.piece().what() == what)
          .mapToDouble(p -> p.drop() * p.flow() / plannedFlow)
          .sum();
    }

    /** What the gearbox's pump stands against, Pa over the pan. */
    public double feedPressure() {
      return foundDrop + fitted.drop();
    }

    public double flowShare() {
      return plannedFlow / foundFlow;
    }
  }

  /**
   * @param found lines to the in-tank cooler and back
   * @param maxPressure at which the circuit stops flowing, Pa
   * @param coldOil °C
   * @param fitted what is between them
   * @param foundFlow hot flow as found, m³/s
   */
  public static OilLines of(
      Line found,
      double maxPressure,
      double coldOil,
      OilNetwork fitted,
      TransmissionFluid oil,
      double foundFlow) {
    PumpCircuit pump =
        PumpCircuit.measured(
            foundFlow, found.pressureDrop(foundFlow, oil, OilCircuit.HOT), maxPressure);
    return new OilLines(
        state(pump, found, fitted, oil, OilCircuit.HOT),
        state(pump, found, fitted, oil, coldOil),
        fitted.volume());
  }

  private static State state(
      PumpCircuit pump,
      Line foundLine,
      OilNetwork fitted,
      TransmissionFluid oil,
      double temperature) {
    DoubleUnaryOperator found = q -> foundLine.pressureDrop(q, oil, temperature);
    double after = pump.flowAgainst(q -> found.applyAsDouble(q) + fitted.drop(q, oil, temperature));
    OilNetwork.Flow flow = fitted.at(after, oil, temperature);
    return new State(
        temperature,
        pump.flowAgainst(found),
        after,
        found.applyAsDouble(after),
        flow,
        flow.pieces().stream()
            .filter(p -> p.piece().resistance() instanceof Line)
            .min(Comparator.comparingDouble(p -> ((Line) p.piece().resistance()).bore()))
            .map(p -> ((Line) p.piece().resistance()).reynolds(p.flow(), oil, temperature))
            .orElseGet(() -> foundLine.reynolds(after, oil, temperature)));
  }

  /** How long the gearbox waits for its oil while what was added fills, on a cold morning, s. */
  public double fillTime() {
    return volume / cold.plannedFlow();
  }

  /**
   * A stretch of the oil's way.
   *
   * @param what it is
   * @param number of the hose or cooler, of a filter that of its hose, from 0; −1 of the truck's
   *     own lines
   * @param branch that it is in, {@link PlannedHose#COMMON} where all oil goes through it
   * @param hot as it is with hot oil
   * @param cold on a cold morning
   */
  public record Stretch(OilNetwork.What what, int number, int branch, End hot, End cold) {
    /**
     * Where it begins.
     *
     * @param pressure Pa over the pan
     * @param drop that is lost in it, Pa
     * @param flow through it, m³/s
     */
    public record End(double pressure, double drop, double flow) {}
  }

  /**
   * Pressure along the oil's way, from the gearbox's pump to its pan: half of the lines as found
   * with what is in them, what is fitted in turn, its branches each from where the oil parts, the
   * other half.
   */
  public List<Stretch> profile() {
    List<Stretch.End> atHot = ends(hot);
    List<Stretch.End> atCold = ends(cold);
    List<Stretch> stretches = new ArrayList<>();
    int last = atHot.size() - 1;
    for (int i = 0; i <= last; i++) {
      OilNetwork.Passed passed = i == 0 || i == last ? null : hot.fitted().pieces().get(i - 1);
      stretches.add(
          passed == null
              ? new Stretch(
                  i == 0 ? OilNetwork.What.FEED_LINE : OilNetwork.What.RETURN_LINE,
                  -1,
                  PlannedHose.COMMON,
                  atHot.get(i),
                  atCold.get(i))
              : new Stretch(
                  passed.piece().what(),
                  passed.piece().number(),
                  passed.branch(),
                  atHot.get(i),
                  atCold.get(i)));
    }
    return stretches;
  }

  private static List<Stretch.End> ends(State s) {
    List<Stretch.End> ends = new ArrayList<>();
    double half = s.foundDrop() / 2;
    ends.add(new Stretch.End(s.feedPressure(), half, s.plannedFlow()));
    double at = s.feedPressure() - half;
    double parted = Double.NaN;
    int branch = PlannedHose.COMMON;
    for (OilNetwork.Passed p : s.fitted().pieces()) {
      if (p.branch() != branch) {
        parted = branch == PlannedHose.COMMON ? at : parted;
        at = parted;
        branch = p.branch();
      }
      ends.add(new Stretch.End(at, p.drop(), p.flow()));
      at -= p.drop();
    }
    ends.add(new Stretch.End(half, half, s.plannedFlow()));
    return ends;
  }

  /**
   * The most pressure that comes to a piece, hot or on a cold morning, Pa over the pan; 0 where
   * there is no such piece.
   *
   * @param number of the hose or cooler, of a filter that of its hose, from 0
   */
  public double reaches(OilNetwork.What what, int number) {
    return profile().stream()
        .filter(s -> s.what() == what && s.number() == number)
        .mapToDouble(s -> Math.max(s.hot().pressure(), s.cold().pressure()))
        .max()
        .orElse(0);
  }

  public List<Finding> warnings() {
    List<Finding> warnings = new ArrayList<>();
    if (hot.flowShare() < PumpCircuit.HOT_SHARE) {
      warnings.add(Starved.HOT.with(hot.flowShare(), PumpCircuit.HOT_SHARE));
    }
    if (cold.flowShare() < PumpCircuit.COLD_SHARE) {
      warnings.add(Starved.COLD.with(cold.oil(), cold.flowShare(), PumpCircuit.COLD_SHARE));
    }
    return warnings;
  }
}
