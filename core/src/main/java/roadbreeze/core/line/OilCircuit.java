package roadbreeze.core.line;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.fluid.TransmissionFluid;

/**
 * The gearbox pump's cooler circuit: {@code q = q_free·√(1 − Δp(q, T)/p_max)} over the lines as
 * found and, where a cooler is fitted, its hoses and core.
 *
 * @param pump that passes the flow as found through the lines as found at 90 °C
 * @param lines as found, and the hoses of what is fitted
 */
public record OilCircuit(PumpCircuit pump, List<Line> lines) {
  /** Oil temperature of a working climb, at which flow as found is known, °C. */
  public static final double HOT = 90;

  private static final double FLOW_TOLERANCE = 1e-10;
  private static final int MAX_STEPS = 100;

  /** Between laminar and turbulent lines: where the first step of a search goes. */
  private static final double USUAL_EXPONENT = 1.3;

  public OilCircuit {
    lines = List.copyOf(lines);
  }

  /**
   * @param flow as found, hot, m³/s
   * @param found lines to the in-tank cooler and back
   * @param maxPressure at which the circuit stops flowing, Pa
   * @param hoses of what is fitted; none where nothing is
   */
  public static OilCircuit of(
      double flow, Line found, double maxPressure, List<Line> hoses, TransmissionFluid oil) {
    PumpCircuit pump = PumpCircuit.measured(flow, found.pressureDrop(flow, oil, HOT), maxPressure);
    List<Line> all = new java.util.ArrayList<>(hoses);
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
    for (Line line : lines) {
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
    double free = pump.freeFlow();
    double low = 0;
    double high = free;
    double q = near > 0 && near < free ? near : free / 2;
    double before = Double.NaN;
    double leftBefore = Double.NaN;
    for (int i = 0; i < MAX_STEPS; i++) {
      double drop = lineDrop(q, oil, temperature) + cores.applyAsDouble(q);
      double used = drop / pump.maxPressure();
      double left = 1 - used - q / free * (q / free);
      if (Math.abs(left) <= FLOW_TOLERANCE) {
        return q;
      }
      if (left > 0) {
        low = q;
      } else {
        high = q;
      }
      double slope = (left - leftBefore) / (q - before);
      if (!(slope < 0)) {
        slope = -(USUAL_EXPONENT * used + 2 * q / free * (q / free)) / q;
      }
      double next = q - left / slope;
      if (!(next > low && next < high)) {
        next = (low + high) / 2;
      }
      before = q;
      leftBefore = left;
      q = next;
    }
    return q;
  }
}
