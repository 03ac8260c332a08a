package roadbreeze.core.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
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
   * @param reynolds in the narrowest hose
   */
  public record State(
      double oil,
      double foundFlow,
      double plannedFlow,
      double foundDrop,
      double hoseDrop,
      double coolerDrop,
      double reynolds) {
    public double flowShare() {
      return plannedFlow / foundFlow;
    }
  }

  /**
   * @param found lines to the in-tank cooler and back
   * @param maxPressure at which the circuit stops flowing, Pa
   * @param coldOil °C
   * @param planned hoses; none count where no cooler is fitted
   * @param foundFlow hot flow as found, m³/s
   * @param coolers oil sides of the fitted coolers
   * @param parallel they share the oil instead of passing it on
   */
  public static OilLines of(
      Line found,
      double maxPressure,
      double coldOil,
      List<Line> planned,
      TransmissionFluid oil,
      double foundFlow,
      List<OilChannels> coolers,
      boolean parallel) {
    PumpCircuit pump =
        PumpCircuit.measured(
            foundFlow, found.pressureDrop(foundFlow, oil, OilCircuit.HOT), maxPressure);
    List<Line> hoses = coolers.isEmpty() ? List.of() : planned;
    double volume =
        coolers.stream().mapToDouble(OilChannels::volume).sum()
            + hoses.stream().mapToDouble(Line::volume).sum();
    return new OilLines(
        state(pump, found, hoses, oil, coolers, parallel, OilCircuit.HOT),
        state(pump, found, hoses, oil, coolers, parallel, coldOil),
        volume);
  }

  private static State state(
      PumpCircuit pump,
      Line foundLine,
      List<Line> hoses,
      TransmissionFluid oil,
      List<OilChannels> coolers,
      boolean parallel,
      double temperature) {
    DoubleUnaryOperator found = q -> foundLine.pressureDrop(q, oil, temperature);
    DoubleUnaryOperator hose =
        q -> hoses.stream().mapToDouble(h -> h.pressureDrop(q, oil, temperature)).sum();
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
        hose.applyAsDouble(after),
        core.applyAsDouble(after),
        thinnest.reynolds(after, oil, temperature));
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
