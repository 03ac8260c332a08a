package roadbreeze.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.fluid.TransmissionFluid;

/**
 * The gearbox pump's cooler circuit: {@code q = q_free·√(1 − Δp(q, T)/p_max)} over the lines as
 * found and, where a cooler is fitted, its hoses and core.
 *
 * @param pump that passes the flow as found through the lines as found at 90 °C
 * @param lines as found, and the hoses and filters of what is fitted
 */
public record OilCircuit(PumpCircuit pump, List<Resistance> lines) {
  /** Oil temperature of a working climb, at which flow as found is known, °C. */
  public static final double HOT = 90;

  public OilCircuit {
    lines = List.copyOf(lines);
  }

  /**
   * @param flow as found, hot, m³/s
   * @param found lines to the in-tank cooler and back
   * @param maxPressure at which the circuit stops flowing, Pa
   * @param fitted hoses and filters; none where nothing is
   */
  public static OilCircuit of(
      double flow,
      Line found,
      double maxPressure,
      List<? extends Resistance> fitted,
      TransmissionFluid oil) {
    PumpCircuit pump = PumpCircuit.measured(flow, found.pressureDrop(flow, oil, HOT), maxPressure);
    List<Resistance> all = new ArrayList<>(fitted);
    all.add(0, found);
    return new OilCircuit(pump, all);
  }

  /** A pump that moves more or less. */
  public OilCircuit withPumpScaled(double factor) {
    return new OilCircuit(new PumpCircuit(pump.freeFlow() * factor, pump.maxPressure()), lines);
  }

  /** What lines and hoses hold up, Pa. */
  public double lineDrop(double flow, TransmissionFluid oil, double temperature) {
    double density = oil.density(temperature);
    double viscosity = oil.viscosity(temperature);
    double drop = 0;
    for (Resistance line : lines) {
      drop += line.pressureDrop(flow, density, viscosity);
    }
    return drop;
  }

  /**
   * Flow at which pump and circuit agree, m³/s.
   *
   * @param cores drop of what is fitted, Pa, rising with its flow in m³/s
   * @param near where to begin, NaN if nothing is known
   */
  public double flow(
      TransmissionFluid oil, double temperature, DoubleUnaryOperator cores, double near) {
    return pump.flowAgainst(q -> lineDrop(q, oil, temperature) + cores.applyAsDouble(q), near);
  }
}
