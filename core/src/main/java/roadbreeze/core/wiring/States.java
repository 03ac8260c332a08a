package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A circuit in each of its situations. */
public record States(Network network, List<Solved> solved) {

  /** Situations in which the same contacts are closed are one circuit, and solved once. */
  public static States of(Network network, List<Situation> situations) {
    Map<List<Object>, Solved> known = new HashMap<>();
    List<Solved> solved = new ArrayList<>();
    for (Situation s : situations) {
      Solved rest = known.computeIfAbsent(closed(network.scheme(), s), c -> network.in(s));
      solved.add(new Solved(s, rest.solution(), rest.pulled(), rest.drawn(), rest.restless()));
    }
    return new States(network, solved);
  }

  private static List<Object> closed(Scheme scheme, Situation s) {
    List<Object> closed = new ArrayList<>(List.of(s.key()));
    for (Scheme.Placed placed : scheme.parts()) {
      if (placed.part() instanceof Part.Contact c) {
        closed.add(c.when().in(s));
      } else if (placed.part() instanceof Part.Controller c) {
        closed.add(c.when().in(s));
      } else if (placed.part() instanceof Part.Line l) {
        closed.add(l.kind().when().in(s));
      } else if (placed.part() instanceof Part.Module m) {
        closed.add(m.ramp().duty(s, false, false));
      }
    }
    return closed;
  }

  /** The most current through a wire or part in any of them, either way, A. */
  public double most(String id) {
    return solved.stream().mapToDouble(s -> Math.abs(s.amperes(id))).max().orElse(0);
  }
}
