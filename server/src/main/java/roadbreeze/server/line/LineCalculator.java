package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Line;
import roadbreeze.core.line.ParallelFlow;
import roadbreeze.core.line.PumpCircuit;

/** Flow left and drop of a line plan, hot and cold. */
public final class LineCalculator {
  /** Oil temperature of a working climb, at which flow as found is known, °C. */
  public static final double HOT = 90;

  private LineCalculator() {}

  /**
   * @param foundFlowLpm hot flow as found, L/min
   * @param coolers oil sides of the planned coolers, empty where none is
   * @param parallel they share the oil instead of passing it on
   */
  public static LineResult calculate(
      LinePlan plan,
      List<Hose> hoses,
      TransmissionFluid oil,
      double foundFlowLpm,
      List<OilChannels> coolers,
      boolean parallel) {
    double foundFlow = foundFlowLpm / 60e3;
    PumpCircuit pump =
        PumpCircuit.measured(
            foundFlow, plan.found().pressureDrop(foundFlow, oil, HOT), plan.pumpMaxKpa() * 1000);
    List<Hose> fitted = coolers.isEmpty() ? List.of() : hoses;
    LineResult.State hot = state(pump, plan, fitted, oil, coolers, parallel, HOT);
    LineResult.State cold = state(pump, plan, fitted, oil, coolers, parallel, plan.coldC());
    List<LineResult.Cut> cuts = new ArrayList<>();
    Map<Double, Double> byBore = new TreeMap<>();
    double volume = coolers.stream().mapToDouble(OilChannels::volume).sum();
    for (Hose hose : fitted) {
      double cut = hose.lengthM() * 1000 + 2 * plan.spareMm();
      cuts.add(new LineResult.Cut(hose.name(), hose.boreMm(), hose.lengthM() * 1000, cut));
      byBore.merge(hose.boreMm(), cut / 1000, Double::sum);
      volume += hose.toCore().volume();
    }
    List<LineResult.ToBuy> toBuy =
        byBore.entrySet().stream()
            .map(e -> new LineResult.ToBuy(e.getKey(), Math.ceil(e.getValue() * 10 - 1e-9) / 10))
            .toList();
    return new LineResult(hot, cold, cuts, toBuy, volume * 1000, warnings(hot, cold));
  }

  private static LineResult.State state(
      PumpCircuit pump,
      LinePlan plan,
      List<Hose> hoses,
      TransmissionFluid oil,
      List<OilChannels> coolers,
      boolean parallel,
      double temperature) {
    DoubleUnaryOperator found = q -> plan.found().pressureDrop(q, oil, temperature);
    DoubleUnaryOperator hose =
        q -> hoses.stream().mapToDouble(h -> h.toCore().pressureDrop(q, oil, temperature)).sum();
    DoubleUnaryOperator core = q -> q <= 0 ? 0 : coreDrop(coolers, parallel, q, oil, temperature);
    double before = pump.flowAgainst(found);
    double after =
        pump.flowAgainst(
            q -> found.applyAsDouble(q) + hose.applyAsDouble(q) + core.applyAsDouble(q));
    Line thinnest =
        hoses.stream()
            .map(Hose::toCore)
            .min(Comparator.comparingDouble(Line::bore))
            .orElse(plan.found());
    return new LineResult.State(
        temperature,
        before * 60e3,
        after * 60e3,
        after / before,
        found.applyAsDouble(after) / 1000,
        hose.applyAsDouble(after) / 1000,
        core.applyAsDouble(after) / 1000,
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

  private static List<String> warnings(LineResult.State hot, LineResult.State cold) {
    List<String> warnings = new ArrayList<>();
    if (hot.flowShare() < PumpCircuit.HOT_SHARE) {
      warnings.add(
          text(
              "Hot, only %.0f %% of the flow as found is left (want %.0f %%): wider bore, shorter"
                  + " hose or a core with less drop.",
              hot.flowShare() * 100, PumpCircuit.HOT_SHARE * 100));
    }
    if (cold.flowShare() < PumpCircuit.COLD_SHARE) {
      warnings.add(
          text(
              "At %.0f °C only %.0f %% of the flow as found is left (want %.0f %%): a cooler with a"
                  + " bypass keeps the gearbox fed while it is cold.",
              cold.oilC(), cold.flowShare() * 100, PumpCircuit.COLD_SHARE * 100));
    }
    return warnings;
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
