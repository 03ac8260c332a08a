package roadbreeze.core.nose;

/**
 * A thing may be put elsewhere.
 *
 * @param time of hands, s
 */
public record Move(double time, Needs needs) {
  /** What it takes beside time. */
  public enum Needs {
    NOTHING,
    LONGER_WIRE,
    LONGER_HOSE,
    LONGER_CABLE,
    NEW_HOLE,
    NEW_BRACKET
  }
}
