package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Follows the current through a solved circuit, always where most of it goes. */
final class CurrentPath {
  /** Less is nothing, A. */
  private static final double NOTHING = 1e-6;

  private final Scheme scheme;
  private final Solved solved;
  private final Set<String> seen = new HashSet<>();
  private final List<String> along = new ArrayList<>();

  private CurrentPath(Scheme scheme, Solved solved) {
    this.scheme = scheme;
    this.solved = solved;
  }

  /** Ids of wires and parts by which a node is fed, from it back to the battery. */
  static List<String> into(String node, Scheme scheme, Solved solved) {
    CurrentPath path = new CurrentPath(scheme, solved);
    path.follow(node, -1);
    return path.along;
  }

  /** Ids of all that is on the way of the current through a wire, from where it comes to earth. */
  static List<String> along(Run run, Scheme scheme, Solved solved) {
    boolean forward = solved.amperes(run.id()) > 0;
    List<String> along = into(forward ? run.from() : run.to(), scheme, solved);
    CurrentPath on = new CurrentPath(scheme, solved);
    on.follow(forward ? run.to() : run.from(), 1);
    along.add(run.id());
    along.addAll(on.along);
    return along;
  }

  /** A wire or contact as it is passed. */
  private record Step(String id, String next, double amperes) {}

  /**
   * @param way 1 with the current, -1 against it
   */
  private void follow(String start, int way) {
    Optional<String> node = Optional.of(start);
    while (node.isPresent() && seen.add(node.get())) {
      Optional<Step> step = strongest(node.get(), way);
      step.ifPresent(s -> along.add(s.id));
      node = step.map(Step::next);
    }
  }

  private Optional<Step> strongest(String node, int way) {
    List<Step> steps = new ArrayList<>();
    for (Run r : scheme.runs()) {
      ends(r.id(), r.from(), r.to(), node, way, steps);
    }
    for (Scheme.Placed p : scheme.parts()) {
      Part part = p.part();
      if (part instanceof Part.Relay) {
        ends(part.id(), part.at("30"), part.at("87"), node, way, steps);
        ends(part.id(), part.at("30"), part.at("87a"), node, way, steps);
        ends(part.id() + "/coil", part.at("86"), part.at("85"), node, way, steps);
      } else if (part instanceof Part.Controller) {
        ends(part.id(), part.at("15"), part.at("87"), node, way, steps);
      } else if (part instanceof Part.Motor m) {
        ends(m.id(), m.at("+"), m.at("-"), node, way, steps);
      } else if (part instanceof Part.Thread t) {
        ends(t.id(), t.terminal(), Proposal.BATTERY + ":-", node, way, steps);
      } else {
        ends(part.id(), part.at("1"), part.at("2"), node, way, steps);
      }
    }
    return steps.stream().max(Comparator.comparingDouble(Step::amperes));
  }

  private void ends(String id, String from, String to, String node, int way, List<Step> steps) {
    double amperes = solved.amperes(id);
    boolean leaves = node.equals(from) ? amperes * way > NOTHING : amperes * way < -NOTHING;
    if ((node.equals(from) || node.equals(to)) && leaves) {
      String next = node.equals(from) ? to : from;
      steps.add(new Step(id, next, Math.abs(amperes)));
    }
  }
}
