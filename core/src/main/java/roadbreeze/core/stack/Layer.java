package roadbreeze.core.stack;

import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.problem.Range;

/**
 * One core in the pack.
 *
 * @param blockedFraction share of the face shut by dirt or bent fins, 0 to 0.9; the rest runs faster
 */
public record Layer(
    String name, Rectangle outline, LouvredFin fin, double blockedFraction, LayerRole role) {
  public static final Range BLOCKED = new Range("blocked share of fins", 0, 0.9, "");

  public Layer {
    BLOCKED.require(blockedFraction);
  }
}
