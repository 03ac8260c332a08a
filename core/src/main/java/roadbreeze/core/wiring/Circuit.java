package roadbreeze.core.wiring;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import roadbreeze.core.problem.Problem;

/**
 * A direct-current network as it stands in one state of its switches, solved by nodal analysis. An
 * open switch is an element that is not there.
 *
 * @param earth the node whose voltage is none
 * @param elements each between two nodes
 */
public record Circuit(String earth, List<Element> elements) {
  public Circuit {
    elements = List.copyOf(elements);
  }

  /** What carries current from one node to another. */
  public sealed interface Element {
    /** Known by it. */
    String id();

    String from();

    String to();
  }

  /**
   * A wire, contact, fuse, coil or lamp.
   *
   * @param ohms more than none
   */
  public record Resistance(String id, String from, String to, double ohms) implements Element {}

  /**
   * A battery, or an alternator.
   *
   * @param from its minus
   * @param to its plus
   * @param volts without load
   * @param ohms inside
   */
  public record Source(String id, String from, String to, double volts, double ohms)
      implements Element {}

  /** Conducts one way, and keeps 0.7 V. */
  public record Diode(String id, String from, String to) implements Element {}

  /**
   * A fan's motor: what it turns asks torque as the square of its speed, so that its current grows
   * as the square of its voltage. Turned about it runs backwards.
   *
   * @param amperes at its rated voltage
   */
  public record Motor(String id, String from, String to, double amperes, double volts)
      implements Element {}

  /**
   * Volts of each node over earth; amperes through each element, from its first node to its second.
   */
  public record Solution(Map<String, Double> volts, Map<String, Double> amperes) {
    /** Of one element, A. */
    public double current(String element) {
      return amperes.get(element);
    }

    /** Of one node over earth, V. */
    public double voltage(String node) {
      return volts.get(node);
    }
  }

  /** What a diode keeps, V, and its resistance beyond that, Ω; physics of silicon, rounded. */
  private static final double DIODE = 0.7;

  private static final double DIODE_OHMS = 1e-3;

  /** A node that nothing leads to is held to earth by so much, S. */
  private static final double LEAK = 1e-12;

  /** Newton's tangent of a motor at rest is that of so much voltage, V. */
  private static final double LITTLE = 1e-3;

  private static final int MOST_STEPS = 200;

  /** Voltages that move by less are settled, V. */
  private static final double CLOSE = 1e-9;

  /**
   * @throws roadbreeze.core.problem.NotConvergedException where no state of its diodes holds
   */
  public Solution solve() {
    Map<String, Integer> places = new LinkedHashMap<>();
    for (Element e : elements) {
      place(e.from(), places);
      place(e.to(), places);
    }
    double[] volts = new double[places.size()];
    boolean[] on = new boolean[elements.size()];
    for (int step = 0; step < MOST_STEPS; step++) {
      double[] next = step(places, volts, on);
      double moved = 0;
      for (int i = 0; i < next.length; i++) {
        moved = Math.max(moved, Math.abs(next[i] - volts[i]));
      }
      volts = next;
      if (!switched(places, volts, on) && moved < CLOSE) {
        return solution(places, volts, on);
      }
    }
    throw Problem.CIRCUIT_UNSETTLED.unsettled();
  }

  private void place(String node, Map<String, Integer> places) {
    if (!node.equals(earth)) {
      places.putIfAbsent(node, places.size());
    }
  }

  private double[] step(Map<String, Integer> places, double[] volts, boolean[] on) {
    int n = places.size();
    Array2DRowRealMatrix siemens = new Array2DRowRealMatrix(n, n);
    ArrayRealVector amperes = new ArrayRealVector(n);
    for (int i = 0; i < n; i++) {
      siemens.addToEntry(i, i, LEAK);
    }
    for (int i = 0; i < elements.size(); i++) {
      Element e = elements.get(i);
      double across = at(e.from(), places, volts) - at(e.to(), places, volts);
      double conducts = conductance(e, across, on[i]);
      double free = current(e, across, on[i]) - conducts * across;
      Integer a = places.get(e.from());
      Integer b = places.get(e.to());
      if (a != null) {
        siemens.addToEntry(a, a, conducts);
        amperes.addToEntry(a, -free);
      }
      if (b != null) {
        siemens.addToEntry(b, b, conducts);
        amperes.addToEntry(b, free);
      }
      if (a != null && b != null) {
        siemens.addToEntry(a, b, -conducts);
        siemens.addToEntry(b, a, -conducts);
      }
    }
    return new LUDecomposition(siemens, 0).getSolver().solve(amperes).toArray();
  }

  private static double conductance(Element e, double across, boolean on) {
    if (e instanceof Resistance r) {
      return 1 / r.ohms;
    } else if (e instanceof Source s) {
      return 1 / s.ohms;
    } else if (e instanceof Motor m) {
      return 2 * m.amperes * Math.max(Math.abs(across), LITTLE) / (m.volts * m.volts);
    }
    return on ? 1 / DIODE_OHMS : 0;
  }

  /** Through it from its first node to its second. */
  private static double current(Element e, double across, boolean on) {
    if (e instanceof Resistance r) {
      return across / r.ohms;
    } else if (e instanceof Source s) {
      return (across + s.volts) / s.ohms;
    } else if (e instanceof Motor m) {
      return m.amperes * across * Math.abs(across) / (m.volts * m.volts);
    }
    return on ? (across - DIODE) / DIODE_OHMS : 0;
  }

  /** Turns the diodes that stand the wrong way; true where there was any. */
  private boolean switched(Map<String, Integer> places, double[] volts, boolean[] on) {
    boolean any = false;
    for (int i = 0; i < on.length; i++) {
      if (elements.get(i) instanceof Diode d) {
        double across = at(d.from, places, volts) - at(d.to, places, volts);
        if (on[i] != across > DIODE) {
          on[i] = !on[i];
          any = true;
        }
      }
    }
    return any;
  }

  private double at(String node, Map<String, Integer> places, double[] volts) {
    return node.equals(earth) ? 0 : volts[places.get(node)];
  }

  private Solution solution(Map<String, Integer> places, double[] volts, boolean[] on) {
    Map<String, Double> nodes = new LinkedHashMap<>();
    nodes.put(earth, 0.0);
    places.forEach((node, i) -> nodes.put(node, volts[i]));
    Map<String, Double> through = new LinkedHashMap<>();
    for (int i = 0; i < on.length; i++) {
      Element e = elements.get(i);
      double across = at(e.from(), places, volts) - at(e.to(), places, volts);
      through.put(e.id(), current(e, across, on[i]));
    }
    return new Solution(nodes, through);
  }
}
