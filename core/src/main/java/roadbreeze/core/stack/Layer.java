package roadbreeze.core.stack;

import roadbreeze.core.exchanger.FinSurface;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * One core in the pack.
 *
 * @param blockedFraction share of the face shut by dirt or bent fins, 0 to 0.9; the rest runs
 *     faster
 * @param openGap unsealed gap behind it through which air gets round the core, m; 0 when tight or
 *     sealed. Counts only for a core that nothing stands in front of
 */
public record Layer(
    Name name,
    Rectangle outline,
    FinSurface fin,
    double blockedFraction,
    LayerRole role,
    double openGap) {
  public static final Range BLOCKED = new Range(Quantity.FINS_BLOCKED, 0, 0.9);
  public static final Range OPEN_GAP = new Range(Quantity.OPEN_GAP, 0, 0.3);

  public Layer {
    BLOCKED.require(blockedFraction);
    OPEN_GAP.require(openGap);
  }

  /** A layer that stands tight or sealed. */
  public Layer(
      Name name, Rectangle outline, FinSurface fin, double blockedFraction, LayerRole role) {
    this(name, outline, fin, blockedFraction, role, 0);
  }
}
