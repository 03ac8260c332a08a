package roadbreeze.core.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.TransmissionFluid;

/**
 * What the gearbox pump still moves through lines as found, new hoses and coolers, hot and cold.
 *
 * @param volume oil that hoses and coolers add, m³
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
   * @param hoseDrops of each hose, in the order of the plan
   * @param filters drop of each filter with the hose that it is in
   * @param coolerDrops of each cooler; where they share the oil of all of them together
   * @param reynolds in the narrowest hose
   */
  public record State(
      double oil,
      double foundFlow,
      double plannedFlow,
      double foundDrop,
      List<Double> hoseDrops,
      List<InHose> filters,
      List<Double> coolerDrops,
      double reynolds) {
    /** A filter's drop, Pa, and the hose that it is in. */
    public record InHose(int hose, double drop) {}

    public State {
      hoseDrops = List.copyOf(hoseDrops);
      filters = List.copyOf(filters);
      coolerDrops = List.copyOf(coolerDrops);
    }

    public double hoseDrop() {
      return sum(hoseDrops);
    }

    public double coolerDrop() {
      return sum(coolerDrops);
    }

    public double filterDrop() {
      return filters.stream().mapToDouble(InHose::drop).sum();
    }

    /** What the gearbox's pump stands against, Pa over the pan. */
    public double feedPressure() {
      return foundDrop + hoseDrop() + filterDrop() + coolerDrop();
    }

    private static double sum(List<Double> drops) {
      return drops.stream().mapToDouble(d -> d).sum();
    }

    public double flowShare() {
      return plannedFlow / foundFlow;
    }
  }

  /**
   * @param found lines to the in-tank cooler and back
   * @param maxPressure at which the circuit stops flowing, Pa
   * @param coldOil °C
   * @param planned hoses; none count where no cooler is fitted
   * @param filters in them; likewise
   * @param foundFlow hot flow as found, m³/s
   * @param coolers oil sides of the fitted coolers
   * @param parallel they share the oil instead of passing it on
   */
  public static OilLines of(
      Line found,
      double maxPressure,
      double coldOil,
      List<Line> planned,
      List<Filter> filters,
      TransmissionFluid oil,
      double foundFlow,
      List<OilChannels> coolers,
      boolean parallel) {
    PumpCircuit pump =
        PumpCircuit.measured(
            foundFlow, found.pressureDrop(foundFlow, oil, OilCircuit.HOT), maxPressure);
    List<Line> hoses = coolers.isEmpty() ? List.of() : planned;
    List<Filter> inHoses = coolers.isEmpty() ? List.of() : filters;
    double volume =
        coolers.stream().mapToDouble(OilChannels::volume).sum()
            + hoses.stream().mapToDouble(Line::volume).sum()
            + inHoses.stream().mapToDouble(Filter::volume).sum();
    return new OilLines(
        state(pump, found, hoses, inHoses, oil, coolers, parallel, OilCircuit.HOT),
        state(pump, found, hoses, inHoses, oil, coolers, parallel, coldOil),
        volume);
  }

  private static State state(
      PumpCircuit pump,
      Line foundLine,
      List<Line> hoses,
      List<Filter> filters,
      TransmissionFluid oil,
      List<OilChannels> coolers,
      boolean parallel,
      double temperature) {
    DoubleUnaryOperator found = q -> foundLine.pressureDrop(q, oil, temperature);
    DoubleUnaryOperator hose =
        q ->
            Stream.concat(hoses.stream(), filters.stream())
                .mapToDouble(h -> h.pressureDrop(q, oil, temperature))
                .sum();
    DoubleUnaryOperator core = q -> q <= 0 ? 0 : coreDrop(coolers, parallel, q, oil, temperature);
    double after =
        pump.flowAgainst(
            q -> found.applyAsDouble(q) + hose.applyAsDouble(q) + core.applyAsDouble(q));
    Line thinnest = hoses.stream().min(Comparator.comparingDouble(Line::bore)).orElse(foundLine);
    return new State(
        temperature,
        pump.flowAgainst(found),
        after,
        found.applyAsDouble(after),
        hoses.stream().map(h -> h.pressureDrop(after, oil, temperature)).toList(),
        filters.stream()
            .map(f -> new State.InHose(f.hose(), f.pressureDrop(after, oil, temperature)))
            .toList(),
        coolerDrops(coolers, parallel, after, oil, temperature),
        thinnest.reynolds(after, oil, temperature));
  }

  private static List<Double> coolerDrops(
      List<OilChannels> coolers,
      boolean parallel,
      double flow,
      TransmissionFluid oil,
      double temperature) {
    return parallel && coolers.size() > 1
        ? List.of(coreDrop(coolers, true, flow, oil, temperature))
        : coolers.stream().map(c -> c.pressureDrop(flow, oil, temperature)).toList();
  }

  private static double coreDrop(
      List<OilChannels> coolers,
      boolean parallel,
      double flow,
      TransmissionFluid oil,
      double temperature) {
    List<DoubleUnaryOperator> drops =
        coolers.stream()
            .<DoubleUnaryOperator>map(c -> q -> q <= 0 ? 0 : c.pressureDrop(q, oil, temperature))
            .toList();
    return parallel && drops.size() > 1
        ? ParallelFlow.share(drops, flow).pressureDrop()
        : drops.stream().mapToDouble(d -> d.applyAsDouble(flow)).sum();
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
   * @param hot pressure where it begins, Pa over the pan
   * @param cold the same on a cold morning
   */
  public record Stretch(What what, int number, double hot, double cold) {
    /** What the oil goes through. */
    public enum What {
      FEED_LINE,
      HOSE,
      FILTER,
      COOLER,
      RETURN_LINE
    }
  }

  /**
   * Pressure along the oil's way, from the gearbox's pump to its pan: half of the lines as found
   * with what is in them, hoses and coolers in turn, the other half.
   */
  public List<Stretch> profile() {
    List<Stretch> stretches = new ArrayList<>();
    double atHot = hot.feedPressure();
    double atCold = cold.feedPressure();
    stretches.add(new Stretch(Stretch.What.FEED_LINE, -1, atHot, atCold));
    atHot -= hot.foundDrop / 2;
    atCold -= cold.foundDrop / 2;
    int most = Math.max(hot.hoseDrops.size(), hot.coolerDrops.size());
    for (int i = 0; i < most; i++) {
      if (i < hot.hoseDrops.size()) {
        stretches.add(new Stretch(Stretch.What.HOSE, i, atHot, atCold));
        atHot -= hot.hoseDrops.get(i);
        atCold -= cold.hoseDrops.get(i);
        for (int k = 0; k < hot.filters.size(); k++) {
          if (hot.filters.get(k).hose() == i) {
            stretches.add(new Stretch(Stretch.What.FILTER, i, atHot, atCold));
            atHot -= hot.filters.get(k).drop();
            atCold -= cold.filters.get(k).drop();
          }
        }
      }
      if (i < hot.coolerDrops.size()) {
        stretches.add(new Stretch(Stretch.What.COOLER, i, atHot, atCold));
        atHot -= hot.coolerDrops.get(i);
        atCold -= cold.coolerDrops.get(i);
      }
    }
    stretches.add(new Stretch(Stretch.What.RETURN_LINE, -1, atHot, atCold));
    return stretches;
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
