package roadbreeze.server.parts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import roadbreeze.core.explain.Finding;

/** Counts what is alike, in the order in which it first comes. */
public final class Needs {
  private record Counted(DoubleFunction<Need> says, double quantity) {
    Counted and(double more) {
      return new Counted(says, quantity + more);
    }
  }

  private final Map<List<Object>, Counted> lines = new LinkedHashMap<>();

  /**
   * @param says it with its quantity; what says one thing of two is one line
   */
  public void add(
      SupplyPart.What what, double size, double quantity, DoubleFunction<Finding> says) {
    add(quantity, q -> Need.of(says.apply(q), what, size, q));
  }

  /** A part with a price of its own. */
  public void part(double each, double quantity, DoubleFunction<Finding> says) {
    add(quantity, q -> Need.part(says.apply(q), q, each));
  }

  private void add(double quantity, DoubleFunction<Need> says) {
    lines.merge(
        List.of(says.apply(1)), new Counted(says, quantity), (had, more) -> had.and(more.quantity));
  }

  public List<Need> all() {
    List<Need> all = new ArrayList<>();
    lines.values().forEach(line -> all.add(line.says.apply(line.quantity)));
    return all;
  }
}
