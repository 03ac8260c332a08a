package roadbreeze.core.sizing;

/** How a peak stands to its limit. */
public enum Standing {
  /** Kept in at least nine of ten cases. */
  HOLDS,
  /** Kept as computed, but not in nine of ten cases. */
  MARGINAL,
  /** Broken as computed. */
  OVER
}
