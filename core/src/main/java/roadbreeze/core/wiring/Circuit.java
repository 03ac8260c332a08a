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
   * Chops what it is fed with so fast that what hangs on it sees a share of it; what it takes at
   * its input is the same share of what it gives, by its freewheel.
   *
   * @param from its input
   * @param to its output
   * @param minus its earth
   * @param duty share of the time that it conducts, 0…1
   * @param ohms while it does
   */
  public record Chopper(String id, String from, String to, String minus, double duty, double ohms)
      implements Element {}

  /**
   * Volts of each node over earth; amperes through each element, from its first node to its second;
   * of a chopper those that it gives.
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

  /** With less voltage a motor stands still, and is a resistance, V. */
  private static final double LITTLE = 1e-2;

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
      if (e instanceof Chopper c) {
        place(c.minus, places);
      }
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
      if (e instanceof Chopper c) {
        chop(c, places, siemens);
        continue;
      }
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

  /**
   * It drives duty·(from − minus) − (to − minus) through its ohms; the shares give what goes where.
   */
  private static void chop(Chopper c, Map<String, Integer> places, Array2DRowRealMatrix siemens) {
    String[] nodes = {c.from, c.to, c.minus};
    double[] shares = {c.duty, -1, 1 - c.duty};
    for (int i = 0; i < nodes.length; i++) {
      for (int j = 0; j < nodes.length; j++) {
        Integer a = places.get(nodes[i]);
        Integer b = places.get(nodes[j]);
        if (a != null && b != null) {
          siemens.addToEntry(a, b, shares[i] * shares[j] / c.ohms);
        }
      }
    }
  }

  private static double conductance(Element e, double across, boolean on) {
    if (e instanceof Resistance r) {
      return 1 / r.ohms;
    } else if (e instanceof Source s) {
      return 1 / s.ohms;
    } else if (e instanceof Motor m) {
      double still = m.amperes * LITTLE / (m.volts * m.volts);
      return Math.abs(across) < LITTLE ? still : 2 * still * Math.abs(across) / LITTLE;
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
      return m.amperes * across * Math.max(LITTLE, Math.abs(across)) / (m.volts * m.volts);
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
      through.put(
          e.id(),
          e instanceof Chopper c
              ? (c.duty * at(c.from, places, volts)
                      - at(c.to, places, volts)
                      + (1 - c.duty) * at(c.minus, places, volts))
                  / c.ohms
              : current(e, across, on[i]));
    }
    return new Solution(nodes, through);
  }
}
