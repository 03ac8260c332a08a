package roadbreeze.core.wiring;

import java.util.List;
import java.util.Optional;

/**
 * A circuit as it is made: parts, and wires between their terminals. What stands still is here; how
 * it behaves is asked of {@link Network}.
 */
public record Scheme(List<Placed> parts, List<Run> runs) {
  /**
   * A part in its place.
   *
   * @param device id of what it is there for, empty where all share it
   */
  public record Placed(Part part, String device, Spot spot) {}

  public Scheme {
    parts = List.copyOf(parts);
    runs = List.copyOf(runs);
  }

  /** The part that a node is a terminal of. */
  public Placed at(String node) {
    String id = node.substring(0, node.lastIndexOf(':'));
    return find(id).orElseThrow();
  }

  public Optional<Placed> find(String id) {
    return parts.stream().filter(p -> p.part().id().equals(id)).findFirst();
  }

  /** Parts of one sort. */
  public <T extends Part> List<T> all(Class<T> sort) {
    return parts.stream().map(Placed::part).filter(sort::isInstance).map(sort::cast).toList();
  }
}
